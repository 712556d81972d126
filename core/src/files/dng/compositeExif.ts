import type { CompositeFrames } from './description';
import { TAG } from './tags';
import { toRational } from '../tiff/rational';
import type { TiffField } from '../tiff/types';

/** Exif codes of CompositeImage: 3 = made of several frames taken at once. */
const COMPOSITE_CAPTURED = 3;
/** Largest numerator and denominator: times of frames do not need more. */
const RATIONAL_LIMIT = 1e6;

/**
 * What Exif since 2.32 (CIPA DC-008) says of a picture made of several frames. Of frames exposed
 * for different times all are taken to have been used.
 *
 * @param timeS how long each was exposed, where they do not tell
 */
export function compositeFields(
  { taken, used, periodS, timesS }: CompositeFrames,
  timeS: number | undefined,
): TiffField[] {
  const fields: TiffField[] = [
    { tag: TAG.CompositeImage, type: 'SHORT', values: [COMPOSITE_CAPTURED] },
    { tag: TAG.SourceImageNumberOfCompositeImage, type: 'SHORT', values: [taken, used] },
  ];
  const each = timesS ?? (timeS === undefined ? [] : Array.from({ length: taken }, () => timeS));
  if (each.length === 0) return fields;
  // Period, total of all and of used frames, longest and shortest of all and of used frames; then
  // one sequence.
  const total = each.reduce((sum, s) => sum + s, 0);
  const [longest, shortest] = [Math.max(...each), Math.min(...each)];
  const times = [periodS, total, (total * used) / taken, longest, longest, shortest, shortest];
  const bytes = new DataView(new ArrayBuffer(8 * times.length + 4 + 8 * each.length));
  let at = 0;
  const rational = (value: number): void => {
    for (const part of toRational(value, RATIONAL_LIMIT)) {
      bytes.setUint32(at, part, true);
      at += 4;
    }
  };
  times.forEach(rational);
  bytes.setUint16(at, 1, true);
  bytes.setUint16(at + 2, each.length, true);
  at += 4;
  each.forEach(rational);
  fields.push({
    tag: TAG.SourceExposureTimesOfCompositeImage,
    type: 'UNDEFINED',
    values: new Uint8Array(bytes.buffer),
  });
  return fields;
}
