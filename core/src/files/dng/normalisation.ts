import type { PixelBox } from '../../optics/aspect';
import type { TiffDirectory, TiffReader } from '../tiff/reader';
import { DngError, DngNotSupported } from './dngError';
import { MIN_SIDE, type StoredRaw } from './storedRaw';
import { TAG } from './tags';

/**
 * How a stored raw becomes the one form everything else reads: red, green, green, blue from its
 * first photosite on, one black level and one white level, no masked borders (DNG 1.4, chapter 5,
 * "Mapping raw values to linear reference values", black only: the scale stays the file's).
 */
export interface Normalisation {
  /** The part of the stored raw that is kept. */
  readonly box: PixelBox;
  /** The black level all photosites are brought to. */
  readonly blackLevel: number;
  /** What reaches it clips, in any colour. */
  readonly whiteLevel: number;
  /**
   * Added to what is stored: by place, repeated; and by column and row of the box. Null: nothing.
   */
  readonly shift: BlackShift | null;
  /** What each sample's light is multiplied by, where white differs by colour; null: nothing. */
  readonly gains: readonly number[] | null;
}

interface BlackShift {
  readonly columns: number;
  readonly rows: number;
  /** `rows * columns * samplesPerPixel`, from the box' first photosite on. */
  readonly byPlace: Float64Array;
  readonly byColumn: Float64Array | null;
  readonly byRow: Float64Array | null;
}

const MAX_REPEAT = 16;
const MAX_LEVEL = 65535;

export function readNormalisation(
  reader: TiffReader,
  d: TiffDirectory,
  stored: StoredRaw,
  area: PixelBox,
): Normalisation {
  const { x, y } = stored.kind === 'cfa' ? firstRed(reader, d) : { x: 0, y: 0 };
  const box = {
    x: area.x + x,
    y: area.y + y,
    width: area.width - x,
    height: area.height - y,
  };
  if (box.width < MIN_SIDE || box.height < MIN_SIDE)
    throw new DngError('The DNG is broken: hardly any of its raw image is sensor data.');
  const { samplesPerPixel } = stored;
  const [rows, columns] = repeatOf(reader, d);
  const unit = stored.scale ?? 1;
  const levels = reader.numbers(d, TAG.BlackLevel).map((level) => level * unit);
  const count = rows * columns * samplesPerPixel;
  const blackOf = (i: number): number => levels[i] ?? levels[0] ?? 0;
  // The pattern begins with the active area, the box perhaps a photosite later.
  const black = Float64Array.from({ length: count }, (_, i) => {
    const sample = i % samplesPerPixel;
    const column = (Math.floor(i / samplesPerPixel) + x) % columns;
    const row = (Math.floor(i / samplesPerPixel / columns) + y) % rows;
    return blackOf((row * columns + column) * samplesPerPixel + sample);
  });
  const byColumn = deltas(reader, d, TAG.BlackLevelDeltaH, area.width, x, unit);
  const byRow = deltas(reader, d, TAG.BlackLevelDeltaV, area.height, y, unit);
  const most = (byColumn ? largest(byColumn) : 0) + (byRow ? largest(byRow) : 0);
  const blackLevel = Math.ceil(largest(black) + most);
  // Light is what lies between black and white of its own colour (DNG 1.4, chapter 5): the one with
  // the least room says where all clip.
  const whites = whiteLevels(reader, d, stored);
  const rooms = Array.from({ length: samplesPerPixel }, (_, c) => {
    const its = black.filter((_b, i) => i % samplesPerPixel === c);
    return Math.min(whites[c] ?? whites[0], MAX_LEVEL) - largest(its) - most;
  });
  const room = Math.min(...rooms);
  const isOneWhite = whites.every((white) => white === whites[0]);
  const gains = samplesPerPixel === 1 || isOneWhite ? null : rooms.map((its) => room / its);
  const isEven = !gains && !byColumn && !byRow && black.every((b) => b === black[0]);
  const normalised: Normalisation = {
    box,
    blackLevel,
    whiteLevel: Math.floor(blackLevel + room),
    shift:
      isEven && black[0] === blackLevel
        ? null
        : { columns, rows, byPlace: black.map((b) => blackLevel - b), byColumn, byRow },
    gains,
  };
  checkLevels(normalised);
  return normalised;
}

function checkLevels({ blackLevel, whiteLevel }: Normalisation): void {
  const sensible = whiteLevel > blackLevel && whiteLevel <= MAX_LEVEL && blackLevel >= 0;
  if (!sensible) throw new DngError('The DNG is broken: its black and white level make no sense.');
}

/** White levels of the samples; what their bits can hold where the file tells none (DNG 1.4). */
function whiteLevels(reader: TiffReader, d: TiffDirectory, { scale }: StoredRaw): number[] {
  if (scale !== null) return [MAX_LEVEL];
  const levels = reader.numbers(d, TAG.WhiteLevel).filter(Number.isFinite);
  return levels.length > 0 ? levels : [2 ** (reader.first(d, TAG.BitsPerSample) ?? 16) - 1];
}

const largest = (values: Float64Array): number => values.reduce((a, b) => Math.max(a, b));

