/**
 * The arithmetic that the places are written in, four rays at once. It stands in for
 * src/scene/rays/four.ts when a place is compiled, and rounds as that does. Registers and the
 * lattice of the noise lie at addresses of their own at the beginning of the memory.
 */

export type Four = v128;
export type Whole = i32;
export type Mask = v128;

/**
 * Where things lie, in bytes: 48 registers, what the compiler needs, the setting of a row, the
 * lattice, the rows.
 */
const SETTING: usize = 1024;
const LATTICE: usize = 2048;
const BELOW: usize = LATTICE + 257 * 4;

// prettier-ignore
@inline export function k(v: number): Four { return f32x4.splat(<f32>v); }

// prettier-ignore
@inline export function add(a: Four, b: Four): Four { return f32x4.add(a, b); }
// prettier-ignore
@inline export function sub(a: Four, b: Four): Four { return f32x4.sub(a, b); }
// prettier-ignore
@inline export function mul(a: Four, b: Four): Four { return f32x4.mul(a, b); }
// prettier-ignore
@inline export function div(a: Four, b: Four): Four { return f32x4.div(a, b); }
// prettier-ignore
@inline export function min(a: Four, b: Four): Four { return f32x4.pmin(a, b); }
// prettier-ignore
@inline export function max(a: Four, b: Four): Four { return f32x4.pmax(a, b); }
// prettier-ignore
@inline export function sqrt(a: Four): Four { return f32x4.sqrt(a); }
// prettier-ignore
@inline export function abs(a: Four): Four { return f32x4.abs(a); }
// prettier-ignore
@inline export function neg(a: Four): Four { return f32x4.neg(a); }
// prettier-ignore
@inline export function floor(a: Four): Four { return f32x4.floor(a); }

// prettier-ignore
@inline export function less(a: Four, b: Four): Mask { return f32x4.lt(a, b); }
// prettier-ignore
@inline export function atMost(a: Four, b: Four): Mask { return f32x4.le(a, b); }
// prettier-ignore
@inline export function same(a: Four, b: Four): Mask { return f32x4.eq(a, b); }
// prettier-ignore
@inline export function both(a: Mask, b: Mask): Mask { return v128.and(a, b); }
// prettier-ignore
@inline export function either(a: Mask, b: Mask): Mask { return v128.or(a, b); }
// prettier-ignore
@inline export function except(a: Mask, b: Mask): Mask { return v128.andnot(a, b); }
// prettier-ignore
@inline export function not(a: Mask): Mask { return v128.not(a); }
// prettier-ignore
@inline export function any(a: Mask): bool { return v128.any_true(a); }
// prettier-ignore
@inline export function select(mask: Mask, a: Four, b: Four): Four { return v128.bitselect(a, b, mask); }

/** Written as the exponent of a floating-point number. */
@inline
export function powerOfTwo(whole: Four): Four {
  return i32x4.shl(i32x4.add(i32x4.trunc_sat_f32x4_s(whole), i32x4.splat(127)), 23);
}

// prettier-ignore
@inline export function put(register: i32, v: Four): void { v128.store((<usize>register) << 4, v); }
// prettier-ignore
@inline export function got(register: i32): Four { return v128.load((<usize>register) << 4); }

export function cellRandom(x: Four, y: Four, salt: i32): Four {
  const ix = i32x4.add(i32x4.trunc_sat_f32x4_s(x), i32x4.splat(salt * 7919));
  const iy = i32x4.sub(i32x4.trunc_sat_f32x4_s(y), i32x4.splat(salt * 104729));
  let h = v128.xor(i32x4.mul(ix, i32x4.splat(0x27d4eb2d)), i32x4.mul(iy, i32x4.splat(0x165667b1)));
  h = i32x4.mul(v128.xor(h, i32x4.shr_u(h, 15)), i32x4.splat(0x85ebca6b));
  h = i32x4.mul(v128.xor(h, i32x4.shr_u(h, 13)), i32x4.splat(0xc2b2ae35));
  h = v128.xor(h, i32x4.shr_u(h, 16));
  return f32x4.mul(f32x4.convert_i32x4_u(h), f32x4.splat(<f32>2.3283064365386963e-10));
}

@inline
function eased(t: Four): Four {
  return mul(mul(mul(t, t), t), add(mul(t, sub(mul(t, k(6)), k(15))), k(10)));
}

/** Two neighbouring places of the lattice from each of two addresses. */
@inline
function upperPairs(first: i32, second: i32): v128 {
  return v128.load_lane<u64>(second, v128.load_zero<u64>(first, LATTICE), 1, LATTICE);
}

/** The same a row below. */
@inline
function lowerPairs(first: i32, second: i32): v128 {
  return v128.load_lane<u64>(second, v128.load_zero<u64>(first, BELOW), 1, BELOW);
}

/** The cell of a whole number, 0..255: the last bits of what it is with 1.5 * 2^23 added. */
@inline
function cell(whole: Four): v128 {
  return v128.and(f32x4.add(whole, f32x4.splat(12582912)), i32x4.splat(255));
}

@inline
export function valueNoise(x: Four, y: Four): Four {
  const fx = f32x4.floor(x);
  const fy = f32x4.floor(y);
  const wx = eased(sub(x, fx));
  const wy = eased(sub(y, fy));
  const row = cell(fy);
  const at = i32x4.shl(i32x4.add(i32x4.add(i32x4.shl(row, 8), row), cell(fx)), 2);
  const a0 = i32x4.extract_lane(at, 0);
  const a1 = i32x4.extract_lane(at, 1);
  const a2 = i32x4.extract_lane(at, 2);
  const a3 = i32x4.extract_lane(at, 3);
  // A corner and the one to its right lie side by side, those below them a row further.
  const t01 = upperPairs(a0, a1);
  const t23 = upperPairs(a2, a3);
  const b01 = lowerPairs(a0, a1);
  const b23 = lowerPairs(a2, a3);
  const a = v128.shuffle<i32>(t01, t23, 0, 2, 4, 6);
  const b = v128.shuffle<i32>(t01, t23, 1, 3, 5, 7);
  const c = v128.shuffle<i32>(b01, b23, 0, 2, 4, 6);
  const d = v128.shuffle<i32>(b01, b23, 1, 3, 5, 7);
  const upper = add(a, mul(sub(b, a), wx));
  const lower = add(c, mul(sub(d, c), wx));
  return add(upper, mul(sub(lower, upper), wy));
}

export const LANES = 4;

// prettier-ignore
@inline export function given(i: i32): Four { return v128.load_splat<f32>(SETTING + ((<usize>i) << 2)); }

@inline
export function columnsFrom(column: i32): Four {
  return f32x4.add(f32x4.splat(<f32>column), f32x4(0, 1, 2, 3));
}

// prettier-ignore
@inline export function loadFour(at: i32): Four { return v128.load(<usize>at); }
// prettier-ignore
@inline export function storeFour(at: i32, v: Four): void { v128.store(<usize>at, v); }

@inline
export function storeRgb(at: i32, r: Four, g: Four, b: Four): void {
  const left = v128.shuffle<f32>(r, g, 0, 4, 1, 5);
  const right = v128.shuffle<f32>(r, g, 2, 6, 3, 7);
  const middle = v128.shuffle<f32>(b, left, 1, 7, 0, 0);
  v128.store(<usize>at, v128.shuffle<f32>(left, b, 0, 1, 4, 2));
  v128.store(<usize>at, v128.shuffle<f32>(middle, right, 1, 0, 4, 5), 16);
  v128.store(<usize>at, v128.shuffle<f32>(b, right, 2, 6, 7, 3), 32);
}
