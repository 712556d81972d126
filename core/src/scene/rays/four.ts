/**
 * The arithmetic that the places are written in. Compiled, a `Four` is four rays at once
 * (core/assembly/four.ts says the same in vectors, and stands in for this file); here it is one
 * ray, rounded to 32 bits after every step, so that both see the same light, value for value.
 *
 * A place is plain functions of `Four`: no objects, closures or arrays, and both sides of a choice
 * are worked out where any of the rays takes them.
 */

/** A number of each ray. */
export type Four = number;
/** A whole number, the same for all rays. */
export type Whole = number;
/** Which rays something holds for. */
export type Mask = boolean;

const f = Math.fround;

/** The same number for all rays. */
export const k = (v: number): Four => f(v);

export const add = (a: Four, b: Four): Four => f(a + b);
export const sub = (a: Four, b: Four): Four => f(a - b);
export const mul = (a: Four, b: Four): Four => f(a * b);
export const div = (a: Four, b: Four): Four => f(a / b);
export const min = (a: Four, b: Four): Four => (b < a ? b : a);
export const max = (a: Four, b: Four): Four => (a < b ? b : a);
export const sqrt = (a: Four): Four => f(Math.sqrt(a));
export const abs = (a: Four): Four => Math.abs(a);
export const neg = (a: Four): Four => -a;
export const floor = (a: Four): Four => Math.floor(a);

export const less = (a: Four, b: Four): Mask => a < b;
export const atMost = (a: Four, b: Four): Mask => a <= b;
export const same = (a: Four, b: Four): Mask => a === b;
export const both = (a: Mask, b: Mask): Mask => a && b;
export const either = (a: Mask, b: Mask): Mask => a || b;
/** `a` without `b`. */
export const except = (a: Mask, b: Mask): Mask => a && !b;
export const not = (a: Mask): Mask => !a;
/** Whether it holds for any ray. */
export const any = (a: Mask): boolean => a;
/** `a` where the mask holds, else `b`. */
export const select = (mask: Mask, a: Four, b: Four): Four => (mask ? a : b);

/** 2 to the power of a whole number between -126 and 127. */
export const powerOfTwo = (whole: Four): Four => 2 ** whole;

const REGISTERS = new Float32Array(48);
/** Keeps a value by number (see registers.ts): how a function gives back more than one. */
export const put = (register: Whole, v: Four): void => void (REGISTERS[register] = v);
/** What a register keeps. */
export const got = (register: Whole): Four => REGISTERS[register];

const hash2 = (x: number, y: number): number => {
  let h = Math.imul(x, 0x27d4eb2d) ^ Math.imul(y, 0x165667b1);
  h = Math.imul(h ^ (h >>> 15), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return (h ^ (h >>> 16)) >>> 0;
};

/** A number 0..1 that belongs to a lattice cell; x and y are whole. */
export const cellRandom = (x: Four, y: Four, salt: Whole): Four =>
  f(f(hash2(x + salt * 7919, y - salt * 104729)) * 2 ** -32);

/** Cells along a side of the lattice; the first of a row or column stands behind its last again. */
const LATTICE_CELLS = 256;
const LATTICE_STRIDE = LATTICE_CELLS + 1;
const LATTICE_MASK = LATTICE_CELLS - 1;

/**
 * Random heights -1..1 on a lattice that repeats every 256 cells: one look-up instead of a hash.
 */
export const LATTICE = latticeHeights();

function latticeHeights(): Float32Array {
  // A plain loop: `Float32Array.from` takes much longer, and the first picture waits for it.
  const heights = new Float32Array(LATTICE_STRIDE ** 2);
  for (let row = 0, i = 0; row < LATTICE_STRIDE; row++)
    for (let column = 0; column < LATTICE_STRIDE; column++, i++)
      heights[i] = hash2(column & LATTICE_MASK, row & LATTICE_MASK) / 2147483648 - 1;
  return heights;
}

/** Quintic step between two cells. */
const eased = (t: Four): Four =>
  mul(mul(mul(t, t), t), add(mul(t, sub(mul(t, k(6)), k(15))), k(10)));

/** Value noise in -1..1 with quintic interpolation; repeats every 256 units. */
export function valueNoise(x: Four, y: Four): Four {
  const [ix, iy] = [Math.floor(x), Math.floor(y)];
  const wx = eased(sub(x, ix));
  const wy = eased(sub(y, iy));
  const top = (iy & LATTICE_MASK) * LATTICE_STRIDE + (ix & LATTICE_MASK);
  const bottom = top + LATTICE_STRIDE;
  const a = LATTICE[top];
  const c = LATTICE[bottom];
  const upper = add(a, mul(sub(LATTICE[top + 1], a), wx));
  const lower = add(c, mul(sub(LATTICE[bottom + 1], c), wx));
  return add(upper, mul(sub(lower, upper), wy));
}

/** Rays at once. */
export const LANES = 1;

/** Where the setting of a row begins in the memory, in bytes; see rayRow.ts. */
const SETTING = 1024;
let floats = new Float32Array(0);
/** The memory that rows are rendered in. */
export const inMemory = (buffer: ArrayBuffer): void => void (floats = new Float32Array(buffer));

/** A number of the row's setting. */
export const given = (i: Whole): Four => floats[SETTING / 4 + i];
/** The columns of a group of pixels from the first one on. */
export const columnsFrom = (column: Whole): Four => column;
/** A number a pixel from an address in bytes. */
export const loadFour = (at: Whole): Four => floats[at / 4];
/** Writes a number a pixel at an address in bytes. */
export const storeFour = (at: Whole, v: Four): void => void (floats[at / 4] = v);
/** Writes red, green and blue, interleaved, at an address in bytes. */
export function storeRgb(at: Whole, r: Four, g: Four, b: Four): void {
  floats[at / 4] = r;
  floats[at / 4 + 1] = g;
  floats[at / 4 + 2] = b;
}
