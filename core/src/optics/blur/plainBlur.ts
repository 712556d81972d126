import type { BlurRoutines } from './blurRoutines';

/**
 * Cover of the background that is worked out from what is seen of it beside the foreground counts
 * this much more.
 */
const TRUST = 4;

/**
 * What core/assembly/blur.ts does, in TypeScript: for where there is no WebAssembly, and to check
 * it against.
 */
export function plainRoutines(buffer: ArrayBuffer): BlurRoutines {
  const floats = new Float32Array(buffer);
  const ints = new Int32Array(buffer);
  const gather = (cell: number, light: number, radius: number, share: number): void => {
    for (let c = 0; c < 4; c++) floats[cell + c] += share * floats[light + c];
    floats[cell + 4] += share * radius;
  };
  return {
    sortRow(rgb, depth, n, scale, focus, least, most, perPx, sharp, light, back, front, wide) {
      let flags = 0;
      for (let p = 0; p < n; p++) {
        const radius = scale * (1 / floats[(depth >> 2) + p] - focus);
        const size = Math.abs(radius);
        const isSharp = size < least;
        const isWide = size > most;
        for (let c = 0; c < 4; c++) {
          const value = c < 3 ? floats[(rgb >> 2) + 3 * p + c] : 1;
          floats[(light >> 2) + 4 * p + c] = value;
          floats[(sharp >> 2) + 4 * p + c] = isSharp ? value : 0;
        }
        const disc = isSharp || isWide ? -1 : Math.floor(size * perPx + 0.5);
        ints[(back >> 2) + p] = radius < 0 ? disc : -1;
        ints[(front >> 2) + p] = radius < 0 ? -1 : disc;
        floats[(wide >> 2) + p] = isWide ? radius : 0;
        if (isWide) flags |= 4;
        else if (!isSharp) flags |= radius < 0 ? 1 : 2;
      }
      return flags;
    },
    gatherRow(light, wide, n, sign, x, y, widest, most, coarsest, grids) {
      for (let p = 0; p < n; p++) {
        const radius = Math.min(widest, sign * floats[(wide >> 2) + p]);
        if (radius <= 0) continue;
        let grid = 1;
        while (radius > most * 2 ** grid && grid < coarsest) grid++;
        const entry = (grids >> 2) + 3 * (grid - 1);
        ints[entry + 2] = 1;
        const u = (x + p + 0.5) / 2 ** grid + 0.5;
        const v = (y + 0.5) / 2 ** grid + 0.5;
        const [left, top] = [Math.floor(u), Math.floor(v)];
        const [fx, fy] = [u - left, v - top];
        const row = ints[entry + 1] >> 2;
        const cell = (ints[entry] >> 2) + top * row + 8 * left;
        const from = (light >> 2) + 4 * p;
        gather(cell, from, radius, (1 - fx) * (1 - fy));
        gather(cell + 8, from, radius, fx * (1 - fy));
        gather(cell + row, from, radius, (1 - fx) * fy);
        gather(cell + row + 8, from, radius, fx * fy);
      }
    },
    spreadRow(pixels, kernels, n, cells, table) {
      for (let p = 0; p < n; p++) {
        const kernel = ints[(kernels >> 2) + p];
        if (kernel < 0) continue;
        const light = (pixels >> 2) + 4 * p;
        const cell = (cells >> 2) + 4 * p;
        let tap = ints[(table >> 2) + 2 * kernel] >> 2;
        const end = tap + 2 * ints[(table >> 2) + 2 * kernel + 1];
        for (; tap < end; tap += 2) {
          const o = cell + (ints[tap] >> 2);
          for (let c = 0; c < 4; c++) floats[o + c] += floats[light + c] * floats[tap + 1];
        }
      }
    },
    enlargeRow(near, far, n, out) {
      const a = near >> 2;
      const b = far >> 2;
      const mixed = (i: number): number => 0.75 * floats[a + i] + 0.25 * floats[b + i];
      for (let i = 0, o = out >> 2; i < 4 * n; i++) {
        if (i > 0 && i % 4 === 0) o += 4;
        floats[o + i] = 0.75 * mixed(i) + 0.25 * mixed(i - 4);
        floats[o + i + 4] = 0.75 * mixed(i) + 0.25 * mixed(i + 4);
      }
    },
    overBack(layer, behind, n) {
      for (let p = 0, o = layer >> 2, b = behind >> 2; p < n; p++, o += 4, b += 4) {
        const cover = floats[o + 3];
        const own = 1 / Math.max(1, cover);
        const left = Math.max(0, 1 - cover);
        const sure = own * cover + left * floats[b + 3];
        const trust = sure > 0 && sure < 1 ? Math.min(1, TRUST * sure) / sure : 1;
        for (let c = 0; c < 4; c++)
          floats[o + c] = trust * (own * floats[o + c] + left * floats[b + c]);
      }
    },
    overFront(layer, before, n) {
      for (let p = 0, o = layer >> 2, f = before >> 2; p < n; p++, o += 4, f += 4) {
        const own = Math.max(0, 1 - floats[f + 3]) / Math.max(1, floats[o + 3]);
        for (let c = 0; c < 4; c++) floats[o + c] = floats[f + c] + own * floats[o + c];
      }
    },
    composeRow(sharp, back, front, n, out) {
      for (let p = 0; p < n; p++) {
        const i = 4 * p;
        const from = floats[(sharp >> 2) + i + 3] > 0 ? (sharp >> 2) + i : (back >> 2) + i;
        const near = (front >> 2) + i;
        const left = 1 - floats[near + 3];
        const cover = floats[near + 3] + left * floats[from + 3];
        const scale = cover > 0 ? 1 / cover : 1;
        for (let c = 0; c < 3; c++)
          floats[(out >> 2) + 3 * p + c] = scale * (floats[near + c] + left * floats[from + c]);
      }
    },
  };
}
