import { DngError } from './dngError';
import { decodeLjpeg } from './ljpeg/decode';
import type { DngFile } from './readDng';
import { COMPRESSION_JPEG } from './tags';

/**
 * All raw samples of a DNG: `width * height * samplesPerPixel`, row by row, none above its white
 * level (DNG 1.4, chapter 5, "Clipping"). Throws DngError when a tile is broken.
 */
export function decodeRaw(dng: DngFile): Uint16Array {
  const { raw, bytes } = dng;
  const { width, height, samplesPerPixel: n, tileWidth, tileHeight, whiteLevel } = raw;
  const data = new Uint16Array(width * height * n);
  const across = Math.ceil(width / tileWidth);
  for (let i = 0; i < raw.offsets.length; i++) {
    const x = (i % across) * tileWidth;
    const y = Math.floor(i / across) * tileHeight;
    const block = bytes.subarray(raw.offsets[i], raw.offsets[i] + raw.byteCounts[i]);
    const target = {
      data,
      offset: (y * width + x) * n,
      stride: width * n,
      keep: Math.min(tileWidth, width - x) * n,
      keepRows: Math.min(tileHeight, height - y),
    };
    if (raw.compression === COMPRESSION_JPEG) decodeLjpeg(block, tileWidth * n, tileHeight, target);
    else copyUncompressed(dng, block, tileWidth * n, target);
  }
  for (let i = 0; i < data.length; i++) if (data[i] > whiteLevel) data[i] = whiteLevel;
  return data;
}

function copyUncompressed(
  { bytes }: DngFile,
  block: Uint8Array,
  tileRow: number,
  target: { data: Uint16Array; offset: number; stride: number; keep: number; keepRows: number },
): void {
  if (block.length < tileRow * 2 * target.keepRows)
    throw new DngError('The DNG is broken or cut short: a block is too small.');
  const view = new DataView(block.buffer, block.byteOffset, block.byteLength);
  const little = bytes[0] === 0x49;
  for (let y = 0; y < target.keepRows; y++)
    for (let x = 0; x < target.keep; x++)
      target.data[target.offset + y * target.stride + x] = view.getUint16(
        (y * tileRow + x) * 2,
        little,
      );
}
