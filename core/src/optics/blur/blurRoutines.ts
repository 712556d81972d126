import { createRoutines } from '../../wasm';
import { BLUR_WASM } from './blurWasm';
import { plainRoutines } from './plainBlur';

/**
 * The inner loops of defocus over one memory; all addresses are in bytes. See
 * core/assembly/blur.ts.
 */
export interface BlurRoutines {
  sortRow(
    rgb: number,
    depth: number,
    n: number,
    scale: number,
    focus: number,
    least: number,
    most: number,
    perPx: number,
    sharp: number,
    light: number,
    back: number,
    front: number,
    wide: number,
  ): number;
  gatherRow(
    light: number,
    wide: number,
    n: number,
    sign: number,
    x: number,
    y: number,
    widest: number,
    most: number,
    coarsest: number,
    grids: number,
  ): void;
  spreadRow(pixels: number, kernels: number, n: number, cells: number, table: number): void;
  enlargeRow(near: number, far: number, n: number, out: number): void;
  overBack(layer: number, behind: number, n: number): void;
  overFront(layer: number, before: number, n: number): void;
  composeRow(sharp: number, back: number, front: number, n: number, out: number): void;
}

/** Memory of a blur: grown once, then used for every picture. */
export interface BlurMemory {
  readonly floats: Float32Array;
  readonly ints: Int32Array;
  readonly routines: BlurRoutines;
}

/**
 * Memory of at least this many bytes with the routines over it.
 *
 * @param plain true: TypeScript in any case
 */
export function createBlurMemory(bytes: number, plain = false): BlurMemory {
  const { buffer, routines } = createRoutines(BLUR_WASM, bytes, plainRoutines, plain);
  return { floats: new Float32Array(buffer), ints: new Int32Array(buffer), routines };
}
