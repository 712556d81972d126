import jpeg from 'jpeg-js';

/** RGBA as a JPEG. */
export const encodeJpeg = (
  { data, width, height }: { data: Uint8ClampedArray; width: number; height: number },
  quality: number,
): Uint8Array =>
  new Uint8Array(jpeg.encode({ data: Buffer.from(data.buffer), width, height }, quality).data);
