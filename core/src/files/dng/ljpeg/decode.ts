import { DngError } from '../dngError';
import { decoderLookup } from './huffman';

/** Where decoded samples go. */
export interface LjpegTarget {
  readonly data: Uint16Array;
  readonly offset: number;
  readonly stride: number;
  /** Samples of a row to keep; the rest is padding. */
  readonly keep: number;
  readonly keepRows: number;
}

interface Frame {
  precision: number;
  columns: number;
  rows: number;
  components: number;
}

interface Stream {
  frame: Frame;
  predictor: number;
  /** Huffman look-up of each component. */
  lookups: Uint16Array[];
  /** First byte of entropy-coded data. */
  start: number;
}

/**
 * Decodes lossless JPEG (ITU-T T.81 annex H) of predictor 1 to 7 into a target.
 *
 * @param width samples a row must have (columns times components)
 * @param height rows it must have
 * Throws DngError when the stream is broken or of another size; bounded by `width * height` steps.
 */
export function decodeLjpeg(
  bytes: Uint8Array,
  width: number,
  height: number,
  target: LjpegTarget,
): void {
  const stream = parseHeaders(bytes);
  const { columns, rows, components } = stream.frame;
  if (columns * components !== width || rows !== height)
    throw new DngError(
      `compressed block is ${columns * components} x ${rows} samples, not ${width} x ${height}`,
    );
  if (stream.predictor === 1) decodeLeft(bytes, stream, target);
  else decodeGeneral(bytes, stream, target);
}

const fail = (what: string): never => {
  throw new DngError(`lossless JPEG: ${what}`);
};

interface Segment {
  readonly marker: number;
  readonly body: Uint8Array;
  /** First byte after the segment. */
  readonly end: number;
}

function readSegment(bytes: Uint8Array, from: number): Segment {
  let at = from;
  while (bytes[at] === 0xff && bytes[at + 1] === 0xff) at++;
  if (at + 4 > bytes.length || bytes[at] !== 0xff) fail('marker expected');
  const length = (bytes[at + 2] << 8) | bytes[at + 3];
  const end = at + 2 + length;
  if (length < 2 || end > bytes.length) fail('segment runs past the end');
  return { marker: bytes[at + 1], body: bytes.subarray(at + 4, end), end };
}

/** Markers of the other kinds of JPEG frames: SOF0..SOF15 without DHT, JPG and DAC. */
const isOtherFrame = (marker: number): boolean =>
  marker >= 0xc0 && marker <= 0xcf && ![0xc3, 0xc4, 0xc8, 0xcc].includes(marker);

function parseHeaders(bytes: Uint8Array): Stream {
  if (bytes.length < 4 || bytes[0] !== 0xff || bytes[1] !== 0xd8) fail('no start marker');
  const tables = new Map<number, Uint16Array>();
  let frame: Frame | null = null;
  let at = 2;
  for (;;) {
    const { marker, body, end } = readSegment(bytes, at);
    if (marker === 0xc3) frame = parseFrame(body);
    else if (marker === 0xc4) parseTables(body, tables);
    else if (marker === 0xda) return parseScan(body, frame, tables, end);
    else if (marker === 0xdd && body.some((b) => b !== 0))
      fail('restart intervals are not supported');
    else if (isOtherFrame(marker)) fail('this is not a lossless JPEG');
    at = end;
  }
}

function parseFrame(body: Uint8Array): Frame {
  const components = body[5];
  if (body.length < 6 + 3 * components || components < 1 || components > 4)
    fail('bad frame header');
  const frame = {
    precision: body[0],
    rows: (body[1] << 8) | body[2],
    columns: (body[3] << 8) | body[4],
    components,
  };
  if (frame.precision < 2 || frame.precision > 16) fail('bad precision');
  for (let c = 0; c < components; c++) if (body[7 + 3 * c] !== 0x11) fail('subsampled components');
  return frame;
}

/** Tables a stream may define (T.81 B.2.4.2 names four): each costs a look-up of 65,536 entries. */
const MAX_TABLES = 4;

function parseTables(body: Uint8Array, tables: Map<number, Uint16Array>): void {
  let at = 0;
  while (at < body.length) {
    if (tables.size === MAX_TABLES || tables.has(body[at] & 15)) fail('too many Huffman tables');
    if (at + 17 > body.length) fail('bad Huffman table');
    const bits = body.subarray(at + 1, at + 17);
    const total = bits.reduce((sum, n) => sum + n, 0);
    const values = body.subarray(at + 17, at + 17 + total);
    if (values.length < total || total > 17 || values.some((v) => v > 16))
      fail('bad Huffman table');
    try {
      tables.set(body[at] & 15, decoderLookup({ bits, values }));
    } catch {
      fail('bad Huffman table');
    }
    at += 17 + total;
  }
}

function parseScan(
  body: Uint8Array,
  frame: Frame | null,
  tables: Map<number, Uint16Array>,
  start: number,
): Stream {
  if (!frame) return fail('scan before frame');
  const components = body[0];
  if (components !== frame.components || body.length < 4 + 2 * components)
    fail('components are not interleaved');
  const lookups: Uint16Array[] = [];
  for (let c = 0; c < components; c++) {
    const table = tables.get(body[2 + 2 * c] >> 4);
    lookups.push(table ?? fail('missing Huffman table'));
  }
  const predictor = body[1 + 2 * components];
  if (predictor < 1 || predictor > 7) fail('bad predictor');
  if ((body[3 + 2 * components] & 15) !== 0) fail('point transform is not supported');
  return { frame, predictor, lookups, start };
}

