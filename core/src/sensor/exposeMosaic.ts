import { KeptRoutines, padded } from '../wasm';
import { MOSAIC_WASM } from './mosaicWasm';
import { CFA_RGGB, type PhotositeResponse } from './sensorModel';
import { hash32, NORMAL_MASK, normalTable, POISSON_LIMIT_E, rowStream, xorshift32 } from './noise';

export interface MosaicExposure {
  readonly response: PhotositeResponse;
  /** Electrons per unit of camera-space light in the plane. */
  readonly electronsPerLight: number;
  readonly seed: number;
  /** Light of each row of the band as a share of what is given; null or left out: all of it. */
  readonly shares?: Float32Array | null;
}

/** Fixed pattern of the photosites' gain: the same for every frame of a sensor. */
const FIXED_PATTERN_SEED = 0x5a17;

/** The inner loop; addresses in bytes. See core/assembly/mosaic.ts. */
interface MosaicRoutines {
  mosaicRow(
    light: number,
    width: number,
    even: number,
    odd: number,
    state: number,
    fixed: number,
    perLight: number,
    prnu: number,
    readNoise: number,
    black: number,
    white: number,
    perE: number,
    normals: number,
    out: number,
  ): void;
}

/** The same in TypeScript. */
function plainRoutines(buffer: ArrayBuffer): MosaicRoutines {
  const floats = new Float32Array(buffer);
  const raw = new Uint16Array(buffer);
  const normals = normalTable();
  return {
    mosaicRow(
      light,
      width,
      even,
      odd,
      state,
      fixed,
      perLight,
      prnu,
      readNoise,
      black,
      white,
      perE,
      _normals,
      out,
    ) {
      for (let x = 0; x < width; x++) {
        fixed = xorshift32(fixed);
        const seen = floats[(light >> 2) + 3 * x + (x & 1 ? odd : even)];
        const mean = seen * perLight * (1 + prnu * normals[fixed & NORMAL_MASK]);
        state = xorshift32(state);
        let electrons =
          mean > POISSON_LIMIT_E
            ? mean + Math.sqrt(mean) * normals[state & NORMAL_MASK]
            : poissonCount(mean, state);
        state = xorshift32(state);
        electrons += readNoise * normals[(state >>> 8) & NORMAL_MASK];
        const dn = Math.round(black + electrons * perE);
        raw[(out >> 1) + x] = dn < 0 ? 0 : dn > white ? white : dn;
      }
    },
  };
}

const kept = new KeptRoutines(MOSAIC_WASM, plainRoutines, (buffer) =>
  new Float32Array(buffer).set(normalTable()),
);
/** The table of deviates lies first. */
const LIGHT_AT = padded(4 * (NORMAL_MASK + 1));

/**
 * Turns a band of light into Bayer raw values: photon noise, fixed-pattern gain, read noise, ADC.
 *
 * @param light camera-space light, interleaved RGB, `width * rows * 3`, any unit
 *   `electronsPerLight` is per
 * @param width photosites in a row; even
 * @param rows rows in this band
 * @param firstRow row of the whole frame at which the band starts; even
 * @param out raw values (black level included), `width * rows`
 * @param plain true: without WebAssembly in any case
 */
export function exposeMosaic(
  light: Float32Array,
  width: number,
  rows: number,
  firstRow: number,
  exposure: MosaicExposure,
  out: Uint16Array,
  plain = false,
): void {
  const { response, electronsPerLight, seed, shares } = exposure;
  const { readNoiseE, prnu, blackLevel, whiteLevel } = response;
  const perE = 1 / response.electronsPerDn;
  const rawAt = LIGHT_AT + padded(12 * width);
  const { buffer, routines } = kept.of(rawAt + padded(2 * width), plain);
  const floats = new Float32Array(buffer);
  const line = new Uint16Array(buffer, rawAt, width);
  for (let y = 0; y < rows; y++) {
    const row = firstRow + y;
    const cfaRow = (row & 1) << 1;
    floats.set(light.subarray(3 * width * y, 3 * width * (y + 1)), LIGHT_AT / 4);
    routines.mosaicRow(
      LIGHT_AT,
      width,
      CFA_RGGB[cfaRow],
      CFA_RGGB[cfaRow | 1],
      rowStream(seed, row),
      rowStream(FIXED_PATTERN_SEED, row),
      shares ? electronsPerLight * shares[y] : electronsPerLight,
      prnu,
      readNoiseE,
      blackLevel,
      whiteLevel,
      perE,
      0,
      rawAt,
    );
    out.set(line, y * width);
  }
}

/** A Poisson count of this mean (at most POISSON_LIMIT_E) from 32 random bits, by inversion. */
export function poissonCount(mean: number, randomBits: number): number {
  if (!(mean > 0)) return 0;
  const u = (hash32(randomBits, 0x9d2c) + 0.5) / 4294967296;
  let p = Math.exp(-mean);
  let cumulative = p;
  let count = 0;
  while (u > cumulative && count < 200) {
    count++;
    p *= mean / count;
    cumulative += p;
  }
  return count;
}
