import { unzlibSync } from 'fflate';
import { DngError } from './dngError';
import type { LjpegTarget } from './ljpeg/decode';
import { unpack } from './unpack';

/**
 * How the samples of a block were made smaller before they were deflated (TIFF 6.0, TechNote 3; DNG
 * 1.4).
 */
export interface Predictor {
  readonly kind: 'none' | 'horizontal' | 'floating-point';
  /** Samples of a colour are told by the one so many places before: 1, 2 or 4. */
  readonly step: 1 | 2 | 4;
}

const PREDICTORS: Readonly<Record<number, Predictor | undefined>> = {
  1: { kind: 'none', step: 1 },
  2: { kind: 'horizontal', step: 1 },
  3: { kind: 'floating-point', step: 1 },
  34892: { kind: 'horizontal', step: 2 },
  34893: { kind: 'horizontal', step: 4 },
  34894: { kind: 'floating-point', step: 2 },
  34895: { kind: 'floating-point', step: 4 },
};

/** The predictor of a code (TIFF's Predictor); undefined for one nobody knows. */
export const predictorOf = (code: number): Predictor | undefined => PREDICTORS[code];

/** What the samples of a block are. */
export interface BlockSamples {
  readonly bits: number;
  /** What a floating-point sample is multiplied by; null: samples are whole numbers. */
  readonly scale: number | null;
  readonly predictor: Predictor;
  readonly samplesPerPixel: number;
}

/**
 * Reads a block of whole numbers or floating-point ones, deflated (zlib, RFC 1950) or as it is.
 * Throws DngError where it is broken.
 *
 * @param width samples of a row of the block
 */
export function readBlock(
  block: Uint8Array,
  isDeflated: boolean,
  width: number,
  samples: BlockSamples,
  little: boolean,
  target: LjpegTarget,
): void {
  const { bits, scale, predictor, samplesPerPixel } = samples;
  const rowBytes = Math.ceil((width * bits) / 8);
  const bytes = isDeflated ? inflated(block, rowBytes * target.keepRows) : block;
  if (bytes.length < rowBytes * target.keepRows)
    throw new DngError('The DNG is broken or cut short: a block is too small.');
  const step = predictor.step * samplesPerPixel;
  if (scale === null) {
    unpack(bytes, width, bits, little, target);
    if (predictor.kind === 'horizontal') sumAlong(target, step, bits);
    return;
  }
  for (let y = 0; y < target.keepRows; y++) {
    const row = bytes.subarray(y * rowBytes, (y + 1) * rowBytes);
    const from = target.offset + y * target.stride;
    const isPredicted = predictor.kind === 'floating-point';
    if (isPredicted) for (let i = step; i < rowBytes; i++) row[i] += row[i - step];
    floatRow(row, bits / 8, isPredicted ? width : 0, little, scale, target.data, from, target.keep);
  }
}

/** No more than is expected: a block that claims more is not what it says. */
function inflated(block: Uint8Array, length: number): Uint8Array {
  try {
    return unzlibSync(block, { out: new Uint8Array(length) });
  } catch {
    throw new DngError('The DNG is broken: a block cannot be inflated.');
  }
}

function sumAlong(
  { data, offset, stride, keep, keepRows }: LjpegTarget,
  step: number,
  bits: number,
): void {
  const mask = 2 ** bits - 1;
  for (let y = 0; y < keepRows; y++) {
    const from = offset + y * stride;
    for (let i = from + step; i < from + keep; i++) data[i] = (data[i] + data[i - step]) & mask;
  }
}

const MAX_VALUE = 65535;

/**
 * Floating-point samples of 2, 3 or 4 bytes, to 16 bits.
 *
 * @param plane samples after which the next byte of each lies, most significant first; 0: each
 *   lies in one piece, in the file's byte order
 */
function floatRow(
  row: Uint8Array,
  bytes: number,
  plane: number,
  little: boolean,
  scale: number,
  out: Uint16Array,
  from: number,
  count: number,
): void {
  for (let x = 0; x < count; x++) {
    let value = 0;
    for (let b = 0; b < bytes; b++) {
      const at = plane > 0 ? x + b * plane : x * bytes + (little ? bytes - 1 - b : b);
      value = value * 256 + row[at];
    }
    const scaled = scale * floatOf(value, bytes);
    // Not a number, and below nothing: nothing.
    out[from + x] = scaled > 0 ? Math.min(MAX_VALUE, Math.round(scaled)) : 0;
  }
}

/** Bits of exponent and fraction of a number of so many bytes (IEEE 754; DNG 1.4, of 24 bits). */
const EXPONENT_BITS = [0, 0, 5, 7, 8] as const;

function floatOf(word: number, bytes: number): number {
  const fractionBits = 8 * bytes - 1 - EXPONENT_BITS[bytes];
  const whole = 2 ** fractionBits;
  const most = 2 ** EXPONENT_BITS[bytes] - 1;
  const sign = word >= whole * (most + 1) ? -1 : 1;
  const exponent = Math.floor(word / whole) % (most + 1);
  const fraction = (word % whole) / whole;
  if (exponent === most) return fraction === 0 ? sign * Infinity : NaN;
  const bias = (most - 1) / 2;
  return exponent === 0
    ? sign * fraction * 2 ** (1 - bias)
    : sign * (1 + fraction) * 2 ** (exponent - bias);
}
