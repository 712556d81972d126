import { deepTone, developDeep, developRgb, type Developer } from '../colour/develop/develop';
import { demosaicMalvar, type Region } from '../sensor/demosaic';

/** A mosaic (RGGB) that is to become a picture. */
export interface MosaicFrame {
  /** Raw values, `width * height`. */
  readonly raw: Uint16Array;
  readonly width: number;
  readonly height: number;
  readonly whiteLevel: number;
}

/** A developed picture, the right way up. */
export interface DevelopedFrame<T> {
  readonly width: number;
  readonly height: number;
  /** Interleaved: RGBA bytes, or 16-bit RGB. */
  readonly data: T;
}

/** Rows demosaiced at a time: enough to keep overheads small, few enough to stay in the cache. */
const ROWS = 32;

/**
 * Demosaics and develops part of a frame at full size.
 *
 * @param region in the raw's own orientation
 * @param turned the frame is to be seen turned by 90 degrees clockwise (TIFF orientation 6)
 * @param store takes `count` developed pixels from `from` on and puts them at `at`, `at + step`,
 *   ...
 */
function eachRow(
  frame: MosaicFrame,
  region: Region,
  turned: boolean,
  developRows: (rgb: Uint16Array) => void,
  store: (from: number, at: number, step: number, count: number) => void,
): { width: number; height: number } {
  const { raw, width, height, whiteLevel } = frame;
  const size = turned
    ? { width: region.height, height: region.width }
    : { width: region.width, height: region.height };
  const rgb = new Uint16Array(3 * region.width * ROWS);
  for (let top = 0; top < region.height; top += ROWS) {
    const rows = Math.min(ROWS, region.height - top);
    const part = { x: region.x, y: region.y + top, width: region.width, height: rows };
    demosaicMalvar(raw, width, height, whiteLevel, part, rgb);
    developRows(rgb);
    for (let row = 0; row < rows; row++) {
      const y = top + row;
      // Turned clockwise, the raw's first row is the picture's right edge.
      if (turned) store(row * region.width, size.width - 1 - y, size.width, region.width);
      else store(row * region.width, y * size.width, 1, region.width);
    }
  }
  return size;
}

/** A picture of 8 bits, RGBA. Throws RangeError when the region leaves the frame. */
export function developFrame(
  frame: MosaicFrame,
  developer: Developer,
  region: Region,
  turned: boolean,
): DevelopedFrame<Uint8ClampedArray<ArrayBuffer>> {
  const data = new Uint8ClampedArray(4 * region.width * region.height);
  const words = new Uint32Array(data.buffer);
  const rows = new Uint8ClampedArray(4 * region.width * ROWS);
  const rowWords = new Uint32Array(rows.buffer);
  const size = eachRow(
    frame,
    region,
    turned,
    (rgb) => developRgb(rgb, developer, rows),
    (from, at, step, count) => {
      for (let i = 0, o = at; i < count; i++, o += step) words[o] = rowWords[from + i];
    },
  );
  return { ...size, data };
}

/** A picture of 16 bits a channel, RGB. Throws RangeError when the region leaves the frame. */
export function developDeepFrame(
  frame: MosaicFrame,
  developer: Developer,
  region: Region,
  turned: boolean,
): DevelopedFrame<Uint16Array<ArrayBuffer>> {
  const data = new Uint16Array(3 * region.width * region.height);
  const tone = deepTone(developer);
  const rows = new Uint16Array(3 * region.width * ROWS);
  const size = eachRow(
    frame,
    region,
    turned,
    (rgb) => developDeep(rgb, developer, tone, rows),
    (from, at, step, count) => {
      for (let i = 3 * from, o = 3 * at, end = i + 3 * count; i < end; i += 3, o += 3 * step) {
        data[o] = rows[i];
        data[o + 1] = rows[i + 1];
        data[o + 2] = rows[i + 2];
      }
    },
  );
  return { ...size, data };
}
