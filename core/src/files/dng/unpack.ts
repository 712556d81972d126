import { DngError } from './dngError';
import type { LjpegTarget } from './ljpeg/decode';

/**
 * Unpacks uncompressed samples of 8 to 16 bits. Samples of 16 bits lie in the file's byte order;
 * others lie one after the other from the highest bit on, each row from a whole byte on (TIFF 6.0;
 * DNG 1.4, BitsPerSample). Throws DngError where there are too few bytes.
 *
 * @param width samples of a row of the block
 */
export function unpack(
  block: Uint8Array,
  width: number,
  bits: number,
  little: boolean,
  target: LjpegTarget,
): void {
  const rowBytes = Math.ceil((width * bits) / 8);
  if (block.length < rowBytes * target.keepRows)
    throw new DngError('The DNG is broken or cut short: a block is too small.');
  for (let y = 0; y < target.keepRows; y++) {
    const row = block.subarray(y * rowBytes, (y + 1) * rowBytes);
    unpackRow(row, bits, little, target.data, target.offset + y * target.stride, target.keep);
  }
}

function unpackRow(
  row: Uint8Array,
  bits: number,
  little: boolean,
  out: Uint16Array,
  from: number,
  count: number,
): void {
  if (bits === 16) {
    const [high, low] = little ? [1, 0] : [0, 1];
    for (let x = 0, i = 0; x < count; x++, i += 2)
      out[from + x] = (row[i + high] << 8) | row[i + low];
    return;
  }
  const mask = (1 << bits) - 1;
  for (let x = 0, i = 0, held = 0, value = 0; x < count; x++) {
    for (; held < bits; held += 8) value = ((value << 8) | row[i++]) & 0xffffff;
    held -= bits;
    out[from + x] = (value >>> held) & mask;
  }
}
