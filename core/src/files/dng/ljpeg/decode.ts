import { DngError } from '../dngError';
import { padded } from '../../../wasm';
import { decoderLookup } from './huffman';
import { ljpegRoutines, STATE } from './routines';

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
  lookups: Int32Array[];
  /** First byte of entropy-coded data. */
  start: number;
}

/**
 * Decodes lossless JPEG (ITU-T T.81 annex H) of predictor 1 to 7 into a target.
 *
 * @param width samples of a row (columns times components; several rows may lie in one)
 * @param height rows
 * @param plain true: without WebAssembly in any case
 * Throws DngError when the stream is broken or of another size; bounded by `width * height` steps.
 */
export function decodeLjpeg(
  bytes: Uint8Array,
  width: number,
  height: number,
  target: LjpegTarget,
  plain = false,
): void {
  const stream = parseHeaders(bytes);
  const { columns, rows, components } = stream.frame;
  const across = columns * components;
  // Some writers lay rows of a tile side by side: two rows of a mosaic as one, for a better guess.
  if (across % width !== 0 || across * rows !== width * height)
    throw new DngError(
      `compressed block is ${columns * components} x ${rows} samples, not ${width} x ${height}`,
    );
  decodeRows(bytes, stream, width, target, plain);
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
  const tables = new Map<number, Int32Array>();
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

function parseTables(body: Uint8Array, tables: Map<number, Int32Array>): void {
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
  tables: Map<number, Int32Array>,
  start: number,
): Stream {
  if (!frame) return fail('scan before frame');
  const components = body[0];
  if (components !== frame.components || body.length < 4 + 2 * components)
    fail('components are not interleaved');
  const lookups: Int32Array[] = [];
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

/**
 * Where things lie in the memory, in bytes: how far it has been read, addresses of the look-ups,
 * these.
 */
const STATE_AT = 0;
const TABLES_AT = 16;
const LOOKUPS_AT = 64;
const LOOKUP_BYTES = 4 << 16;

/** Bytes by which a stream may end too soon: some writers leave out what is zero. */
const FORGIVEN_BYTES = 4;

function decodeRows(
  bytes: Uint8Array,
  { frame, predictor, lookups, start }: Stream,
  tileWidth: number,
  target: LjpegTarget,
  plain: boolean,
): void {
  const { columns, rows, components, precision } = frame;
  const width = columns * components;
  const { data, length } = unstuff(bytes, start);
  const tables = [...new Set(lookups)];
  const dataAt = LOOKUPS_AT + tables.length * LOOKUP_BYTES;
  const rowsAt = dataAt + padded(data.length);
  const apart = padded(2 * width);
  const { buffer, routines } = ljpegRoutines.of(rowsAt + 2 * apart, plain);
  tables.forEach((table, i) => new Int32Array(buffer, LOOKUPS_AT + i * LOOKUP_BYTES).set(table));
  new Uint8Array(buffer).set(data, dataAt);
  const words = new Int32Array(buffer, 0, LOOKUPS_AT / 4);
  words.set(
    lookups.map((lookup) => LOOKUPS_AT + tables.indexOf(lookup) * LOOKUP_BYTES),
    TABLES_AT / 4,
  );
  const [held, at] = [STATE.held / 4, STATE.at / 4];
  words.fill(0, 0, TABLES_AT / 4);
  words[at] = dataAt;
  const end = dataAt + length + SPARE_BYTES - 4;
  const keep = Math.min(tileWidth, target.keep);
  const folded = width / tileWidth;
  for (let y = 0; y < rows; y++) {
    const [row, above] = [rowsAt + (y & 1) * apart, rowsAt + (~y & 1) * apart];
    const first = y === 0 ? 1 << (precision - 1) : 0;
    if (
      !routines.decodeRow(STATE_AT, end, TABLES_AT, components, width, predictor, first, row, above)
    )
      fail('invalid code');
    const used = words[at] - dataAt - words[held] / 8;
    if (used > length + FORGIVEN_BYTES) fail('data ends too soon');
    for (let k = 0, to = y * folded; k < folded && to < target.keepRows; k++, to++)
      target.data.set(
        new Uint16Array(buffer, row + 2 * k * tileWidth, keep),
        target.offset + to * target.stride,
      );
  }
}
