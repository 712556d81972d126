import type { RecipeLoops } from './recipeLoops';

const clamp = (v: number, most: number): number => (v > 0 ? (v < most ? v : most) : 0);

const smoothed = (v: number): number => {
  const t = clamp(v, 1);
  return t * t * (3 - 2 * t);
};

/** x (27 + x^2) / (27 + 9 x^2), and 1 from 3 on: near to tanh. */
function bent(v: number): number {
  const x = Math.min(3, Math.max(-3, v));
  return (x * (27 + x * x)) / (27 + 9 * x * x);
}

/**
 * Stops by which light is moved that lies `own` stops from mid-grey, its neighbourhood `parts`.
 *
 * @param gains of `gainNumbers`
 */
export function movedStops(own: number, parts: number, gains: ArrayLike<number>): number {
  const [contrast, highlights, shadows] = [gains[0], gains[2], gains[5]];
  return (
    contrast * bent(own * gains[1]) +
    highlights * smoothed(gains[3] + parts * gains[4]) +
    shadows * smoothed(gains[6] + parts * gains[7])
  );
}

/** The loops of core/assembly/recipe.ts in TypeScript. */
export function plainLoops(buffer: ArrayBuffer): RecipeLoops {
  const f = new Float32Array(buffer);
  const words = new Uint16Array(buffer);
  const bytes = new Uint8Array(buffer);
  /** Places of floats. */
  const at = (...addresses: number[]): number[] => addresses.map((address) => address >> 2);
  const looked = (table: number, steps: number, square: number): number =>
    f[table + Math.floor(Math.min(steps, Math.sqrt(Math.max(0, square))) + 0.5)];
  return {
    mosaicRow(raw, n, black, even, odd, pedestal, out) {
      const [o] = at(out);
      for (let x = 0; x < n; x++)
        f[o + x] = (words[(raw >> 1) + x] - black) * ((x & 1) === 0 ? even : odd) + pedestal;
    },
    greenRow(up2, up, here, down, down2, n, first, green, difference) {
      const [nn, north, c0, south, ss, g0, d0] = at(up2, up, here, down, down2, green, difference);
      for (let x = 0; x < n; x++) {
        const c = f[c0 + x];
        const [w, e] = [f[c0 + x - 1], f[c0 + x + 1]];
        const [u, d] = [f[north + x], f[south + x]];
        const bendAcross = 2 * c - f[c0 + x - 2] - f[c0 + x + 2];
        const bendAlong = 2 * c - f[nn + x] - f[ss + x];
        const across = (w + e) / 2 + bendAcross / 4;
        const along = (u + d) / 2 + bendAlong / 4;
        const changeAcross = Math.abs(w - e) + Math.abs(bendAcross);
        const changeAlong = Math.abs(u - d) + Math.abs(bendAlong);
        const value =
          changeAcross < changeAlong
            ? across
            : changeAlong < changeAcross
              ? along
              : (across + along) / 2;
        const g = (x & 1) === (first ? 0 : 1) ? c : Math.max(0, value);
        f[g0 + x] = g;
        f[d0 + x] = c - g;
      }
    },
    colourRow(above, here, below, green, n, pedestal, own, middle, other) {
      const [a, h, b, g0, o, m, r] = at(above, here, below, green, own, middle, other);
      for (let x = 0; x < n; x++) {
        const g = f[g0 + x] - pedestal;
        f[o + x] = g + f[h + x] + (f[h + x - 1] + f[h + x + 1]) / 2;
        f[m + x] = g;
        const corners = f[a + x - 1] + f[a + x + 1] + f[b + x - 1] + f[b + x + 1];
        f[r + x] = g + (f[a + x] + f[b + x]) / 2 + corners / 4;
      }
    },
    splineRows(...args) {
      const [a, b, c, d, e] = at(...args.slice(0, 5));
      const [o] = at(args[6]);
      for (let x = 0; x < args[5]; x++)
        f[o + x] = 0.0625 * (f[a + x] + f[e + x]) + 0.25 * (f[b + x] + f[d + x]) + 0.375 * f[c + x];
    },
    shrinkRow(row, smooth, kept, n, square) {
      const [r, s, k] = at(row, smooth, kept);
      for (let x = 0; x < n; x++) {
        const d = f[r + x] - f[s + x];
        if (d * d > square) f[k + x] += d - square / d;
        f[r + x] = f[s + x];
      }
    },
    addRow(row, more, n) {
      const [r, m] = at(row, more);
      for (let x = 0; x < n; x++) f[r + x] += f[m + x];
    },
    stabiliseRow(red, green, blue, n, noise) {
      const [r0, g0, b0, k] = at(red, green, blue, noise);
      const rooted = (v: number, c: number): number =>
        f[k + 2 * c] * Math.sqrt(Math.max(1e-12, v + f[k + 2 * c + 1]));
      for (let x = 0; x < n; x++) {
        const [r, g, b] = [rooted(f[r0 + x], 0), rooted(f[g0 + x], 1), rooted(f[b0 + x], 2)];
        f[r0 + x] = r - g;
        f[g0 + x] = (r + 2 * g + b) / 4;
        f[b0 + x] = b - g;
      }
    },
    restoreRow(red, green, blue, n, noise) {
      const [r0, g0, b0, k] = at(red, green, blue, noise);
      const squared = (v: number, c: number): number => f[k + 2 * c] * v * v - f[k + 2 * c + 1];
      for (let x = 0; x < n; x++) {
        const [a, b] = [f[r0 + x], f[b0 + x]];
        const g = f[g0 + x] - (a + b) / 4;
        f[r0 + x] = squared(g + a, 0);
        f[g0 + x] = squared(g, 1);
        f[b0 + x] = squared(g + b, 2);
      }
    },
    toneRow(...args) {
      const [red, green, blue] = at(...args.slice(0, 3));
      const n = args[3];
      const [p, curve, signal] = at(...args.slice(4, 7));
      const gains = args[7];
      const [slope, slopeBelow, offset, offsetBelow] = at(...args.slice(8, 12));
      const share = args[12];
      const out = at(...args.slice(13));
      const matrix = (m: number, a: number, b: number, c: number): number =>
        f[p + m] * a + f[p + m + 1] * b + f[p + m + 2] * c;
      const [colour, exposure, overGrey] = f.subarray(p + 12, p + 15);
      const [scale, steps] = f.subarray(p + 18, p + 20);
      const mirrored = (v: number): number =>
        Math.sign(v) * looked(curve, steps, scale * Math.abs(v));
      for (let x = 0; x < n; x++) {
        const r = Math.min(1, f[red + x] * f[p]);
        const g = Math.min(1, f[green + x] * f[p + 1]);
        const b = Math.min(1, f[blue + x] * f[p + 2]);
        const rgb = [matrix(3, r, g, b), matrix(6, r, g, b), matrix(9, r, g, b)];
        const luminance = matrix(15, rgb[0], rgb[1], rgb[2]);
        let gain = 1;
        if (gains) {
          const stops = Math.log2(Math.max(1e-12, luminance * overGrey));
          const a = f[slope + x] + share * (f[slopeBelow + x] - f[slope + x]);
          const o = f[offset + x] + share * (f[offsetBelow + x] - f[offset + x]);
          const parts = a * (stops - exposure) + o + exposure;
          gain = 2 ** movedStops(stops, parts, f.subarray(p + 20, p + 28));
        }
        const grey = gain * luminance * (1 - colour);
        const kept = rgb.map((v) => grey + gain * colour * v);
        if (signal) {
          const [cr, cg, cb] = kept.map(mirrored);
          [28, 31, 34].forEach((m, c) => {
            f[out[c] + x] = looked(signal, steps, steps * steps * matrix(m, cr, cg, cb));
          });
        } else
          kept.forEach((v, c) => {
            f[out[c] + x] = looked(curve, steps, scale * v);
          });
      }
    },
    lumaRow(red, green, blue, n, luma, out) {
      const [r, g, b, l, o] = at(red, green, blue, luma, out);
      for (let x = 0; x < n; x++)
        f[o + x] = f[l] * f[r + x] + f[l + 1] * f[g + x] + f[l + 2] * f[b + x];
    },
    sharpenRow(red, green, blue, luma, mean, n, amount, core, limit) {
      const [r, g, b, l, m] = at(red, green, blue, luma, mean);
      for (let x = 0; x < n; x++) {
        const d = f[l + x] - f[m + x];
        const more = (amount * d * d * d) / (d * d + core * core);
        const held = Math.max(-limit, Math.min(limit, more));
        for (const i of [r + x, g + x, b + x]) f[i] = clamp(f[i] + held, 1);
      }
    },
    bytesRow(red, green, blue, n, out) {
      const [r, g, b] = at(red, green, blue);
      for (let x = 0, o = out; x < n; x++, o += 4) {
        bytes[o] = 255 * f[r + x] + 0.5;
        bytes[o + 1] = 255 * f[g + x] + 0.5;
        bytes[o + 2] = 255 * f[b + x] + 0.5;
        bytes[o + 3] = 255;
      }
    },
    wordsRow(red, green, blue, n, out) {
      const [r, g, b] = at(red, green, blue);
      for (let x = 0, o = out >> 1; x < n; x++, o += 3) {
        words[o] = 65535 * f[r + x] + 0.5;
        words[o + 1] = 65535 * f[g + x] + 0.5;
        words[o + 2] = 65535 * f[b + x] + 0.5;
      }
    },
  };
}
