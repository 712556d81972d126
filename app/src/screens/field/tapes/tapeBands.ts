import {
  compReach,
  isoNoise,
  noiseAt,
  noiseDetail,
  timeBands,
  type Band,
} from '@velmo/core/consequence';
import { COMP_CLICKS } from '@velmo/core/settings';
import { derivedStore, type ReadableStore } from '../../../state/derivedStore';
import { fieldStore, readingsStore } from '../session/fieldState';

const contextNow = () => {
  const { capabilities, settings } = fieldStore.get();
  return capabilities?.exposureContext(settings, readingsStore.get()) ?? null;
};

/** What the bands of all tapes are worked out from. */
const dependsOn = (): readonly unknown[] => {
  const { capabilities, settings } = fieldStore.get();
  const readings = readingsStore.get();
  const { lightClicks, isoClick, cosDeclination } = readings ?? {};
  return [capabilities, settings, lightClicks, isoClick, cosDeclination];
};

const ofTapes = <T>(workOut: () => T): ReadableStore<T> =>
  derivedStore([fieldStore, readingsStore], dependsOn, workOut);

const NO_BANDS: readonly Band[] = [];

/** What shutter times do to the picture. */
export const timeBandsNow = ofTapes((): readonly Band[] => {
  const range = fieldStore.get().capabilities?.time;
  const context = contextNow();
  return range && context ? timeBands(context, range) : NO_BANDS;
});

/** What ISO values do to the picture. */
export const isoBandsNow = ofTapes((): readonly Band[] => {
  const range = fieldStore.get().capabilities?.iso;
  const context = contextNow();
  return range && context ? isoNoise(context, range) : NO_BANDS;
});

/** How far compensation can be followed. */
export const compBandsNow = ofTapes((): readonly Band[] => {
  const { capabilities, settings } = fieldStore.get();
  const lightClicks = readingsStore.get()?.lightClicks ?? null;
  const input = lightClicks === null ? null : capabilities?.solverInput(settings, lightClicks);
  return input ? compReach(input, COMP_CLICKS) : NO_BANDS;
});

/** What the tapes say where they stand: the numbers behind the bands, a sentence a line. */
export const consequencesNow = ofTapes((): string => {
  const readings = readingsStore.get();
  const optics = contextNow()?.optics;
  const sentences = timeBandsNow.get().map((band) => band.detail);
  if (optics && readings?.isoClick != null)
    sentences.push(noiseDetail(readings.isoClick, noiseAt(optics, readings.isoClick)));
  return [...new Set(sentences)].join('\n');
});
