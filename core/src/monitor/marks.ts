import {
  MARK_CLIPPED,
  MARK_CRUSHED,
  MARK_PEAK,
  MARK_SPECK,
  MARK_TONE,
  MARK_ZEBRA,
} from './monitorPass';

/** Red, green, blue bytes. */
export type MarkColour = readonly [number, number, number];

/** Which marks are printed, and how. */
export interface MarkStyle {
  /** Bits of MARK_CLIPPED that get a dot; 0 = none. */
  readonly over: number;
  readonly under: boolean;
  readonly zebra: boolean;
  readonly tone: boolean;
  /** Edges in focus are drawn in this colour; null = none. */
  readonly peak: MarkColour | null;
  /** Dot pitch in pixels. */
  readonly pitch: number;
  readonly overColour: MarkColour;
  readonly underColour: MarkColour;
}

/** Hot pink and teal: the colours of clipped and crushed. */
export const CLIPPED_PINK: MarkColour = [255, 79, 146];
export const CRUSHED_TEAL: MarkColour = [23, 190, 173];

const BLACK: MarkColour = [12, 12, 12];
const WHITE: MarkColour = [244, 244, 244];

/** A bit to look for, or none. */
const bitIf = (wanted: boolean, bit: number): number => (wanted ? bit : 0);

/**
 * What a tile of the pattern says of a pixel: inside a dot, inside a small one, in every second
 * field.
 */
const DOT = 1;
const SMALL = 2;
const EVEN = 4;
const SPARSE = SMALL | EVEN;

/** Patterns of one pitch, ready to be looked up: made anew only when the pitch changes. */
interface Pattern {
  readonly pitch: number;
  /** DOT, SMALL, EVEN of a square of two by two fields, `side` x `side`. */
  readonly tile: Uint8Array;
  readonly side: number;
  /** 1 where a stripe runs, by the steps along a diagonal. */
  readonly wide: Uint8Array;
  readonly fine: Uint8Array;
}

/** More than width and height of any live frame together. */
const MAX_DIAGONAL = 8192;

let pattern: Pattern | null = null;

function patternOf(pitch: number): Pattern {
  if (pattern?.pitch === pitch) return pattern;
  const side = 2 * pitch;
  const tile = new Uint8Array(side * side);
  const off = (v: number): number => (v % pitch) + 0.5 - pitch / 2;
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const distance = Math.hypot(off(x), off(y));
      tile[y * side + x] =
        (distance <= pitch * 0.3 ? DOT : 0) |
        (distance <= pitch * 0.2 ? SMALL : 0) |
        (x < pitch && y < pitch ? EVEN : 0);
    }
  // Every third step along a diagonal is a stripe.
  const stripes = (step: number): Uint8Array => {
    const along = new Uint8Array(MAX_DIAGONAL);
    for (let from = 0; from < MAX_DIAGONAL; from += 3 * step) along.fill(1, from, from + step);
    return along;
  };
  const wide = stripes(Math.max(3, Math.round(pitch * 0.75)));
  const fine = stripes(Math.max(2, Math.round(pitch * 0.4)));
  pattern = { pitch, tile, side, wide, fine };
  return pattern;
}

/** An opaque pixel as one word; every machine a browser or Node runs on is little-endian. */
const wordOf = ([r, g, b]: MarkColour): number => ((255 << 24) | (b << 16) | (g << 8) | r) >>> 0;

/**
 * Prints marks over a picture so that they read without colour: clipped = round dots on a square
 * grid, crushed = small, sparse dots, zebra = stripes falling to the left, the second band = finer
 * stripes falling to the right, edges in focus = unbroken lines. A dot wins over a line, a line
 * over a stripe.
 *
 * @param marks one byte a pixel from the monitor pass
 * @param rgba opaque picture, changed in place; its offset must be a multiple of 4
 */
