/** One plane of brightness. */
export interface Plane {
  readonly data: Float32Array;
  readonly width: number;
  readonly height: number;
}

/** The plane at half its size: every pixel the mean of four. */
export function halved({ data, width, height }: Plane): Plane {
  const [w, h] = [width >> 1, height >> 1];
  const half = new Float32Array(w * h);
  for (let y = 0, o = 0; y < h; y++)
    for (let x = 0, i = 2 * y * width; x < w; x++, i += 2, o++)
      half[o] = 0.25 * (data[i] + data[i + 1] + data[i + width] + data[i + width + 1]);
  return { data: half, width: w, height: h };
}

/** The plane and its halves, until the shorter side is no longer than `shortest`. */
export function pyramid(plane: Plane, shortest: number): Plane[] {
  const levels = [plane];
  for (let top = plane; Math.min(top.width, top.height) > shortest; levels.push(top))
    top = halved(top);
  return levels;
}

/**
 * Green of a frame's bytes (`4 * width * height`) as a plane: the channel with the most pixels
 * behind it, and the least noise.
 */
export function greenPlane(
  rgba: Uint8Array | Uint8ClampedArray,
  width: number,
  height: number,
): Plane {
  const data = new Float32Array(width * height);
  for (let p = 0, i = 1; p < data.length; p++, i += 4) data[p] = rgba[i];
  return { data, width, height };
}
