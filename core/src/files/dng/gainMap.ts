/**
 * A gain map (DNG 1.4, chapter 7, "GainMap"): what each photosite is multiplied by, given at a few
 * points and interpolated between them.
 */
export interface GainMap {
  /**
   * The photosites it is for, in the active area; every `rowPitch`-th row, `columnPitch`-th column.
   */
  readonly top: number;
  readonly left: number;
  readonly bottom: number;
  readonly right: number;
  readonly plane: number;
  readonly planes: number;
  readonly rowPitch: number;
  readonly columnPitch: number;
  readonly rows: number;
  readonly columns: number;
  /** In heights and widths of the active area. */
  readonly spacingV: number;
  readonly spacingH: number;
  readonly originV: number;
  readonly originH: number;
  readonly mapPlanes: number;
  /** `rows * columns * mapPlanes`. */
  readonly gains: Float32Array;
}

const HEAD_BYTES = 76;
const MAX_POINTS = 1 << 16;
const MAX_GAIN = 64;

/** Reads the parameters of the opcode; null where they make no sense. */
export function readGainMap(bytes: Uint8Array): GainMap | null {
  if (bytes.length < HEAD_BYTES) return null;
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.length);
  const [top, left, bottom, right, plane, planes, rowPitch, columnPitch, rows, columns] =
    Array.from({ length: 10 }, (_, i) => view.getUint32(4 * i));
  const [spacingV, spacingH, originV, originH] = [0, 1, 2, 3].map((i) =>
    view.getFloat64(40 + 8 * i),
  );
  const mapPlanes = view.getUint32(72);
  const count = rows * columns * mapPlanes;
  const isSensible =
    bottom > top &&
    right > left &&
    planes > 0 &&
    rowPitch > 0 &&
    columnPitch > 0 &&
    count > 0 &&
    count <= MAX_POINTS &&
    bytes.length >= HEAD_BYTES + 4 * count &&
    (rows === 1 || spacingV > 0) &&
    (columns === 1 || spacingH > 0) &&
    Number.isFinite(originV + originH);
  if (!isSensible) return null;
  const gains = Float32Array.from({ length: count }, (_, i) => view.getFloat32(HEAD_BYTES + 4 * i));
  if (!gains.every((gain) => gain >= 0 && gain <= MAX_GAIN)) return null;
  return {
    ...{ top, left, bottom, right, plane, planes, rowPitch, columnPitch, rows, columns },
    ...{ spacingV, spacingH, originV, originH, mapPlanes, gains },
  };
}

/**
 * The map at a place, for one of its planes.
 *
 * @param v,h 0..1 of the active area
 */
export function gainAt(map: GainMap, plane: number, v: number, h: number): number {
  const { rows, columns, mapPlanes, gains } = map;
  const place = (at: number, count: number): [number, number] => {
    const inside = Math.min(count - 1, Math.max(0, at));
    const first = Math.min(Math.max(0, count - 2), Math.floor(inside));
    return [first, inside - first];
  };
  const [y, fy] = rows === 1 ? [0, 0] : place((v - map.originV) / map.spacingV, rows);
  const [x, fx] = columns === 1 ? [0, 0] : place((h - map.originH) / map.spacingH, columns);
  const p = Math.min(plane, mapPlanes - 1);
  const [down, right] = [rows === 1 ? 0 : 1, columns === 1 ? 0 : 1];
  const at = (row: number, column: number): number =>
    gains[(row * columns + column) * mapPlanes + p];
  const above = at(y, x) * (1 - fx) + at(y, x + right) * fx;
  const below = at(y + down, x) * (1 - fx) + at(y + down, x + right) * fx;
  return above * (1 - fy) + below * fy;
}
