import { TranslationAligner } from './alignTranslation';
import type { Plane } from './pyramid';
import type { Shift } from './shift';

/** Standard deviation planes are brought to: that of a picture's codes. */
const SPREAD = 40;
/** A plane that varies by less than this, in stops, shows nothing to align by. */
const MIN_SPREAD_STOPS = 0.02;

/**
 * A plane of light as one of tones: stops, so that another exposure is no more than another mean.
 *
 * @param light signal of every pixel, linear, 0 where there is none
 * @param floor what is darker than this is as dark as this: noise has no tone
 */
export function tonePlane(light: Plane, floor: number): Plane {
  const { width, height } = light;
  return { width, height, data: light.data.map((v) => Math.log2(Math.max(floor, v))) };
}

/** The plane with mean 0 and the spread of a picture's codes; null where it is even. */
function standardised({ data, width, height }: Plane): Plane | null {
  let [sum, squares] = [0, 0];
  for (let i = 0; i < data.length; i++) sum += data[i];
  const mean = sum / data.length;
  for (let i = 0; i < data.length; i++) squares += (data[i] - mean) ** 2;
  const spread = Math.sqrt(squares / data.length);
  if (!(spread > MIN_SPREAD_STOPS)) return null;
  return { width, height, data: data.map((v) => ((v - mean) * SPREAD) / spread) };
}

/**
 * How far the second of two planes of tones has moved against the first, to fractions of a pixel,
 * whatever the exposure of each: see `TranslationAligner`. Null where they have too little in
 * common. Throws RangeError where they differ in size.
 */
export function alignPlanes(first: Plane, second: Plane): Shift | null {
  if (first.width !== second.width || first.height !== second.height)
    throw new RangeError('the planes differ in size');
  const [a, b] = [standardised(first), standardised(second)];
  return a && b ? new TranslationAligner(a).align(b) : null;
}
