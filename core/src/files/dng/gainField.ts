import type { PixelBox } from '../../optics/aspect';
import { CFA_RGGB } from '../../sensor/sensorModel';
import { gainAt, type GainMap } from './gainMap';
import type { DngFile } from './readDng';

/** Points along each side at which a field is kept: maps are coarser by far. */
const POINTS = 65;

/** What red, green and blue are multiplied by over the raw, from all gain maps together. */
export interface GainField {
  /** `POINTS * POINTS * 3`, from the first photosite of the normalised raw to its last. */
  readonly gains: Float32Array;
  readonly width: number;
  readonly height: number;
}

/** The gains of a DNG's maps; null where it has none. */
export function gainField({
  raw,
  stored,
  normalisation,
  activeArea,
  corrections,
}: DngFile): GainField | null {
  const { gainMaps } = corrections;
  if (gainMaps.length === 0) return null;
  const { width, height } = raw;
  const gains = new Float32Array(3 * POINTS * POINTS).fill(1);
  // From the normalised raw to the active area, which maps are for.
  const [dx, dy] = [normalisation.box.x - activeArea.x, normalisation.box.y - activeArea.y];
  const parts = gainMaps.flatMap((map) => channelsOf(map, stored.kind, dx, dy));
  for (let row = 0, i = 0; row < POINTS; row++)
    for (let column = 0; column < POINTS; column++, i += 3) {
      const y = dy + (row / (POINTS - 1)) * (height - 1);
      const x = dx + (column / (POINTS - 1)) * (width - 1);
      for (const { map, plane, channel, share } of parts) {
        if (y < map.top || y >= map.bottom || x < map.left || x >= map.right) continue;
        // Photosites lie in the middle of their place.
        const gain = gainAt(
          map,
          plane,
          (y + 0.5) / activeArea.height,
          (x + 0.5) / activeArea.width,
        );
        gains[i + channel] *= gain ** share;
      }
    }
  return { gains, width, height };
}

interface Part {
  readonly map: GainMap;
  readonly plane: number;
  readonly channel: number;
  /** Two maps of green have half a say each. */
  readonly share: number;
}

/** Which colours a map multiplies: of a mosaic those at its photosites, of colours its planes. */
function channelsOf(map: GainMap, kind: 'cfa' | 'linear', dx: number, dy: number): Part[] {
  if (kind === 'linear')
    return Array.from({ length: Math.min(3, map.plane + map.planes) - map.plane }, (_, k) => ({
      map,
      plane: k,
      channel: map.plane + k,
      share: 1,
    }));
  const all = [0, 1, 2].map((channel) => ({ map, plane: 0, channel, share: 1 }));
  if (map.rowPitch !== 2 || map.columnPitch !== 2) return all;
  const [x, y] = [(map.left - dx) & 1, (map.top - dy) & 1];
  const channel = CFA_RGGB[(y << 1) | x];
  return [{ map, plane: 0, channel, share: channel === 1 ? 0.5 : 1 }];
}

interface Levels {
  readonly blackLevel: number;
  readonly whiteLevel: number;
}

/**
 * Applies a field to a part of the raw that has been made RGB.
 *
 * @param rgb interleaved raw values, `columns * rows * 3`, changed in place, none above white;
 *   floating-point values may lie below 0
 * @param box the part in photosites of the normalised raw
 * @param factor photosites a pixel along each side
 */
export function applyGains(
  rgb: Uint16Array | Float32Array,
  { gains, width, height }: GainField,
  box: PixelBox,
  factor: number,
  { blackLevel, whiteLevel }: Levels,
): void {
  const [least, half] = rgb instanceof Uint16Array ? [0, 0.5] : [-Infinity, 0];
  const columns = Math.floor(box.width / factor);
  const rows = Math.floor(box.height / factor);
  const place = (at: number, size: number): number =>
    ((at + (factor - 1) / 2) / Math.max(1, size - 1)) * (POINTS - 1);
  for (let row = 0, o = 0; row < rows; row++) {
    const v = Math.min(POINTS - 1, place(box.y + row * factor, height));
    const y = Math.min(POINTS - 2, Math.floor(v));
    const fy = v - y;
    for (let column = 0; column < columns; column++, o += 3) {
      const h = Math.min(POINTS - 1, place(box.x + column * factor, width));
      const x = Math.min(POINTS - 2, Math.floor(h));
      const fx = h - x;
      const i = 3 * (y * POINTS + x);
      const below = i + 3 * POINTS;
      for (let c = 0; c < 3; c++) {
        const above = gains[i + c] * (1 - fx) + gains[i + 3 + c] * fx;
        const under = gains[below + c] * (1 - fx) + gains[below + 3 + c] * fx;
        const value =
          blackLevel + (rgb[o + c] - blackLevel) * (above * (1 - fy) + under * fy) + half;
        rgb[o + c] = value < least ? least : value > whiteLevel ? whiteLevel : value;
      }
    }
  }
}
