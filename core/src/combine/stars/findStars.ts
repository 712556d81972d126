import { boxMean } from '../finish/guidedFilter';
import type { Plane } from '../pyramid';
import type { StackRaw } from '../stackRaw';

/** A point of light; its place in photosites, counted from the middle of the frame. */
export interface Star {
  readonly x: number;
  readonly y: number;
  /** Light above what surrounds it. */
  readonly light: number;
}

/** No more than the brightest of them are of use. */
const MAX_STARS = 400;
/** A star stands out of noise by so many standard deviations. */
const SIGMAS = 6;
/** And it is so many times as bright as what surrounds it: the ground's texture is not. */
const CONTRAST = 0.6;
/** What lies around a point holds no more than this share of its light. */
const APART = 1 / 3;
/** Radius in squares of what surrounds a point. */
const AROUND = 4;
/** Radius in squares of what belongs to a point. */
const WITHIN = 2;

/** Light of squares of two by two photosites, or pixels. */
function squaresOf(frame: StackRaw): Plane {
  const { data, width, samplesPerPixel: n, blackLevel, whiteLevel } = frame;
  const plane = { width: width >> 1, height: frame.height >> 1 };
  const out = new Float32Array(plane.width * plane.height);
  const unit = 1 / (whiteLevel - blackLevel) / (4 * n);
  for (let y = 0, o = 0; y < plane.height; y++)
    for (let x = 0; x < plane.width; x++, o++) {
      let sum = 0;
      for (let k = 0, i = n * (2 * y * width + 2 * x); k < 2 * n; k++, i++)
        sum += data[i] + data[i + n * width];
      out[o] = (sum - 4 * n * blackLevel) * unit;
    }
  return { ...plane, data: out };
}

/**
 * Stars of a frame, the brightest first: maxima that stand out of noise, at the centroid of their
 * light above what surrounds them.
 */
export function findStars(frame: StackRaw): Star[] {
  const light = squaresOf(frame);
  const { width, height, data } = light;
  const around = boxMean(light, AROUND);
  const { scale, offset } = frame.noise;
  const stars: Star[] = [];
  for (let y = AROUND; y < height - AROUND; y++)
    for (let x = AROUND, i = y * width + AROUND; x < width - AROUND; x++, i++) {
      const above = data[i] - around[i];
      // The mean of four photosites.
      const sigma = Math.sqrt((scale * Math.max(0, around[i]) + offset) / 4);
      const stands = above > SIGMAS * sigma && above > CONTRAST * around[i];
      if (stands && isPeak(data, width, i) && isAlone(data, width, i, around[i] + above * APART))
        stars.push(centroid(data, around[i], width, height, x, y));
    }
  return stars.sort((a, b) => b.light - a.light).slice(0, MAX_STARS);
}

/** Whether nothing beside it is brighter. */
function isPeak(data: Float32Array, width: number, i: number): boolean {
  const v = data[i];
  for (let dy = -1; dy <= 1; dy++)
    for (let dx = -1; dx <= 1; dx++) {
      const w = data[i + dy * width + dx];
      // Of two equal ones the first counts.
      if (w > v || (w === v && (dy < 0 || (dy === 0 && dx < 0)))) return false;
    }
  return true;
}

/** Whether all that lies four squares away is darker than a level: it is a point, not an edge. */
function isAlone(data: Float32Array, width: number, i: number, level: number): boolean {
  for (let d = -AROUND; d <= AROUND; d++)
    if (
      data[i - AROUND * width + d] > level ||
      data[i + AROUND * width + d] > level ||
      data[i + d * width - AROUND] > level ||
      data[i + d * width + AROUND] > level
    )
      return false;
  return true;
}

function centroid(
  data: Float32Array,
  around: number,
  width: number,
  height: number,
  x: number,
  y: number,
): Star {
  let [sum, sx, sy] = [0, 0, 0];
  for (let dy = -WITHIN; dy <= WITHIN; dy++)
    for (let dx = -WITHIN; dx <= WITHIN; dx++) {
      const above = Math.max(0, data[(y + dy) * width + x + dx] - around);
      sum += above;
      sx += above * dx;
      sy += above * dy;
    }
  return {
    x: 2 * (x + sx / sum - (width - 1) / 2),
    y: 2 * (y + sy / sum - (height - 1) / 2),
    light: sum,
  };
}
