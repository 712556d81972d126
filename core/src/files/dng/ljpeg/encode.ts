import { buildHuffmanTable, encoderCodes, type HuffmanTable } from './huffman';

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

/**
 * Lossless JPEG (ITU-T T.81 annex H), predictor 1, one optimal Huffman table. For a Bayer mosaic
 * pass two components, so that every photosite is predicted from its neighbour of the same colour.
 */
export function encodeLjpeg(source: LjpegSource): Uint8Array {
  const { width, height, components } = source;
  if (width % components !== 0) throw new RangeError('width is no multiple of the components');
  const differences = new Int16Array(width * height);
  const counts = new Uint32Array(CATEGORIES);
  predict(source, differences, counts);
  const table = buildHuffmanTable(counts);
  return writeStream(source, differences, table, counts);
}

/** Differences from the prediction, modulo 2^16, and how often each category occurs. */
function predict(source: LjpegSource, differences: Int16Array, counts: Uint32Array): void {
  const { data, offset, stride, available, availableRows, width, height, components } = source;
  const first = 1 << (source.precision - 1);
  let o = 0;
  for (let y = 0; y < height; y++) {
    const row = offset + Math.min(y, availableRows - 1) * stride;
    const above = offset + Math.min(Math.max(0, y - 1), availableRows - 1) * stride;
    for (let x = 0; x < width; x++, o++) {
      const i = x < available ? x : available - components + (x % components);
      let predicted: number;
      if (x >= components) {
        predicted = data[row + (x - components < available ? x - components : i)];
      } else predicted = y === 0 ? first : data[above + i];
      const d = ((data[row + i] - predicted) << 16) >> 16;
      differences[o] = d;
      counts[d === -32768 ? 16 : 32 - Math.clz32(d < 0 ? -d : d)]++;
    }
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

function writeStream(
  source: LjpegSource,
  differences: Int16Array,
  table: HuffmanTable,
  counts: Uint32Array,
): Uint8Array {
  const { code, length } = encoderCodes(table);
  const head = header(source, table);
  let bitCount = 0;
  for (let s = 0; s < CATEGORIES; s++) bitCount += counts[s] * (length[s] + (s === 16 ? 0 : s));
  // Every byte could be stuffed; two spare for the marker, one for the padding.
  const out = new Uint8Array(head.length + 2 * Math.ceil(bitCount / 8) + 4);
  out.set(head);
  let o = head.length;
  let accumulator = 0;
  let held = 0;
  for (let i = 0; i < differences.length; i++) {
    const d = differences[i];
    const category = d === -32768 ? 16 : 32 - Math.clz32(d < 0 ? -d : d);
    // Category and extra bits are put in turn, so that no more than 16 + 7 bits are ever held.
    accumulator = (accumulator << length[category]) | code[category];
    held += length[category];
    while (held >= 8) {
      held -= 8;
      const byte = (accumulator >>> held) & 255;
      out[o++] = byte;
      if (byte === 255) out[o++] = 0;
    }
    if (category > 0 && category < 16) {
      const extra = (d < 0 ? d - 1 : d) & ((1 << category) - 1);
      accumulator = (accumulator << category) | extra;
      held += category;
      while (held >= 8) {
        held -= 8;
        const byte = (accumulator >>> held) & 255;
        out[o++] = byte;
        if (byte === 255) out[o++] = 0;
      }
    }
  }
  if (held > 0) {
    const byte = ((accumulator << (8 - held)) | ((1 << (8 - held)) - 1)) & 255;
    out[o++] = byte;
    if (byte === 255) out[o++] = 0;
  }
  out[o++] = 0xff;
  out[o++] = 0xd9;
  return out.slice(0, o);
}
