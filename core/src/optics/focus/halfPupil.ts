import type { LightPlane } from '../../sensor/lightPlane';
import { blurRadiusPx, MAX_BLUR_PX, type Defocus } from '../defocus';

/**
 * Distance between the centroids of a disc's halves, as a share of its diameter: 4 / (3 pi)
 * (geometry).
 */
export const HALF_PUPIL_SHARE = 4 / (3 * Math.PI);

/** What the two halves of the lens' pupil show of a piece of a picture, in strips of rows. */
export interface HalfPupilViews {
  readonly width: number;
  readonly strips: number;
  /** Light through the left and the right half, `width * strips`, summed over a strip's rows. */
  readonly left: Float32Array;
  readonly right: Float32Array;
}

/** The part of a plane that is looked at: what lies about it spreads into it. */
export interface PhasePart {
  readonly column: number;
  readonly row: number;
  readonly width: number;
  readonly height: number;
}

/** Blur of a smaller radius is a point. */
const POINT_PX = 0.5;
const GREEN = 1;

/**
 * What phase detection sees: the green light of a plane through each half of the pupil, every pixel
 * spread over the half disc of its own defocus. What lies nearer than the focus comes to lie on the
 * right in the left view, what lies beyond it on the left.
 *
 * @param stripRows rows that are summed
 */
export function halfPupilViews(
  plane: LightPlane,
  defocus: Defocus,
  part: PhasePart,
  stripRows: number,
): HalfPupilViews {
  const strips = Math.floor(part.height / stripRows);
  const side = plane.width + 2;
  // Slopes of the sums: where light begins and ends, so that a spread costs two steps.
  const [leftSlopes, rightSlopes] = [0, 1].map(() => new Float32Array(side * strips));
  const rows = strips * stripRows;
  // Neighbours are mostly as far away as each other.
  let [measured, whole] = [NaN, 0];
  for (let y = -part.row, i = 0; y < plane.height - part.row; y++)
    for (let x = 0; x < plane.width; x++, i++) {
      const light = 0.5 * plane.rgb[3 * i + GREEN];
      const radius = blurRadiusPx(defocus, plane.depthM[i]);
      const reach = Math.min(MAX_BLUR_PX, Math.max(POINT_PX, Math.abs(radius)));
      const isPoint = Math.abs(radius) < POINT_PX;
      const first = Math.max(0, Math.ceil(y - reach + 0.5));
      const last = Math.min(rows - 1, Math.floor(y + reach - 0.5));
      const [near, far] = radius > 0 ? [leftSlopes, rightSlopes] : [rightSlopes, leftSlopes];
      if (reach !== measured) [measured, whole] = [reach, wholeOf(reach)];
      for (let r = first; r <= last; r++) {
        const wide = halfWidth(reach, r - y);
        const base = Math.floor(r / stripRows) * side;
        const density = light / whole;
        const back = isPoint ? wide : 0;
        const share = isPoint ? density / 2 : density;
        spread(near, base, plane.width, x - back, x + wide, share);
        spread(far, base, plane.width, x - wide, x + back, share);
      }
    }
  return {
    width: part.width,
    strips,
    left: sums(leftSlopes, side, strips, part),
    right: sums(rightSlopes, side, strips, part),
  };
}

function sums(slopes: Float32Array, side: number, strips: number, part: PhasePart): Float32Array {
  const view = new Float32Array(part.width * strips);
  for (let s = 0; s < strips; s++) {
    let sum = 0;
    for (let x = 0; x < part.column + part.width; x++) {
      sum += slopes[s * side + x];
      if (x >= part.column) view[s * part.width + x - part.column] = sum;
    }
  }
  return view;
}

/** Area of a half disc as its rows have it. */
function wholeOf(radius: number): number {
  let sum = 0;
  for (let dy = Math.ceil(-radius + 0.5); dy <= Math.floor(radius - 0.5); dy++)
    sum += halfWidth(radius, dy);
  return sum;
}

const halfWidth = (radius: number, dy: number): number =>
  Math.sqrt(Math.max(0, radius * radius - dy * dy));

/** Adds a density between two places to the slopes of a row of sums. */
function spread(
  slopes: Float32Array,
  base: number,
  width: number,
  from: number,
  to: number,
  density: number,
): void {
  step(slopes, base, width, from + 0.5, density);
  step(slopes, base, width, to + 0.5, -density);
}

function step(slopes: Float32Array, base: number, width: number, at: number, by: number): void {
  const place = Math.min(width, Math.max(0, at));
  const whole = Math.floor(place);
  const part = place - whole;
  slopes[base + whole] += by * (1 - part);
  slopes[base + whole + 1] += by * part;
}
