import { memoryLayout } from './memoryLayout';

/** Bins of one curve of the picture's histogram. */
export const PICTURE_BINS = 256;

/** Pixels per byte value: red, green, blue, luma. */
export type PictureHistogram = readonly [Int32Array, Int32Array, Int32Array, Int32Array];

const curve = (): Int32Array => new Int32Array(PICTURE_BINS);

/** What a developed picture shows; reused from frame to frame. */
export interface PictureMonitor {
  /** Pixels per byte value: red, green, blue, luma. */
  readonly histogram: PictureHistogram;
  /** Pixels at or above the zebra's byte. */
  zebra: number;
}

export const createPictureMonitor = (): PictureMonitor => ({
  histogram: [curve(), curve(), curve(), curve()],
  zebra: 0,
});

/** BT.709 luma weights in 1/65536; they sum to 65536. */
const LUMA = [13933, 46871, 4732] as const;

/**
 * Histogram of the developed picture, and its zebra: the JPEG's view of things. Luma is BT.709's,
 * of gamma-encoded values.
 *
 * @param rgba picture, `4 * pixels`
 * @param zebraByte luma at or above this gets MARK_ZEBRA in `marks`; above 255 = none
 * @param plain true: without WebAssembly in any case
 */
export function monitorPicture(
  rgba: Uint8ClampedArray,
  zebraByte: number,
  marks: Uint8Array,
  result: PictureMonitor,
  plain = false,
): void {
  const pixels = rgba.length >> 2;
  const memory = memoryLayout(pixels, PICTURE_BINS, plain);
  const { buffer, even, odd, frame } = memory;
  new Uint8Array(buffer, frame, rgba.length).set(rgba);
  const ours = new Uint8Array(buffer, memory.marks, pixels);
  ours.set(marks);
  const evenBytes = new Uint32Array(buffer, even, 4 * PICTURE_BINS).fill(0);
  const oddBytes = new Uint32Array(buffer, odd, 4 * PICTURE_BINS).fill(0);
  const blocks = pixels & ~3;
  const [rest, at] = [pixels - blocks, memory.marks + blocks];
  result.zebra =
    memory.routines.countPicture(frame, blocks, ...LUMA, zebraByte, even, odd, memory.marks) +
    memory.plain.countPicture(frame + 4 * blocks, rest, ...LUMA, zebraByte, even, odd, at);
  if (result.zebra > 0) marks.set(ours);
  result.histogram.forEach((channel, c) => {
    const base = c * PICTURE_BINS;
    for (let i = 0; i < PICTURE_BINS; i++) channel[i] = evenBytes[base + i] + oddBytes[base + i];
  });
}

/** Share of pixels at 255 in red, green, blue. */
export const whiteShare = (
  histogram: PictureHistogram,
  pixels: number,
): [number, number, number] => [
  histogram[0][255] / pixels,
  histogram[1][255] / pixels,
  histogram[2][255] / pixels,
];
