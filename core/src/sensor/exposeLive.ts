import { KeptRoutines, padded, PORTION } from '../wasm';
import { EXPOSE_WASM } from './exposeWasm';
import { rowStream, SMALL_NORMAL_BITS, SMALL_NORMAL_TABLE as NORMAL } from './noise';
import type { PhotositeResponse } from './sensorModel';

/** The inner loop; addresses in bytes. See core/assembly/expose.ts. */
interface ExposeRoutines {
  exposeRow(
    light: number,
    n: number,
    scales: number,
    share: number,
    base: number,
    perCount: number,
    read: number,
    white: number,
    normals: number,
    streams: number,
    out: number,
  ): void;
}

/** Pixels worked on at a time, each with a random stream of its own. */
const BLOCK = 4;
const MASK = (1 << SMALL_NORMAL_BITS) - 1;

/** The same in TypeScript. */
function plainRoutines(buffer: ArrayBuffer): ExposeRoutines {
  const floats = new Float32Array(buffer);
  const halves = new Uint16Array(buffer);
  const words = new Uint32Array(buffer);
  return {
    exposeRow(light, n, scales, share, base, perCount, read, white, normals, streams, out) {
      let [i, s, o] = [light >> 2, scales >> 2, out >> 1];
      for (let p = 0; p < n; p++) {
        const stream = (streams >> 2) + (p % BLOCK);
        let state = words[stream];
        state ^= state << 13;
        state ^= state >>> 17;
        state ^= state << 5;
        words[stream] = state;
        for (let c = 0; c < 3; c++, i++, s++, o++) {
          const counts = floats[i] * floats[s] * share;
          const normal = floats[(normals >> 2) + ((state >>> (10 * c)) & MASK)];
          const dn = counts + base + normal * Math.sqrt(counts * perCount + read);
          halves[o] = dn < 0 ? 0 : dn > white ? white : dn;
        }
      }
    },
  };
}

/** Addresses; light and raw values follow behind the scales of a row. */
const STREAMS = 64;
const NORMALS = STREAMS + 64;
const SCALES = NORMALS + 4 * NORMAL.length;

const kept = new KeptRoutines(EXPOSE_WASM, plainRoutines, (buffer) =>
  new Float32Array(buffer).set(NORMAL, NORMALS >> 2),
);

/** Light that differs from row to row, or from column to column, by known shares. */
export interface LightStripes {
  /** One a row, or one a column. */
  readonly shares: Float32Array;
  readonly along: 'rows' | 'columns';
}

/**
 * A live, raw-like frame: every pixel holds red, green and blue raw values of the photosites under
 * it, binned. Noise is the normal limit throughout, because bins hold many photosites' electrons.
 *
 * @param light camera-space light, interleaved RGB, `3 * pixels`
 * @param width pixels a row
 * @param electronsPerLight electrons of a bin per unit of light
 * @param seed a new one for every frame
 * @param out raw values (black level included), interleaved RGB, `3 * pixels`
 * @param stripes what the light is multiplied by, row by row or column by column
 * @param plain true: without WebAssembly in any case
 */
export function exposeLive(
  light: Float32Array,
  width: number,
  response: PhotositeResponse,
  electronsPerLight: number,
  seed: number,
  out: Uint16Array,
  stripes: LightStripes | null = null,
  plain = false,
): void {
  const { blackLevel, whiteLevel, electronsPerDn, readNoiseE } = response;
  const height = light.length / 3 / width;
  const rows = Math.max(1, Math.floor(PORTION / width));
  const lightAt = SCALES + padded(12 * width);
  const outAt = lightAt + padded(12 * rows * width);
  const { buffer, routines } = kept.of(outAt + padded(6 * rows * width), plain);
  new Uint32Array(buffer, STREAMS, BLOCK).set(
    Array.from({ length: BLOCK }, (_, k) => rowStream(seed, k)),
  );
  const scales = new Float32Array(buffer, SCALES, 3 * width).fill(
    electronsPerLight / electronsPerDn,
  );
  if (stripes?.along === 'columns')
    for (let i = 0; i < scales.length; i++) scales[i] *= stripes.shares[Math.floor(i / 3)];
  const blocks = BLOCK * Math.ceil(width / BLOCK);
  // Half a count more, because what follows is cut off.
  const base = blackLevel + 0.5;
  const read = (readNoiseE / electronsPerDn) ** 2;
  const shot = 1 / electronsPerDn;
  const noise = [base, shot, read, whiteLevel, NORMALS, STREAMS] as const;
  const portion = new Float32Array(buffer, lightAt, 3 * rows * width);
  const exposed = new Uint16Array(buffer, outAt, 3 * rows * width);
  for (let top = 0; top < height; top += rows) {
    const n = Math.min(rows, height - top);
    const [from, to] = [3 * top * width, 3 * (top + n) * width];
    portion.set(light.subarray(from, to));
    for (let row = 0; row < n; row++) {
      const share = stripes?.along === 'rows' ? stripes.shares[top + row] : 1;
      const first = row * width;
      routines.exposeRow(lightAt + 12 * first, blocks, SCALES, share, ...noise, outAt + 6 * first);
    }
    out.set(exposed.subarray(0, to - from), from);
  }
}