export function printMarks(
  marks: Uint8Array,
  width: number,
  height: number,
  style: MarkStyle,
  rgba: Uint8ClampedArray,
): void {
  const { under, zebra, tone, peak } = style;
  const overBits = MARK_CLIPPED & style.over;
  const toneBit = bitIf(tone, MARK_TONE);
  const underBit = bitIf(under, MARK_CRUSHED);
  const peakBit = bitIf(peak !== null, MARK_PEAK);
  const zebraBit = bitIf(zebra, MARK_ZEBRA);
  const wanted = overBits | toneBit | underBit | peakBit | zebraBit;
  const printed = patternOf(Math.max(4, Math.round(style.pitch)));
  const { tile, side, wide, fine } = printed;
  const [overWord, underWord] = [wordOf(style.overColour), wordOf(style.underColour)];
  const peakWord = wordOf(peak ?? WHITE);
  const [black, white] = [wordOf(BLACK), wordOf(WHITE)];
  const words = new Uint32Array(rgba.buffer, rgba.byteOffset, width * height);
  if ((wanted & ~(overBits | underBit)) === 0) {
    const over = { bits: overBits, word: overWord };
    printDots(marks, width, printed, over, { bits: underBit, word: underWord }, words);
    return;
  }
  const passed = markPasser(marks, wanted);
  for (let y = 0, p = 0; y < height; y++) {
    const tileRow = (y % side) * side;
    const end = (y + 1) * width;
    while ((p = passed(p, end)) < end) {
      const x = p - y * width;
      const mark = marks[p];
      const place = tile[tileRow + (x % side)];
      const striped = (mark & zebraBit) !== 0 && (mark & MARK_SPECK) === 0;
      // Between stripes half the dots say as much, and leave more of the picture.
      if ((mark & overBits) !== 0 && (place & DOT) !== 0 && (!striped || (place & EVEN) !== 0))
        words[p] = overWord;
      // An edge is thin and whole: it reads as one where dots and stripes do not.
      else if ((mark & peakBit) !== 0) words[p] = peakWord;
      // Night is mostly crushed: its dots are small and sparse, or they would hide the picture.
      else if ((mark & underBit) !== 0 && (place & SMALL) !== 0) {
        if ((place & EVEN) !== 0) words[p] = underWord;
      } else if (striped) {
        if (wide[x + y] !== 0) words[p] = black;
      } else if ((mark & toneBit) !== 0 && fine[x - y + FINE_START] !== 0) words[p] = white;
      p++;
    }
  }
}

/** Marks that are printed as dots of one colour. */
interface Dots {
  readonly bits: number;
  readonly word: number;
}

/** The same of dots alone, as it mostly is: only pixels inside of them are looked at. */
function printDots(
  marks: Uint8Array,
  width: number,
  { tile, side }: Pattern,
  over: Dots,
  under: Dots,
  words: Uint32Array,
): void {
  const columns = new Uint16Array(width);
  for (let row = 0; row < side; row++) {
    const places = tile.subarray(row * side, (row + 1) * side);
    let dots = 0;
    for (let x = 0; x < width; x++) if ((places[x % side] & DOT) !== 0) columns[dots++] = x;
    for (let from = row * width; from < marks.length; from += side * width)
      for (let k = 0; k < dots; k++) {
        const p = from + columns[k];
        if ((marks[p] & over.bits) !== 0) words[p] = over.word;
        else if ((marks[p] & under.bits) !== 0 && (places[columns[k] % side] & SPARSE) === SPARSE)
          words[p] = under.word;
      }
  }
}

/** Where the fine stripes are looked up for the diagonal through the first pixel. */
const FINE_START = MAX_DIAGONAL / 2;

/**
 * A function that passes over pixels without any of the wanted marks, four at a time where they lie
 * well in memory: from a pixel on to the next that has one, or to the end.
 */
function markPasser(marks: Uint8Array, wanted: number): (p: number, end: number) => number {
  const aligned = marks.byteOffset % 4 === 0;
  const fours = aligned ? new Uint32Array(marks.buffer, marks.byteOffset, marks.length >> 2) : null;
  const wantedFours = Math.imul(wanted, 0x01010101);
  return (from, end) => {
    let p = from;
    while (p < end && (marks[p] & wanted) === 0) {
      p++;
      if (!fours || (p & 3) !== 0) continue;
      while (p + 4 <= end && (fours[p >> 2] & wantedFours) === 0) p += 4;
    }
    return p;
  };
}

/**
 * What the clip view shows of what does not clip: luma, darkened so that the clipped parts stand
 * out.
 */
const CLIP_VIEW_SHARE = 0.35;

/**
 * Shows what the raw has lost: the picture in dark greys, every clipped pixel in the sum of the
 * colours of its clipped channels (all three = white), crushed pixels black.
 *
 * @param rgba the developed picture, changed in place
 */
export function printClipView(marks: Uint8Array, rgba: Uint8ClampedArray): void {
  for (let p = 0, o = 0; p < marks.length; p++, o += 4) {
    const mark = marks[p];
    if ((mark & MARK_CLIPPED) !== 0) {
      rgba[o] = (mark & 1) !== 0 ? 255 : 40;
      rgba[o + 1] = (mark & 2) !== 0 ? 255 : 40;
      rgba[o + 2] = (mark & 4) !== 0 ? 255 : 40;
    } else {
      const luma = 0.2126 * rgba[o] + 0.7152 * rgba[o + 1] + 0.0722 * rgba[o + 2];
      const grey = (mark & MARK_CRUSHED) !== 0 ? 0 : CLIP_VIEW_SHARE * luma;
      rgba[o] = grey;
      rgba[o + 1] = grey;
      rgba[o + 2] = grey;
    }
  }
}
