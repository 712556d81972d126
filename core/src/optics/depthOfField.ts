import { CIRCLE_35_MM, DIAGONAL_35_MM } from './circleOfConfusion';
import type { LensModel } from './lenses';

/** A lens as the formulas of depth of field see it; millimetres. */
export interface ThinLens {
  readonly focalLengthMm: number;
  readonly fNumber: number;
}

/** Near and far limit of what looks sharp, in metres; the far one may be Infinity. */
export interface SharpZone {
  readonly nearM: number;
  readonly farM: number;
}

/**
 * Circle of confusion of a sensor in mm: 0.030 mm on 36 x 24 mm, scaled by the diagonal (common
 * practice). A crop is enlarged more, so its circle is smaller.
 */
export function circleOfConfusionMm({ sensor }: Pick<LensModel, 'sensor'>, crop = 1): number {
  const diagonalMm = (Math.hypot(sensor.widthPx, sensor.heightPx) * sensor.pixelPitchUm) / 1000;
  return (CIRCLE_35_MM * diagonalMm) / DIAGONAL_35_MM / crop;
}

/** Hyperfocal distance in metres: H = f^2 / (N c) + f. */
export const hyperfocalM = ({ focalLengthMm: f, fNumber }: ThinLens, circleMm: number): number =>
  ((f * f) / (fNumber * circleMm) + f) / 1000;

/**
 * What looks sharp around a focused distance: near = s (H - f) / (H + s - 2 f), far = s (H - f) /
 * (H - s), infinite from s = H on.
 *
 * @param distanceM focused distance; Infinity allowed. Throws RangeError when it is not beyond the
 *   focal length.
 */
export function sharpZone(lens: ThinLens, circleMm: number, distanceM: number): SharpZone {
  const f = lens.focalLengthMm / 1000;
  if (!(distanceM > f)) throw new RangeError('the focused distance lies inside the lens');
  const h = hyperfocalM(lens, circleMm);
  if (distanceM === Infinity) return { nearM: h - f, farM: Infinity };
  return {
    nearM: (distanceM * (h - f)) / (h + distanceM - 2 * f),
    farM: distanceM >= h ? Infinity : (distanceM * (h - f)) / (h - distanceM),
  };
}
