import { binMosaic } from '@velmo/core/sensor';
import type { MergeFrame } from '@velmo/core/combine';
import { cv } from 'opencv-wasm';
import { decodeSrgb, encodeSrgb } from '../../src/colour/srgb';

/** A mosaic of floating-point light as RGB of half the size. */
export function halvedLight(light: Float32Array, width: number, height: number): Float32Array {
  const out = new Float32Array((3 * width * height) / 4);
  binMosaic(light, width, { x: 0, y: 0, width, height }, 2, out);
  return out;
}

/**
 * The same bracket merged by OpenCV (Debevec and Malik 1997), of pictures of half the size in 8
 * bits, whose response it is told: RGB light up to a factor.
 */
export function debevecMerge(
  frames: readonly MergeFrame[],
  width: number,
  height: number,
): Float32Array {
  const pictures = new cv.MatVector();
  const [rows, columns] = [height / 2, width / 2];
  for (const { data, blackLevel, whiteLevel } of frames) {
    const light = Float32Array.from(data, (v) => (v - blackLevel) / (whiteLevel - blackLevel));
    const bytes = Uint8Array.from(halvedLight(light, width, height), (v) =>
      Math.round(255 * encodeSrgb(Math.min(1, Math.max(0, v)))),
    );
    pictures.push_back(cv.matFromArray(rows, columns, cv.CV_8UC3, bytes));
  }
  const times = cv.matFromArray(
    frames.length,
    1,
    cv.CV_32F,
    frames.map(({ given }) => given),
  );
  const curve = Array.from({ length: 256 }, (_, v) => {
    const light = Math.max(1e-5, decodeSrgb(v / 255));
    return [light, light, light];
  }).flat();
  const response = cv.matFromArray(256, 1, cv.CV_32FC3, curve);
  const out = new cv.Mat();
  new cv.MergeDebevec().process(pictures, out, times, response);
  return new Float32Array(out.data32F);
}
