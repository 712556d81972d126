/**
 * The inner loop of a sensor's exposure, photosite by photosite; src/sensor/exposeMosaic.ts says
 * the same.
 */

/** The page's own exponential: that of this language rounds otherwise now and then. */
// @ts-ignore: decorator
@external("env", "exp")
declare function exp(x: f64): f64;

/** Deviates in the table, less one: a mask of random bits. */
const NORMAL_MASK: u32 = 16383;
/** A mean above this is drawn from the normal distribution. */
const POISSON_LIMIT_E: f64 = 40;
const MAX_COUNT = 200;

@inline
function xorshift32(state: u32): u32 {
  state ^= state << 13;
  state ^= state >> 17;
  return state ^ (state << 5);
}

/** 32-bit mix of two words (finaliser of MurmurHash3). */
function hash32(a: u32, b: u32): u32 {
  let h = ((a ^ 0x9e3779b9) * 0x85ebca6b) ^ ((b + 0x165667b1) * 0xc2b2ae35);
  h ^= h >> 16;
  h *= 0x85ebca6b;
  h ^= h >> 13;
  h *= 0xc2b2ae35;
  return h ^ (h >> 16);
}

@inline
function deviate(normals: usize, bits: u32): f64 {
  return load<f32>(normals + ((<usize>(bits & NORMAL_MASK)) << 2));
}

/** A Poisson count of this mean from 32 random bits, by inversion. */
function poissonCount(mean: f64, bits: u32): f64 {
  if (!(mean > 0)) return 0;
  const u = (<f64>hash32(bits, 0x9d2c) + 0.5) / 4294967296;
  let p = exp(-mean);
  let cumulative = p;
  let count = 0;
  while (u > cumulative && count < MAX_COUNT) {
    count++;
    p *= mean / <f64>count;
    cumulative += p;
  }
  return count;
}

/**
 * @param light a row of three floats a photosite
 * @param width photosites; even
 * @param even channel of the even photosites of the row, 0 to 2; likewise odd
 * @param state of the row's noise; fixed: of its photosites' gains
 * @param perLight electrons per unit of light
 * @param normals table of 16384 normal deviates
 * @param out receives 16-bit raw values
 */
export function mosaicRow(
  light: usize,
  width: i32,
  even: i32,
  odd: i32,
  state: u32,
  fixed: u32,
  perLight: f64,
  prnu: f64,
  readNoise: f64,
  black: f64,
  white: f64,
  perE: f64,
  normals: usize,
  out: usize,
): void {
  for (let x = 0; x < width; x++) {
    const channel = x & 1 ? odd : even;
    fixed = xorshift32(fixed);
    const seen = <f64>load<f32>(light + ((<usize>channel) << 2));
    const mean = seen * perLight * (1 + prnu * deviate(normals, fixed));
    state = xorshift32(state);
    let electrons =
      mean > POISSON_LIMIT_E
        ? mean + sqrt<f64>(mean) * deviate(normals, state)
        : poissonCount(mean, state);
    state = xorshift32(state);
    electrons += readNoise * deviate(normals, state >> 8);
    const dn = floor<f64>(black + electrons * perE + 0.5);
    store<u16>(out, <u16>(<i32>max<f64>(0, min<f64>(white, dn))));
    light += 12;
    out += 2;
  }
}
