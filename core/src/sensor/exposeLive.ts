import { createRoutines, type Routines } from '../wasm';
import { EXPOSE_WASM } from './exposeWasm';
import { rowStream, SMALL_NORMAL_BITS, SMALL_NORMAL_TABLE as NORMAL } from './noise';
import type { PhotositeResponse } from './sensorModel';

/** The inner loop; addresses in bytes. See exposeRoutines.wat. */
interface ExposeRoutines {
  exposePixels(
    light: number,
    n: number,
    scale: number,
    base: number,
    perCount: number,
    read: number,
    white: number,
    normals: number,
    state: number,
    out: number,
  ): number;
}

const MASK = (1 << SMALL_NORMAL_BITS) - 1;

/** The same in TypeScript. */
function plainRoutines(buffer: ArrayBuffer): ExposeRoutines {
  const floats = new Float32Array(buffer);
  const words = new Uint16Array(buffer);
  return {
    exposePixels(light, n, scale, base, perCount, read, white, normals, state, out) {
      for (let p = 0, i = light >> 2, o = out >> 1; p < n; p++) {
        state ^= state << 13;
        state ^= state >>> 17;
        state ^= state << 5;
        for (let c = 0; c < 3; c++, i++, o++) {
          const counts = floats[i] * scale;
          const normal = floats[(normals >> 2) + ((state >>> (10 * c)) & MASK)];
          const dn = counts + base + normal * Math.sqrt(counts * perCount + read);
          words[o] = dn < 0 ? 0 : dn > white ? white : dn;
        }
      }
      return state;
    },
  };
}

/** A memory with room for frames of so many pixels, the normal deviates at its beginning. */
interface Workshop extends Routines<ExposeRoutines> {
  readonly pixels: number;
  readonly plain: boolean;
}

const NORMALS = 64;
const LIGHT = NORMALS + 4 * NORMAL.length;
const outOf = (pixels: number): number => LIGHT + 16 * Math.ceil((12 * pixels + 4) / 16);

let workshop: Workshop | null = null;

function workshopFor(pixels: number, plain: boolean): Workshop {
  if (workshop && workshop.pixels >= pixels && workshop.plain === plain) return workshop;
  const bytes = outOf(pixels) + 6 * pixels + 16;
  workshop = { ...createRoutines(EXPOSE_WASM, bytes, plainRoutines, plain), pixels, plain };
  new Float32Array(workshop.buffer).set(NORMAL, NORMALS >> 2);
  return workshop;
}

/**
 * A live, raw-like frame: every pixel holds red, green and blue raw values of the photosites under it, binned.
 * Noise is the normal limit throughout, because bins hold many photosites' electrons.
 *
 * @param light camera-space light, interleaved RGB, `3 * pixels`
 * @param electronsPerLight electrons of a bin per unit of light
 * @param seed a new one for every frame
 * @param out raw values (black level included), interleaved RGB, `3 * pixels`
 * @param plain true: without WebAssembly in any case
 */
export function exposeLive(
  light: Float32Array,
  response: PhotositeResponse,
  electronsPerLight: number,
  seed: number,
  out: Uint16Array,
  plain = false,
): void {
  const { blackLevel, whiteLevel, electronsPerDn, readNoiseE } = response;
  const pixels = light.length / 3;
  const { buffer, routines } = workshopFor(pixels, plain);
  const at = outOf(pixels);
  new Float32Array(buffer, LIGHT, light.length).set(light);
  routines.exposePixels(
    LIGHT,
    pixels,
    electronsPerLight / electronsPerDn,
    // Half a count more, because what follows is cut off.
    blackLevel + 0.5,
    1 / electronsPerDn,
    (readNoiseE / electronsPerDn) ** 2,
    whiteLevel,
    NORMALS,
    rowStream(seed, light.length),
    at,
  );
  out.set(new Uint16Array(buffer, at, light.length));
}
