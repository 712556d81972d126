import { zlibSync } from 'fflate';

/** Samples of a floating-point raw: of 16 or 32 bits (IEEE 754, DNG 1.4). */
export type FloatBits = 16 | 32;

/** Speed matters more than the last few per cent of size. */
const LEVEL = 4;

const word = new Float32Array(1);
const bitsOfWord = new Uint32Array(word.buffer);

/** Bits of the nearest number of 16 bits (IEEE 754 binary16), ties away from zero. */
export function halfBits(value: number): number {
  word[0] = value;
  const bits = bitsOfWord[0];
  const sign = (bits >>> 16) & 0x8000;
  const exponent = ((bits >>> 23) & 0xff) - 112;
  const fraction = bits & 0x7fffff;
  if (exponent >= 31) return sign | 0x7bff;
  if (exponent <= 0) {
    if (exponent < -10) return sign;
    const shift = 14 - exponent;
    return sign | (((fraction | 0x800000) + (1 << (shift - 1))) >>> shift);
  }
  // A fraction that is rounded up to the next power carries into the exponent, as it should.
  return sign | Math.min(0x7bff, ((exponent << 10) | (fraction >>> 13)) + ((fraction >>> 12) & 1));
}

/**
 * Rows of floating-point samples, deflated: the bytes of each row by significance, each as its
 * difference from the one `step` before (the floating-point predictor of TIFF's TechNote 3; DNG 1.4
 * for steps of more than a pixel). `readBlock` is its inverse.
 *
 * @param rowSamples samples of a row
 * @param step of a mosaic 2: photosites of a colour
 */
export function floatBlock(
  data: Float32Array,
  rowSamples: number,
  bits: FloatBits,
  step: number,
): Uint8Array {
  const bytes = bits / 8;
  const rows = data.length / rowSamples;
  const rowBytes = rowSamples * bytes;
  const out = new Uint8Array(rows * rowBytes);
  const words = new Uint32Array(data.buffer, data.byteOffset, data.length);
  for (let y = 0, i = 0; y < rows; y++) {
    const row = y * rowBytes;
    for (let x = row; x < row + rowSamples; x++, i++) {
      if (bits === 16) {
        const half = halfBits(data[i]);
        out[x] = half >>> 8;
        out[x + rowSamples] = half;
        continue;
      }
      const w = words[i];
      out[x] = w >>> 24;
      out[x + rowSamples] = w >>> 16;
      out[x + 2 * rowSamples] = w >>> 8;
      out[x + 3 * rowSamples] = w;
    }
    for (let b = row + rowBytes - 1; b >= row + step; b--) out[b] -= out[b - step];
  }
  return zlibSync(out, { level: LEVEL });
}
