import { checkRegion, mirror, type Region } from './demosaic';

/**
 * Demosaic of an RGGB mosaic along its edges, not across them: green from the direction in which
 * less changes (Hamilton and Adams 1997, "Adaptive color plan interpolation"), red and blue by
 * their differences from it. Slower than `demosaicMalvar`, and free of coloured seams where the
 * light changes by many stops from one photosite to the next. The frame's edge is mirrored.
 *
 * @param raw mosaic, `width * height`, RGGB from the top left, both at least 3
 * @param region part to demosaic, inside the frame
 * @param out interleaved RGB, `region.width * region.height * 3`, 0 or more. Throws RangeError when
 *   the region leaves the frame or `out` is too small.
 */
export function demosaicDirected(
  raw: Float32Array,
  width: number,
  height: number,
  region: Region,
  out: Float32Array,
): void {
  checkRegion(width, height, region, out.length);
  // Columns from one before the region to one after it.
  const across = region.width + 2;
  const columns = new Int32Array(across + 4);
  for (let i = 0; i < columns.length; i++) columns[i] = mirror(region.x + i - 3, width);
  let above = new Float32Array(across);
  let here = new Float32Array(across);
  let below = new Float32Array(across);
  greenRow(raw, width, height, region.y - 1, columns, above);
  greenRow(raw, width, height, region.y, columns, here);
  for (let y = region.y, o = 0; y < region.y + region.height; y++) {
    greenRow(raw, width, height, y + 1, columns, below);
    const r0 = mirror(y, height) * width;
    const rm1 = mirror(y - 1, height) * width;
    const rp1 = mirror(y + 1, height) * width;
    const redRow = (y & 1) === 0;
    for (let i = 0; i < region.width; i++, o += 3) {
      const w = columns[i + 2];
      const x = columns[i + 3];
      const e = columns[i + 4];
      const g = here[i + 1];
      let own: number;
      let other: number;
      if (((y ^ x) & 1) === 0) {
        own = raw[r0 + x];
        other =
          g +
          (raw[rm1 + w] - above[i] + raw[rm1 + e] - above[i + 2]) / 4 +
          (raw[rp1 + w] - below[i] + raw[rp1 + e] - below[i + 2]) / 4;
      } else {
        own = g + (raw[r0 + w] - here[i] + raw[r0 + e] - here[i + 2]) / 2;
        other = g + (raw[rm1 + x] - above[i + 1] + raw[rp1 + x] - below[i + 1]) / 2;
      }
      if (own < 0) own = 0;
      if (other < 0) other = 0;
      out[o] = redRow ? own : other;
      out[o + 1] = g;
      out[o + 2] = redRow ? other : own;
    }
    [above, here, below] = [here, below, above];
  }
}

/** Green of a row: as measured, or along the direction in which less changes. */
function greenRow(
  raw: Float32Array,
  width: number,
  height: number,
  row: number,
  columns: Int32Array,
  green: Float32Array,
): void {
  const y = mirror(row, height);
  const r0 = y * width;
  const rm1 = mirror(y - 1, height) * width;
  const rm2 = mirror(y - 2, height) * width;
  const rp1 = mirror(y + 1, height) * width;
  const rp2 = mirror(y + 2, height) * width;
  for (let i = 0; i < green.length; i++) {
    const x = columns[i + 2];
    const c = raw[r0 + x];
    if (((y ^ x) & 1) === 1) {
      green[i] = c;
      continue;
    }
    const w = raw[r0 + columns[i + 1]];
    const e = raw[r0 + columns[i + 3]];
    const n = raw[rm1 + x];
    const s = raw[rp1 + x];
    const bendAcross = 2 * c - raw[r0 + columns[i]] - raw[r0 + columns[i + 4]];
    const bendAlong = 2 * c - raw[rm2 + x] - raw[rp2 + x];
    const changeAcross = Math.abs(w - e) + Math.abs(bendAcross);
    const changeAlong = Math.abs(n - s) + Math.abs(bendAlong);
    const v =
      changeAcross < changeAlong
        ? (w + e) / 2 + bendAcross / 4
        : changeAlong < changeAcross
          ? (n + s) / 2 + bendAlong / 4
          : (w + e + n + s) / 4 + (bendAcross + bendAlong) / 8;
    green[i] = v > 0 ? v : 0;
  }
}
