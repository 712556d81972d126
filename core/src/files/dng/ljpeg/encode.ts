import { padded } from '../../../wasm';
import { buildHuffmanTable, encoderCodes, type HuffmanTable } from './huffman';
import { ljpegRoutines } from './routines';

/** A rectangle of samples to compress. */
export interface LjpegSource {
  readonly data: Uint16Array;
  /** Index of the first sample. */
  readonly offset: number;
  /** Samples from one row to the next. */
  readonly stride: number;
  /** Samples in a row that exist; the row is padded to `width` with its last samples. */
  readonly available: number;
  /** Rows that exist; missing ones repeat the last. */
  readonly availableRows: number;
  /** Samples in a row: pixels times components. */
  readonly width: number;
  readonly height: number;
  readonly components: number;
  /** Bits a sample, 2..16. */
  readonly precision: number;
}

const CATEGORIES = 17;

/** Where things lie in the memory, in bytes: 17 words each, then the samples. */
const COUNTS_AT = 0;
const CODES_AT = 128;
const LENGTHS_AT = 256;
const SAMPLES_AT = 384;

/**
 * Lossless JPEG (ITU-T T.81 annex H), predictor 1, one optimal Huffman table. For a Bayer mosaic
 * pass two components, so that every photosite is predicted from its neighbour of the same colour.
 *
 * @param plain true: without WebAssembly in any case
 */
export function encodeLjpeg(source: LjpegSource, plain = false): Uint8Array {
  const { width, height, components, precision } = source;
  if (width % components !== 0) throw new RangeError('width is no multiple of the components');
  const first = 1 << (precision - 1);
  const outAt = SAMPLES_AT + padded(2 * width * height);
  const counting = ljpegRoutines.of(outAt, plain);
  laySamples(source, counting.buffer);
  const counts = new Uint32Array(counting.buffer, COUNTS_AT, CATEGORIES);
  counts.fill(0);
  counting.routines.countCategories(SAMPLES_AT, width, height, components, first, COUNTS_AT);
  const table = buildHuffmanTable(counts);
  const { code, length } = encoderCodes(table);
  let bits = 0;
  for (let s = 0; s < CATEGORIES; s++) bits += counts[s] * (length[s] + (s & 15));
  // Every byte could be stuffed.
  const writing = ljpegRoutines.of(outAt + padded(2 * Math.ceil(bits / 8)), plain);
  if (writing.buffer !== counting.buffer) laySamples(source, writing.buffer);
  new Uint32Array(writing.buffer, CODES_AT, CATEGORIES).set(code.subarray(0, CATEGORIES));
  new Uint32Array(writing.buffer, LENGTHS_AT, CATEGORIES).set(length.subarray(0, CATEGORIES));
  const end = writing.routines.writeCodes(
    SAMPLES_AT,
    width,
    height,
    components,
    first,
    CODES_AT,
    LENGTHS_AT,
    outAt,
  );
  const head = header(source, table);
  const out = new Uint8Array(head.length + end - outAt + 2);
  out.set(head);
  out.set(new Uint8Array(writing.buffer, outAt, end - outAt), head.length);
  out.set([0xff, 0xd9], out.length - 2);
  return out;
}

/** Lays the samples side by side, padded to the right and below with the last there are. */
function laySamples(source: LjpegSource, buffer: ArrayBuffer): void {
  const { data, offset, stride, available, availableRows, width, height, components } = source;
  const samples = new Uint16Array(buffer, SAMPLES_AT, width * height);
  for (let y = 0, o = 0; y < height; y++, o += width) {
    const from = offset + Math.min(y, availableRows - 1) * stride;
    samples.set(data.subarray(from, from + available), o);
    for (let x = available; x < width; x++) samples[o + x] = samples[o + x - components];
  }
}

function header(source: LjpegSource, table: HuffmanTable): Uint8Array {
  const { components, height, precision } = source;
  const columns = source.width / components;
  const bytes: number[] = [0xff, 0xd8];
  bytes.push(0xff, 0xc3, 0, 8 + 3 * components, precision);
  bytes.push(height >> 8, height & 255, columns >> 8, columns & 255, components);
  for (let c = 0; c < components; c++) bytes.push(c, 0x11, 0);
  bytes.push(0xff, 0xc4, 0, 19 + table.values.length, 0, ...table.bits, ...table.values);
  bytes.push(0xff, 0xda, 0, 6 + 2 * components, components);
  for (let c = 0; c < components; c++) bytes.push(c, 0);
  bytes.push(1, 0, 0);
  return Uint8Array.from(bytes);
}
