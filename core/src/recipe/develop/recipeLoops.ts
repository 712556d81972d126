import { RECIPE_WASM } from './recipeWasm';
import { plainLoops } from './plainLoops';
import { createRoutines, type Routines } from '../../wasm';

/** The inner loops; addresses in bytes. See core/assembly/recipe.ts. */
export interface RecipeLoops {
  mosaicRow(
    raw: number,
    n: number,
    black: number,
    even: number,
    odd: number,
    pedestal: number,
    out: number,
  ): void;
  greenRow(
    up2: number,
    up: number,
    here: number,
    down: number,
    down2: number,
    n: number,
    first: number,
    green: number,
    difference: number,
  ): void;
  colourRow(
    above: number,
    here: number,
    below: number,
    green: number,
    n: number,
    pedestal: number,
    own: number,
    middle: number,
    other: number,
  ): void;
  splineRows(a: number, b: number, c: number, d: number, e: number, n: number, out: number): void;
  shrinkRow(row: number, smooth: number, kept: number, n: number, square: number): void;
  addRow(row: number, more: number, n: number): void;
  stabiliseRow(red: number, green: number, blue: number, n: number, noise: number): void;
  restoreRow(red: number, green: number, blue: number, n: number, noise: number): void;
  toneRow(
    red: number,
    green: number,
    blue: number,
    n: number,
    plan: number,
    curve: number,
    signal: number,
    gains: number,
    slope: number,
    slopeBelow: number,
    offset: number,
    offsetBelow: number,
    share: number,
    outRed: number,
    outGreen: number,
    outBlue: number,
  ): void;
  lumaRow(red: number, green: number, blue: number, n: number, luma: number, out: number): void;
  sharpenRow(
    red: number,
    green: number,
    blue: number,
    luma: number,
    mean: number,
    n: number,
    amount: number,
    core: number,
    limit: number,
  ): void;
  bytesRow(red: number, green: number, blue: number, n: number, out: number): void;
  wordsRow(red: number, green: number, blue: number, n: number, out: number): void;
}

/** Loops over a memory of so many bytes, compiled where that is possible. */
export const recipeLoops = (bytes: number, plain = false): Routines<RecipeLoops> =>
  createRoutines(RECIPE_WASM, bytes, plainLoops, plain);
