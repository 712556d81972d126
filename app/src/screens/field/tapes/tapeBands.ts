import {
  compReach,
  isoNoise,
  noiseAt,
  noiseDetail,
  timeBands,
  type Band,
} from '@velmo/core/consequence';
import { COMP_CLICKS } from '@velmo/core/settings';
import { fieldStore, readingsStore } from '../session/fieldState';

/** The bands of the tapes as they are now, as text: what draws them can compare it. */

const contextNow = () => {
  const { capabilities, settings } = fieldStore.get();
  return capabilities?.exposureContext(settings, readingsStore.get()) ?? null;
};

/**
 * Works a text out again only when something it depends on has changed: readings come thirty times
 * a second.
 */
function remembered(work: () => string): () => string {
  let known: readonly unknown[] = [];
  let text = '[]';
  return () => {
    const { capabilities, settings } = fieldStore.get();
    const readings = readingsStore.get();
    const now = [
      capabilities,
      settings,
      readings?.lightClicks,
      readings?.isoClick,
      readings?.cosDeclination,
    ];
    if (known.length === 0 || now.some((value, i) => value !== known[i])) {
      known = now;
      text = work();
    }
    return text;
  };
}

export const timeBandsText = remembered(() => {
  const range = fieldStore.get().capabilities?.time;
  const context = contextNow();
  return range && context ? JSON.stringify(timeBands(context, range)) : '[]';
});

export const isoBandsText = remembered(() => {
  const range = fieldStore.get().capabilities?.iso;
  const context = contextNow();
  return range && context ? JSON.stringify(isoNoise(context, range)) : '[]';
});

export const compBandsText = remembered(() => {
  const { capabilities, settings } = fieldStore.get();
  const lightClicks = readingsStore.get()?.lightClicks ?? null;
  const input = lightClicks === null ? null : capabilities?.solverInput(settings, lightClicks);
  return input ? JSON.stringify(compReach(input, COMP_CLICKS)) : '[]';
});

/** What the tapes say where they stand: the numbers behind the bands, a sentence a line. */
export const consequencesText = remembered(() => {
  const readings = readingsStore.get();
  const optics = contextNow()?.optics;
  const sentences = (JSON.parse(timeBandsText()) as Band[]).map((band) => band.detail);
  if (optics && readings?.isoClick != null)
    sentences.push(noiseDetail(readings.isoClick, noiseAt(optics, readings.isoClick)));
  return [...new Set(sentences)].join('\n');
});
