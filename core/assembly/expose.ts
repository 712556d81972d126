/**
 * The inner loop of a live exposure, four pixels at a time; src/sensor/exposeLive.ts says the same.
 */

/** The deviate at an address of each lane's: noise of four values. */
@inline
function noiseAt(a: usize, b: usize, c: usize, d: usize): v128 {
  let noise = v128.load32_zero(a);
  noise = v128.load32_lane(b, noise, 1);
  noise = v128.load32_lane(c, noise, 2);
  return v128.load32_lane(d, noise, 3);
}

/** Counts with their noise, between nothing and white. */
@inline
function exposed(
  counts: v128,
  noise: v128,
  bases: v128,
  shots: v128,
  reads: v128,
  whites: v128,
): v128 {
  const sigma = f32x4.sqrt(f32x4.add(f32x4.mul(counts, shots), reads));
  const value = f32x4.add(f32x4.add(counts, bases), f32x4.mul(noise, sigma));
  return i32x4.trunc_sat_f32x4_s(f32x4.pmin(f32x4.pmax(value, f32x4.splat(0)), whites));
}

/**
 * @param light a row of three floats a pixel
 * @param n its pixels, a multiple of four
 * @param scales raw counts per unit of light for each of its values
 * @param share what all of them are multiplied by
 * @param base black level and a half
 * @param perCount variance of photon noise a count
 * @param read variance of read noise
 * @param white the highest value
 * @param normals table of 1024 normal deviates
 * @param streams four random states, one for each pixel of a block, carried on from row to row
 * @param out three 16-bit raw values a pixel
 */
export function exposeRow(
  light: usize,
  n: i32,
  scales: usize,
  share: f32,
  base: f32,
  perCount: f32,
  read: f32,
  white: f32,
  normals: usize,
  streams: usize,
  out: usize,
): void {
  const shares = f32x4.splat(share);
  const bases = f32x4.splat(base);
  const shots = f32x4.splat(perCount);
  const reads = f32x4.splat(read);
  const whites = f32x4.splat(white);
  const tables = i32x4.splat(<i32>normals);
  const mask = i32x4.splat(4092);
  let state = v128.load(streams);
  const last = out + <usize>n * 6;
  if (out < last) do {
    // One random word a pixel (xorshift32): ten bits for each channel.
    state = v128.xor(state, i32x4.shl(state, 13));
    state = v128.xor(state, i32x4.shr_u(state, 17));
    state = v128.xor(state, i32x4.shl(state, 5));
    const r = i32x4.add(tables, v128.and(mask, i32x4.shl(state, 2)));
    const g = i32x4.add(tables, v128.and(mask, i32x4.shr_u(state, 8)));
    const b = i32x4.add(tables, v128.and(mask, i32x4.shr_u(state, 18)));
    const c0 = exposed(
      f32x4.mul(f32x4.mul(v128.load(light), v128.load(scales)), shares),
      noiseAt(
        i32x4.extract_lane(r, 0),
        i32x4.extract_lane(g, 0),
        i32x4.extract_lane(b, 0),
        i32x4.extract_lane(r, 1),
      ),
      bases,
      shots,
      reads,
      whites,
    );
    const c1 = exposed(
      f32x4.mul(f32x4.mul(v128.load(light, 16), v128.load(scales, 16)), shares),
      noiseAt(
        i32x4.extract_lane(g, 1),
        i32x4.extract_lane(b, 1),
        i32x4.extract_lane(r, 2),
        i32x4.extract_lane(g, 2),
      ),
      bases,
      shots,
      reads,
      whites,
    );
    const c2 = exposed(
      f32x4.mul(f32x4.mul(v128.load(light, 32), v128.load(scales, 32)), shares),
      noiseAt(
        i32x4.extract_lane(b, 2),
        i32x4.extract_lane(r, 3),
        i32x4.extract_lane(g, 3),
        i32x4.extract_lane(b, 3),
      ),
      bases,
      shots,
      reads,
      whites,
    );
    v128.store(out, i16x8.narrow_i32x4_u(c0, c1));
    v128.store64_lane(out, i16x8.narrow_i32x4_u(c2, c2), 0, 16);
    light += 48;
    scales += 48;
    out += 24;
  } while (out < last);
  v128.store(streams, state);
}
