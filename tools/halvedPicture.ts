import type { FinishedPicture } from '@velmo/core/combine';

const LONG_PX = 1200;

/** A picture made smaller by whole pixels until it is small enough for a preview. */
export function halvedPicture({ data, width, height }: FinishedPicture): FinishedPicture {
  const factor = Math.max(1, Math.ceil(Math.max(width, height) / LONG_PX));
  const [w, h] = [Math.floor(width / factor), Math.floor(height / factor)];
  const small = new Uint8ClampedArray(4 * w * h);
  for (let y = 0, o = 0; y < h; y++)
    for (let x = 0; x < w; x++)
      for (let c = 0; c < 4; c++, o++) {
        let sum = 0;
        for (let v = 0; v < factor; v++)
          for (let u = 0; u < factor; u++)
            sum += data[4 * ((y * factor + v) * width + x * factor + u) + c];
        small[o] = sum / (factor * factor);
      }
  return { data: small, width: w, height: h };
}
