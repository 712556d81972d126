import type { Plane } from '../pyramid';
import { doubledSmoothly, halvedSmoothly } from '../smoothPyramid';
import { FOCUS_CELL, type Sharpness } from './sharpness';
import type { Dab } from '../ways/way';

/** Which frame counts how much, cell by cell. */
export interface ChoiceMap {
  /** Side of a cell in photosites. */
  readonly cell: number;
  readonly columns: number;
  readonly rows: number;
  /** Of each frame, the nearest first, its share of every cell: they add up to 1. */
  readonly shares: readonly Float32Array[];
}

/** Halvings of the cells over which detail speaks for what lies beside it. */
const HALVINGS = 3;
/** How much more each coarser size counts: an edge decides for the blur that lies around it. */
const COARSER = 2;

/** A frame's sharpness, that of its neighbourhood at every size with it. */
function gathered({ columns, rows, energy }: Sharpness, coarser: number): Float32Array {
  const sizes: Plane[] = [{ width: columns, height: rows, data: energy }];
  for (let n = 0; n < HALVINGS; n++) sizes.push(halvedSmoothly(sizes[n]));
  let sum = sizes[HALVINGS];
  for (let n = HALVINGS - 1; n >= 0; n--) {
    const { width, height, data } = sizes[n];
    const around = doubledSmoothly(sum, width, height);
    for (let i = 0; i < data.length; i++) around[i] = data[i] + coarser * around[i];
    sum = { width, height, data: around };
  }
  return sum.data;
}

/**
 * The frames' shares of a focus stack: each counts by its sharpness, gathered over a pyramid (Burt
 * and Adelson 1983), to the fourth power: enough for the sharper one to prevail. An edge that is
 * sharp in one frame so decides over its own blur in the others: no halo is left around it. Where
 * there is no more than noise, all count alike.
 *
 * @param coarser how much more each coarser size of the pyramid counts
 */
export function choiceOf(frames: readonly Sharpness[], coarser = COARSER): ChoiceMap {
  const { columns, rows } = frames[0];
  const shares = frames.map((frame) => gathered(frame, coarser));
  for (let i = 0; i < columns * rows; i++) {
    let most = 0;
    for (const sharp of shares) if (sharp[i] > most) most = sharp[i];
    let sum = 0;
    for (const sharp of shares) {
      const part = most > 0 ? sharp[i] / most : 1;
      const square = part * part;
      sharp[i] = square * square;
      sum += sharp[i];
    }
    for (const sharp of shares) sharp[i] /= sum;
  }
  return { cell: FOCUS_CELL, columns, rows, shares };
}

/**
 * A map with what was painted over it, one dab after the other: soft at their edges.
 *
 * @param size of the raw in photosites
 */
export function paintedOver(
  found: ChoiceMap,
  dabs: readonly Dab[],
  { width, height }: { readonly width: number; readonly height: number },
): ChoiceMap {
  if (dabs.length === 0) return found;
  const { cell, columns, rows } = found;
  const shares = found.shares.map((share) => share.slice());
  const long = Math.max(width, height) / cell;
  for (const { x, y, radius, frame } of dabs) {
    if (frame >= shares.length) continue;
    const [cx, cy, reach] = [(x * width) / cell - 0.5, (y * height) / cell - 0.5, radius * long];
    const top = Math.max(0, Math.ceil(cy - reach - 1));
    const bottom = Math.min(rows - 1, Math.floor(cy + reach + 1));
    const left = Math.max(0, Math.ceil(cx - reach - 1));
    const right = Math.min(columns - 1, Math.floor(cx + reach + 1));
    for (let row = top; row <= bottom; row++)
      for (let column = left; column <= right; column++) {
        const within = reach + 0.5 - Math.hypot(column - cx, row - cy);
        const covers = Math.min(1, Math.max(0, within));
        const i = row * columns + column;
        for (const [k, share] of shares.entries()) {
          const asked = frame < 0 ? found.shares[k][i] : k === frame ? 1 : 0;
          share[i] += covers * (asked - share[i]);
        }
      }
  }
  return { ...found, shares };
}
