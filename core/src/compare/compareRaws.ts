import type { NoiseProfile } from '../sensor/noiseProfile';
import { CFA_RGGB } from '../sensor/sensorModel';

/** A raw as far as it is compared with another. */
export interface ComparedRaw {
  /** A Bayer mosaic (RGGB, one sample a photosite) or interleaved linear RGB. */
  readonly raw: Uint16Array;
  readonly width: number;
  readonly samplesPerPixel: 1 | 3;
  readonly blackLevel: number;
  readonly whiteLevel: number;
  /** As the file says it; null: not known. */
  readonly noise: NoiseProfile | null;
}

/** How the second of two raws differs from the first, in one channel. */
export interface ChannelDifference {
  /**
   * Stops by which it is brighter, where neither clips and both are above the noise; NaN: nowhere.
   */
  readonly stops: number;
  /** Share of photosites whose values differ at all. */
  readonly differing: number;
}

export interface RawComparison {
  /** Red, green, blue. */
  readonly channels: readonly [ChannelDifference, ChannelDifference, ChannelDifference];
  /** Share of all photosites whose values differ. */
  readonly differing: number;
  /** Largest difference of two values, in steps of the first raw. */
  readonly largest: number;
  /** Steps from black to white of the first raw. */
  readonly range: number;
  /**
   * Root mean square of what is left when the difference in brightness is taken away, over what the
   * noise of both gives: about 1 where they show the same. Null where a file does not tell its
   * noise.
   */
  readonly overNoise: number | null;
}

/** Photosites darker than this, as a share of the range, say little about brightness. */
const MIN_SIGNAL = 0.004;
/** Nearer to clipping than this a photosite may be cut off. */
const MAX_SIGNAL = 0.98;

/** Sums over the photosites of one channel. */
interface Sums {
  n: number;
  differing: number;
  first: number;
  second: number;
}

/**
 * Compares two raws photosite by photosite; values of the second are brought to the steps of the
 * first. RangeError where they have different sizes or kinds.
 */
export function compareRaws(a: ComparedRaw, b: ComparedRaw): RawComparison {
  if (a.raw.length !== b.raw.length || a.width !== b.width)
    throw new RangeError('the raws have different sizes');
  if (a.samplesPerPixel !== b.samplesPerPixel) throw new RangeError('the raws differ in kind');
  const range = a.whiteLevel - a.blackLevel;
  const scale = range / (b.whiteLevel - b.blackLevel);
  const sums = [0, 1, 2].map((): Sums => ({ n: 0, differing: 0, first: 0, second: 0 }));
  const phases = a.samplesPerPixel === 1 ? 2 : 3;
  const rowLength = a.width * a.samplesPerPixel;
  const [low, high] = [MIN_SIGNAL * range, MAX_SIGNAL * range];
  let largest = 0;
  const rows = a.raw.length / rowLength;
  for (let y = 0; y < rows; y++)
    for (let phase = 0; phase < phases; phase++) {
      const sum = sums[channelOf(a, y, phase)];
      for (let i = y * rowLength + phase; i < (y + 1) * rowLength; i += phases) {
        const first = a.raw[i] - a.blackLevel;
        const second = (b.raw[i] - b.blackLevel) * scale;
        const apart = Math.abs(second - first);
        if (apart > largest) largest = apart;
        if (apart !== 0) sum.differing++;
        sum.n++;
        if (first < low || second < low || first > high || second > high) continue;
        sum.first += first;
        sum.second += second;
      }
    }
  const photosites = sums.reduce((total, { n }) => total + n, 0);
  const channel = ({ n, differing, first, second }: Sums): ChannelDifference => ({
    stops: Math.log2(second / first),
    differing: differing / Math.max(1, n),
  });
  return {
    channels: [channel(sums[0]), channel(sums[1]), channel(sums[2])],
    differing: sums.reduce((total, { differing }) => total + differing, 0) / photosites,
    largest: Math.round(largest),
    range,
    overNoise: overNoise(a, b, sums),
  };
}

/** Channel of a row's phase: of a mosaic by its place, of linear RGB by its sample. */
const channelOf = ({ samplesPerPixel }: ComparedRaw, y: number, phase: number): number =>
  samplesPerPixel === 1 ? CFA_RGGB[((y & 1) << 1) | phase] : phase;

/** What is left of the difference, over what both raws' noise explains. */
function overNoise(a: ComparedRaw, b: ComparedRaw, sums: readonly Sums[]): number | null {
  if (!a.noise || !b.noise) return null;
  const [scaleA, scaleB] = [1 / (a.whiteLevel - a.blackLevel), 1 / (b.whiteLevel - b.blackLevel)];
  const phases = a.samplesPerPixel === 1 ? 2 : 3;
  const rowLength = a.width * a.samplesPerPixel;
  const rows = a.raw.length / rowLength;
  let [left, expected] = [0, 0];
  for (let y = 0; y < rows; y++)
    for (let phase = 0; phase < phases; phase++) {
      const { first, second } = sums[channelOf(a, y, phase)];
      const gain = first > 0 ? second / first : 1;
      for (let i = y * rowLength + phase; i < (y + 1) * rowLength; i += phases) {
        const x = (a.raw[i] - a.blackLevel) * scaleA;
        const v = (b.raw[i] - b.blackLevel) * scaleB;
        if (x > MAX_SIGNAL || v > MAX_SIGNAL) continue;
        const apart = v - gain * x;
        left += apart * apart;
        expected +=
          gain * gain * (a.noise.scale * Math.max(0, x) + a.noise.offset) +
          b.noise.scale * Math.max(0, v) +
          b.noise.offset;
      }
    }
  return expected > 0 ? Math.sqrt(left / expected) : null;
}
