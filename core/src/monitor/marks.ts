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

/** Every third step along a diagonal is a stripe. */
const isStripe = (along: number, step: number): boolean => Math.floor(along / step) % 3 === 0;

/**
 * Prints marks over a picture so that they read without colour: clipped = round dots on a square grid, crushed = small,
 * sparse dots, zebra = stripes falling to the left, the second band = finer stripes falling to the right, edges in focus =
 * unbroken lines. A dot wins over a line, a line over a stripe.
 *
 * @param marks one byte a pixel from the monitor pass
 * @param rgba picture, changed in place
 */
export function printMarks(
  marks: Uint8Array,
  width: number,
  height: number,
  style: MarkStyle,
  rgba: Uint8ClampedArray,
): void {
  const { over, under, zebra, tone, peak } = style;
  const [toneBit, underBit, peakBit] = [
    bitIf(tone, MARK_TONE),
    bitIf(under, MARK_CRUSHED),
    bitIf(peak !== null, MARK_PEAK),
  ];
  const pitch = Math.max(4, Math.round(style.pitch));
  const dot2 = (pitch * 0.3) ** 2;
  const small2 = (pitch * 0.2) ** 2;
  const half = pitch / 2;
  const wide = Math.max(3, Math.round(pitch * 0.75));
  const fine = Math.max(2, Math.round(pitch * 0.4));
  for (let y = 0; y < height; y++) {
    const row = Math.floor(y / pitch);
    const dy = y - row * pitch + 0.5 - half;
    for (let x = 0; x < width; x++) {
      const mark = marks[y * width + x];
      if (mark === 0) continue;
      const column = Math.floor(x / pitch);
      const distance2 = dy * dy + (x - column * pitch + 0.5 - half) ** 2;
      let colour: MarkColour | null = null;
      const striped = zebra && (mark & (MARK_ZEBRA | MARK_SPECK)) === MARK_ZEBRA;
      const even = ((row | column) & 1) === 0;
      // Between stripes half the dots say as much, and leave more of the picture.
      if ((mark & MARK_CLIPPED & over) !== 0 && distance2 <= dot2 && (even || !striped))
        colour = style.overColour;
      // An edge is thin and whole: it reads as one where dots and stripes do not.
      else if (mark & peakBit) colour = peak;
      // Night is mostly crushed: its dots are small and sparse, or they would hide the picture.
      else if (mark & underBit && distance2 <= small2) colour = even ? style.underColour : null;
      else if (striped) colour = isStripe(x + y, wide) ? BLACK : null;
      else if (toneBit & mark) colour = isStripe(x - y + 4096, fine) ? WHITE : null;
      if (colour === null) continue;
      const o = 4 * (y * width + x);
      rgba[o] = colour[0];
      rgba[o + 1] = colour[1];
      rgba[o + 2] = colour[2];
    }
  }
}

/** What the clip view shows of what does not clip: luma, darkened so that the clipped parts stand out. */
const CLIP_VIEW_SHARE = 0.35;

/**
 * Shows what the raw has lost: the picture in dark greys, every clipped pixel in the sum of the colours of its clipped
 * channels (all three = white), crushed pixels black.
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
