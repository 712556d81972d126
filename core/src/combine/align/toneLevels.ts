import type { StackRaw } from '../stackRaw';

/** What a frame shows at one size: tones in stops, and how much each can be relied on. */
export interface ToneLevel {
  readonly width: number;
  readonly height: number;
  readonly tone: Float32Array;
  /** 0 where it clips, less where there is noise; 1 at most. */
  readonly weight: Float32Array;
}

/** Shorter side of the smallest level. */
const MIN_SIDE_PX = 40;
/** Tones are not told apart more finely than this, in stops, whatever noise says. */
export const FINEST_STOPS = 0.04;
/** Tones noisier than this are not looked at. */
const NOISIEST_STOPS = 0.15;
/** From here on a photosite counts as clipped: what lies beside it may be. */
const NEAR_WHITE = 0.97;
const PER_LN2 = 1 / Math.LN2;
/** How quickly a place counts less the more of it clips. */
const CLIPPED_COUNTS = 4;

interface LightLevel {
  readonly width: number;
  readonly height: number;
  /** Shares of the range, `white` where it clips. */
  readonly light: Float32Array;
  /** Share of each that clips. */
  readonly clipped: Float32Array;
}

/** Green of a mosaic's squares, or of pixels: the colour with most light, and least noise. */
function greenLight(frame: StackRaw, white: number): LightLevel {
  const { data, width, height, samplesPerPixel, blackLevel, whiteLevel } = frame;
  const unit = 1 / (whiteLevel - blackLevel);
  const near = blackLevel + NEAR_WHITE * white * (whiteLevel - blackLevel);
  const square = samplesPerPixel === 1;
  const [w, h] = square ? [width >> 1, height >> 1] : [width, height];
  const light = new Float32Array(w * h);
  const clipped = new Float32Array(w * h);
  for (let y = 0, o = 0; y < h; y++)
    for (let x = 0; x < w; x++, o++) {
      const i = square ? 2 * (y * width + x) : 3 * o;
      const [p, q] = [data[i], data[i + 1]];
      const [r, s] = square ? [data[i + width], data[i + width + 1]] : [q, data[i + 2]];
      if (p > near || q > near || r > near || s > near) clipped[o] = 1;
      light[o] = clipped[o] ? white : Math.max(0, ((q + r) / 2 - blackLevel) * unit);
    }
  return { width: w, height: h, light, clipped };
}

/** A plane at half the size. */
function halvedPlane(plane: Float32Array, width: number, height: number): Float32Array {
  const [w, h] = [width >> 1, height >> 1];
  const half = new Float32Array(w * h);
  for (let y = 0, o = 0; y < h; y++)
    for (let x = 0, i = 2 * y * width; x < w; x++, i += 2, o++)
      half[o] = (plane[i] + plane[i + 1] + plane[i + width] + plane[i + width + 1]) / 4;
  return half;
}

const halved = ({ width, height, light, clipped }: LightLevel): LightLevel => ({
  width: width >> 1,
  height: height >> 1,
  light: halvedPlane(light, width, height),
  clipped: halvedPlane(clipped, width, height),
});

/** Smoothed by [1 2 1] both ways: what is finer than a pixel cannot be followed between pixels. */
function smoothed(plane: Float32Array, width: number, height: number): Float32Array {
  const out = plane.slice();
  for (let y = 1; y < height - 1; y++)
    for (let x = 1, i = y * width + 1; x < width - 1; x++, i++) {
      const [above, below] = [i - width, i + width];
      out[i] =
        (4 * plane[i] +
          2 * (plane[i - 1] + plane[i + 1] + plane[above] + plane[below]) +
          (plane[above - 1] + plane[above + 1] + plane[below - 1] + plane[below + 1])) /
        16;
    }
  return out;
}

/** Tones of a frame at one size. */
function tonesOf(level: LightLevel, frame: StackRaw, variance: number): ToneLevel {
  const { width, height } = level;
  const light = smoothed(level.light, width, height);
  const clipped = smoothed(level.clipped, width, height);
  const tone = new Float32Array(light.length);
  const weight = new Float32Array(light.length);
  const { scale, offset } = frame.noise;
  const floor = Math.sqrt(offset * variance) + 1e-9;
  for (let i = 0; i < light.length; i++) {
    const held = light[i] > floor ? light[i] : floor;
    tone[i] = Math.log2(held);
    const sigma = (Math.sqrt((scale * held + offset) * variance) / held) * PER_LN2;
    // The mean of a logarithm is lower where there is more noise.
    if (sigma > NOISIEST_STOPS) continue;
    weight[i] = (1 - clipped[i]) ** CLIPPED_COUNTS / (1 + (sigma / FINEST_STOPS) ** 2);
  }
  return { width, height, tone, weight };
}

/** Share of a photosite's variance that is left: two greens of a mosaic, and nine smoothed. */
const varianceOf = ({ samplesPerPixel }: StackRaw): number =>
  (samplesPerPixel === 3 ? 1 : 0.5) * 0.14;

/** Pixels of a frame's largest level: its own, or the squares of its mosaic. */
export const levelSize = ({ width, height, samplesPerPixel }: StackRaw) =>
  samplesPerPixel === 3 ? { width, height } : { width: width >> 1, height: height >> 1 };

/**
 * Tones of a frame at every size, the larger first: stops, so that another exposure is an even
 * difference, weighted by the inverse of their variance, and hardly where photosites clip.
 *
 * @param halvings how often the largest of them has been halved
 * @param white share of the range at which it is taken to clip
 */
export function toneLevels(frame: StackRaw, halvings: number, white: number): ToneLevel[] {
  const levels: ToneLevel[] = [];
  let level = greenLight(frame, white);
  for (let n = 0; ; n++, level = halved(level)) {
    const isSmallest = Math.min(level.width, level.height) <= MIN_SIDE_PX;
    if (n >= halvings || isSmallest) levels.push(tonesOf(level, frame, varianceOf(frame) / 4 ** n));
    if (isSmallest) return levels;
  }
}

/** Tones of a frame halved so many times, alone. */
export function toneLevel(frame: StackRaw, halvings: number, white: number): ToneLevel {
  let level = greenLight(frame, white);
  for (let n = 0; n < halvings; n++) level = halved(level);
  return tonesOf(level, frame, varianceOf(frame) / 4 ** halvings);
}
