import { CLICKS_PER_STOP, formatStops, isoFromClick } from '@velmo/core/exposure';
import { photositeResponse, shareOfSnr } from '@velmo/core/sensor';
import { coverScene, type Coverage, type SceneRange } from '@velmo/core/series';
import { session } from '../session/fieldSession';
import { fieldStore, readingsStore, say } from '../session/fieldState';
import { changeSeries } from './seriesCommands';

/** What the darkest tone may be chosen to have, as signal to noise of a pixel of the file. */
export const SHADOW_SNRS = [1, 2, 4, 10] as const;

/** Clicks under clipping at which a file's pixel reaches an SNR; null without a known sensor. */
function clicksToSnr(snr: number): number | null {
  const { capabilities, settings } = fieldStore.get();
  const readings = readingsStore.get();
  const optics = capabilities?.exposureContext(settings, readings).optics;
  if (!optics || readings?.isoClick == null) return null;
  const response = photositeResponse(
    optics.sensor,
    isoFromClick(readings.isoClick),
    optics.binning,
  );
  return CLICKS_PER_STOP * Math.log2(shareOfSnr(response, snr));
}

/** "5 frames, 2 stops apart: 13 1/3 stops of light." */
export function coveredWords(
  { offsets, stepClicks, missingClicks }: Coverage,
  range: SceneRange,
): string {
  const light = `${formatStops(Math.round(range.brightestClicks - range.darkestClicks))} of light`;
  if (offsets.length === 1) return `One frame holds it: ${light}.`;
  const missing =
    missingClicks > 0 ? ` ${formatStops(missingClicks)} of shadow are left in the noise.` : '';
  return `${offsets.length} frames, ${formatStops(stepClicks)} apart: ${light}.${missing}`;
}

interface SeenCoverage {
  readonly coverage: Coverage;
  readonly range: SceneRange;
}

/** The fewest frames that hold the light the camera looks at; null where it does not know it. */
export async function seenCoverage(snr: number): Promise<SeenCoverage | null> {
  const { allowedShare } = fieldStore.get().preferences.monitors;
  const range = await session.camera?.sceneRange?.(allowedShare).catch(() => null);
  const readings = readingsStore.get();
  if (!range || !readings) return null;
  const clipClicks = CLICKS_PER_STOP * readings.clipStops;
  // A camera that does not tell its noise holds tones from a stop over what it shows as black.
  const under =
    clicksToSnr(snr) ?? CLICKS_PER_STOP * (readings.floorStops + 1 - readings.clipStops);
  return { coverage: coverScene(range, { clipClicks, floorClicks: clipClicks + under }), range };
}

/**
 * Plans the fewest frames, and for them the smallest step, that hold the scene from its brightest
 * texture to its darkest tone at a chosen SNR, and puts the exposure in their middle.
 */
export async function coverTheScene(snr: number): Promise<void> {
  if (fieldStore.get().capabilities?.coversScene === 'by probing')
    say('Looking at the light at several exposures …');
  const seen = await seenCoverage(snr);
  if (!seen) return say('The light has not been read yet.');
  const { coverage, range } = seen;
  const { offsets, stepClicks } = coverage;
  const middle = offsets[Math.floor(offsets.length / 2)];
  if (middle !== 0) session.changeExposure(middle);
  changeSeries(
    offsets.length === 1
      ? { kind: 'single' }
      : { kind: 'bracket', frames: offsets.length, stepClicks, order: 'middle-first' },
  );
  say(coveredWords(coverage, range));
}