/** Spare zeros after the data: the register reads up to four bytes ahead of the last code. */
const SPARE_BYTES = 8;

/**
 * Entropy-coded data up to the next marker, without the zero stuffed after each 0xff (T.81
 * F.1.2.3).
 */
function unstuff(bytes: Uint8Array, start: number): { data: Uint8Array; length: number } {
  const data = new Uint8Array(bytes.length - start + SPARE_BYTES);
  let length = 0;
  let from = start;
  for (;;) {
    const marker = bytes.indexOf(0xff, from);
    const end = marker < 0 ? bytes.length : marker + 1;
    const stuffed = marker >= 0 && bytes[marker + 1] === 0;
    const run = bytes.subarray(from, marker < 0 || stuffed ? end : marker);
    data.set(run, length);
    length += run.length;
    if (!stuffed) return { data, length };
    from = marker + 2;
  }
}

/** Reads differences row by row. */
class DifferenceReader {
  private accumulator = 0;
  private held = 0;
  private at = 0;
  private readonly data: Uint8Array;
  private readonly length: number;

  constructor(bytes: Uint8Array, start: number) {
    ({ data: this.data, length: this.length } = unstuff(bytes, start));
  }

  /** Fills `out[0..width)` with the differences of one row. */
  row(lookups: readonly Uint16Array[], width: number, out: Int32Array): void {
    const { data } = this;
    const components = lookups.length;
    const shared = lookups.every((l) => l === lookups[0]) ? lookups[0] : null;
    let { accumulator, held, at } = this;
    for (let x = 0; x < width; x++) {
      const lookup = shared ?? lookups[x % components];
      for (; held <= 24; held += 8) accumulator = (accumulator << 8) | data[at++];
      const entry = lookup[(accumulator >>> (held - 16)) & 0xffff];
      if (entry === 0) fail('invalid code');
      held -= entry & 255;
      const category = entry >> 8;
      if (category === 0) {
        out[x] = 0;
        continue;
      }
      if (category === 16) {
        out[x] = 32768;
        continue;
      }
      for (; held < category; held += 8) accumulator = (accumulator << 8) | data[at++];
      held -= category;
      const extra = (accumulator >>> held) & ((1 << category) - 1);
      out[x] = extra < 1 << (category - 1) ? extra - (1 << category) + 1 : extra;
    }
    this.accumulator = accumulator;
    this.held = held;
    this.at = at;
    if (at > this.length + SPARE_BYTES / 2) fail('data ends too soon');
  }
}

function decodeLeft(bytes: Uint8Array, stream: Stream, target: LjpegTarget): void {
  const { columns, rows, components, precision } = stream.frame;
  const width = columns * components;
  const reader = new DifferenceReader(bytes, stream.start);
  const row = new Int32Array(width);
  const left = new Int32Array(components).fill(1 << (precision - 1));
  const keep = Math.min(width, target.keep);
  for (let y = 0; y < rows; y++) {
    reader.row(stream.lookups, width, row);
    // Predictor 1 restarts each row from the sample above the row's first.
    for (let x = 0; x < components; x++) row[x] = left[x] = (row[x] + left[x]) & 0xffff;
    for (let x = components; x < width; x++) row[x] = (row[x] + row[x - components]) & 0xffff;
    if (y < target.keepRows) {
      const o = target.offset + y * target.stride;
      for (let x = 0; x < keep; x++) target.data[o + x] = row[x];
    }
  }
}

function decodeGeneral(bytes: Uint8Array, stream: Stream, target: LjpegTarget): void {
  const { columns, rows, components, precision } = stream.frame;
  const width = columns * components;
  const reader = new DifferenceReader(bytes, stream.start);
  let row = new Int32Array(width);
  let above = new Int32Array(width);
  const keep = Math.min(width, target.keep);
  for (let y = 0; y < rows; y++) {
    reader.row(stream.lookups, width, row);
    for (let x = 0; x < width; x++) {
      let predicted: number;
      if (x < components) predicted = y === 0 ? 1 << (precision - 1) : above[x];
      else if (y === 0) predicted = row[x - components];
      else
        predicted = predictFrom(
          stream.predictor,
          row[x - components],
          above[x],
          above[x - components],
        );
      row[x] = (row[x] + predicted) & 0xffff;
    }
    if (y < target.keepRows) {
      const o = target.offset + y * target.stride;
      for (let x = 0; x < keep; x++) target.data[o + x] = row[x];
    }
    [row, above] = [above, row];
  }
}

/** T.81 table H.1: a = left, b = above, c = above left. */
function predictFrom(predictor: number, a: number, b: number, c: number): number {
  switch (predictor) {
    case 2:
      return b;
    case 3:
      return c;
    case 4:
      return a + b - c;
    case 5:
      return a + ((b - c) >> 1);
    case 6:
      return b + ((a - c) >> 1);
    case 7:
      return (a + b) >> 1;
    default:
      return a;
  }
}
