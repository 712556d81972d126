import type { NoiseProfile } from '../sensor/noiseProfile';

/** Raw values of a frame, as far as fine detail is measured on them. */
export interface DetailSource {
  /** A Bayer mosaic (RGGB, one sample a photosite) or interleaved linear RGB. */
  readonly raw: Uint16Array;
  readonly width: number;
  readonly height: number;
  readonly samplesPerPixel: 1 | 3;
  readonly blackLevel: number;
  readonly whiteLevel: number;
  /** As the file says it; null: it is estimated from what is flat in the frame. */
  readonly noise: NoiseProfile | null;
}

/** Directions in which neighbours are compared: down right, down left, across, down. */
export const DIRECTIONS = 4;

/** How much fine detail there is where in a frame, in blocks row by row. */
export interface DetailMap {
  readonly columns: number;
  readonly rows: number;
  /** Mean signal of a block's green photosites, 0..1 of the raw range; NaN where it clips. */
  readonly mean: Float32Array;
  /** Mean square of their second differences, less what noise adds; NaN where the block clips. */
  readonly fine: Float32Array;
  /** The same of first differences, `DIRECTIONS` a block: smear takes them away along its way. */
  readonly along: Float32Array;
  /** Noise over signal in a block of the frame's median brightness. */
  readonly noise: number;
}

/** Photosites along a block's side: a few hundred blocks a frame. */
const BLOCKS_ACROSS = 32;
const MIN_BLOCK = 24;
/** A block with more clipped photosites than this tells nothing. */
const MAX_CLIPPED = 0.02;
/** Variance of 4g - a - b - c - d where each has variance 1. */
const SECOND = 20;
const FIRST = 2;
/** Share of blocks that are taken as flat where noise is estimated. */
const FLAT_SHARE = 0.05;

/** Sums over one block, before noise is taken off. */
interface BlockSums {
  mean: number;
  second: number;
  readonly first: Float64Array;
  clipped: number;
}

/**
 * Measures fine detail on the green photosites, which lie like the dark fields of a chessboard:
 * each against its four diagonal neighbours.
 */
export function measureDetail(source: DetailSource): DetailMap {
  const { width, height } = source;
  const block = Math.max(MIN_BLOCK, 2 * Math.ceil(Math.max(width, height) / BLOCKS_ACROSS / 2));
  const columns = Math.max(1, Math.floor((width - 4) / block));
  const rows = Math.max(1, Math.floor((height - 4) / block));
  const count = columns * rows;
  const means = new Float32Array(count);
  const seconds = new Float64Array(count);
  const firsts = new Float64Array(DIRECTIONS * count);
  const sums: BlockSums = { mean: 0, second: 0, first: new Float64Array(DIRECTIONS), clipped: 0 };
  for (let b = 0; b < count; b++) {
    const left = 2 + (b % columns) * block;
    const top = 2 + Math.floor(b / columns) * block;
    sumBlock(source, left, top, block, sums);
    means[b] = sums.clipped <= MAX_CLIPPED ? sums.mean : NaN;
    seconds[b] = sums.second;
    firsts.set(sums.first, DIRECTIONS * b);
  }
  const noise = source.noise ?? estimatedNoise(means, seconds);
  const fine = new Float32Array(count);
  const along = new Float32Array(DIRECTIONS * count);
  for (let b = 0; b < count; b++) {
    const variance = noise.scale * means[b] + noise.offset;
    fine[b] = seconds[b] - SECOND * variance;
    for (let k = 0; k < DIRECTIONS; k++)
      along[DIRECTIONS * b + k] = firsts[DIRECTIONS * b + k] - FIRST * variance;
  }
  return { columns, rows, mean: means, fine, along, noise: noiseOver(means, noise) };
}

/** Sums up one block; values as shares of the raw range. */
function sumBlock(
  { raw, width, samplesPerPixel: spp, blackLevel, whiteLevel }: DetailSource,
  left: number,
  top: number,
  block: number,
  sums: BlockSums,
): void {
  const row = width * spp;
  const green = spp === 3 ? 1 : 0;
  let [mean, second, clipped, n] = [0, 0, 0, 0];
  let [f0, f1, f2, f3] = [0, 0, 0, 0];
  for (let y = top; y < top + block; y++)
    // Green of an RGGB mosaic lies where row and column together are odd.
    for (let x = left + ((left + y + 1) & 1); x < left + block; x += 2, n++) {
      const i = y * row + x * spp + green;
      const g = raw[i];
      const a = raw[i - row - spp];
      const b = raw[i - row + spp];
      const c = raw[i + row - spp];
      const d = raw[i + row + spp];
      const across = g - raw[i + 2 * spp];
      const down = g - raw[i + 2 * row];
      const bent = 4 * g - a - b - c - d;
      mean += g;
      second += bent * bent;
      f0 += (g - d) * (g - d);
      f1 += (g - c) * (g - c);
      f2 += across * across;
      f3 += down * down;
      if (g >= whiteLevel) clipped++;
    }
  const range = whiteLevel - blackLevel;
  const square = n * range * range;
  sums.mean = (mean / n - blackLevel) / range;
  sums.second = second / square;
  sums.first.set([f0 / square, f1 / square, f2 / square, f3 / square]);
  sums.clipped = clipped / n;
}

/**
 * Noise where the file does not say it: photon noise grows with the signal, and the flattest blocks
 * hold little else.
 */
function estimatedNoise(means: Float32Array, seconds: Float64Array): NoiseProfile {
  const scales = Array.from(seconds, (second, b) => second / SECOND / means[b])
    .filter((scale) => scale >= 0)
    .sort((a, b) => a - b);
  return { scale: scales[Math.floor(FLAT_SHARE * scales.length)] ?? 0, offset: 0 };
}

function noiseOver(means: Float32Array, { scale, offset }: NoiseProfile): number {
  const usable = Array.from(means)
    .filter((mean) => mean > 0)
    .sort((a, b) => a - b);
  const mean = usable[usable.length >> 1];
  return mean === undefined ? Infinity : Math.sqrt(scale * mean + offset) / mean;
}