/** The part of the stored raw that is light, without masked borders (ActiveArea). */
export function readActiveArea(
  reader: TiffReader,
  d: TiffDirectory,
  { width, height }: StoredRaw,
): PixelBox {
  const area = reader.numbers(d, TAG.ActiveArea);
  if (area.length === 0) return { x: 0, y: 0, width, height };
  const [top, left, bottom, right] = area;
  const isInside =
    area.length === 4 &&
    area.every((v) => Number.isInteger(v) && v >= 0) &&
    left < right &&
    top < bottom &&
    right <= width &&
    bottom <= height;
  if (!isInside)
    throw new DngError('The DNG is broken: its active area does not lie within its image.');
  return { x: left, y: top, width: right - left, height: bottom - top };
}

/** Where the first red photosite of a pattern of two by two lies, green beside it. */
function firstRed(reader: TiffReader, d: TiffDirectory): { x: number; y: number } {
  const pattern = reader.numbers(d, TAG.CFAPattern).join();
  const repeat = reader.numbers(d, TAG.CFARepeatPatternDim).join();
  const place = PATTERNS[pattern];
  if (!place || (repeat !== '2,2' && repeat !== ''))
    throw new DngNotSupported(
      "The DNG's colours do not lie in a Bayer pattern of two by two: that is not supported.",
    );
  return place;
}

/** 0 = red, 1 = green, 2 = blue, row by row (TIFF/EP, CFAPattern). */
const PATTERNS: Readonly<Record<string, { x: number; y: number } | undefined>> = {
  '0,1,1,2': { x: 0, y: 0 },
  '1,0,2,1': { x: 1, y: 0 },
  '1,2,0,1': { x: 0, y: 1 },
  '2,1,1,0': { x: 1, y: 1 },
};

function repeatOf(reader: TiffReader, d: TiffDirectory): [number, number] {
  const [rows = 1, columns = 1] = reader.numbers(d, TAG.BlackLevelRepeatDim);
  const isSensible = [rows, columns].every((v) => Number.isInteger(v) && v >= 1 && v <= MAX_REPEAT);
  if (!isSensible)
    throw new DngError('The DNG is broken: its black levels repeat in no sensible way.');
  return [rows, columns];
}

/**
 * Differences of black by column or row of the active area, from the box on; null where there are
 * none.
 */
function deltas(
  reader: TiffReader,
  d: TiffDirectory,
  tag: number,
  length: number,
  from: number,
  unit: number,
): Float64Array | null {
  const values = reader.numbers(d, tag);
  if (values.every((v) => v === 0)) return null;
  if (values.length !== length || !values.every(Number.isFinite))
    throw new DngError('The DNG is broken: its black levels by column or row are not complete.');
  return Float64Array.from(values.slice(from), (value) => value * unit);
}

function clip(data: Uint16Array, whiteLevel: number): void {
  if (bitsOf(data) <= whiteLevel) return;
  const { length } = data;
  for (let i = 0; i < length; i++) if (data[i] > whiteLevel) data[i] = whiteLevel;
}

/**
 * All bits that are set in any of the values: no value is larger. Two at a time, on four sums that
 * do not wait for each other: a fifth of the time of looking at each.
 */
function bitsOf({ buffer, byteOffset, length }: Uint16Array): number {
  if (byteOffset % 4 !== 0 || length % 8 !== 0) return 65535;
  const words = new Int32Array(buffer, byteOffset, length / 2);
  let [a, b, c, d] = [0, 0, 0, 0];
  for (let i = 0; i < words.length; i += 4) {
    a |= words[i];
    b |= words[i + 1];
    c |= words[i + 2];
    d |= words[i + 3];
  }
  const bits = a | b | c | d;
  return (bits | (bits >>> 16)) & 65535;
}

/**
 * Brings stored values to their normalised form; none above the white level (DNG 1.4, chapter 5,
 * "Clipping").
 *
 * @param data all stored samples, row by row; changed where nothing has to be moved
 */
export function normalised(
  data: Uint16Array,
  { width, samplesPerPixel: n }: Pick<StoredRaw, 'width' | 'samplesPerPixel'>,
  { box, blackLevel, whiteLevel, shift, gains }: Normalisation,
): Uint16Array {
  if (!shift && box.width * box.height * n === data.length) {
    clip(data, whiteLevel);
    return data;
  }
  const out = new Uint16Array(box.width * box.height * n);
  for (let y = 0, o = 0; y < box.height; y++) {
    let i = ((box.y + y) * width + box.x) * n;
    const end = o + box.width * n;
    if (!shift) for (; o < end; o++, i++) out[o] = data[i] > whiteLevel ? whiteLevel : data[i];
    else {
      const rowShift = shift.byRow ? -shift.byRow[y] : 0;
      const row = (y % shift.rows) * shift.columns * n;
      for (let x = 0; x < box.width; x++)
        for (let c = 0; c < n; c++, o++, i++) {
          let moved =
            data[i] +
            shift.byPlace[row + (x % shift.columns) * n + c] +
            rowShift -
            (shift.byColumn ? shift.byColumn[x] : 0);
          if (gains) moved = blackLevel + (moved - blackLevel) * gains[c];
          out[o] = moved < 0 ? 0 : moved > whiteLevel ? whiteLevel : moved + 0.5;
        }
    }
  }
  return out;
}
