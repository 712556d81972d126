import jpeg from 'jpeg-js';

/** RGBA as a JPEG. */
export const encodeJpeg = (
  { data, width, height }: { data: Uint8ClampedArray; width: number; height: number },
  quality: number,
): Uint8Array =>
  new Uint8Array(jpeg.encode({ data: Buffer.from(data.buffer), width, height }, quality).data);

/** A JPEG as RGBA. Throws where it is broken. */
export function decodeJpeg(bytes: Uint8Array): {
  readonly data: Uint8Array;
  readonly width: number;
  readonly height: number;
} {
  return jpeg.decode(bytes, { useTArray: true, maxMemoryUsageInMB: 2048 });
}
