import { isPartlyUnknown, UNKNOWN, type StackRaw } from '../stackRaw';

/** Side in photosites of the cells whose sharpness is told apart. */
export const FOCUS_CELL = 8;
/** Squares of two by two photosites along the side of a cell. */
const SQUARES = FOCUS_CELL / 2;

/** How sharp a frame is, cell by cell. */
export interface Sharpness {
  readonly columns: number;
  readonly rows: number;
  /** Sums of squares of the modified Laplacian; noise alone gives the same everywhere. */
  readonly energy: Float32Array;
}

/** Cells of a frame along its sides; the last may be cut off. */
export const focusGrid = ({ width, height }: Pick<StackRaw, 'width' | 'height'>) => ({
  columns: Math.ceil(width / FOCUS_CELL),
  rows: Math.ceil(height / FOCUS_CELL),
});

/**
 * Sum-modified Laplacian (Nayar and Nakagawa 1994), squared, of the light of a frame's squares. Its
 * square root is taken first, which makes noise alike in light and shade (Anscombe 1948): what
 * stands in every frame alike decides nothing.
 *
 * @param given how many times as much light it was given as the frame it is compared with
 */
export function sharpnessOf(frame: StackRaw, given: number): Sharpness {
  const { columns, rows } = focusGrid(frame);
  const energy = new Float32Array(columns * rows);
  const [across, down] = [frame.width >> 1, frame.height >> 1];
  const ring = [0, 1, 2].map(() => new Float32Array(across));
  for (let y = 0; y < down; y++) {
    tonesOfRow(frame, given, y, ring[y % 3]);
    if (y < 2) continue;
    const [above, here, below] = [ring[(y - 2) % 3], ring[(y - 1) % 3], ring[y % 3]];
    const first = Math.floor((y - 1) / SQUARES) * columns;
    for (let x = 1; x < across - 1; x++) {
      const twice = 2 * here[x];
      const laplacian =
        Math.abs(twice - here[x - 1] - here[x + 1]) + Math.abs(twice - above[x] - below[x]);
      energy[first + ((x / SQUARES) | 0)] += laplacian * laplacian;
    }
  }
  // Where the frame does not reach, its end is no detail.
  for (let i = 0; i < energy.length; i++) if (!(energy[i] >= 0)) energy[i] = 0;
  return { columns, rows, energy };
}

/** Square roots of a row of squares' light; not a number where nothing is known. */
function tonesOfRow(frame: StackRaw, given: number, y: number, out: Float32Array): void {
  const { data, width, samplesPerPixel: n, blackLevel, whiteLevel, noise } = frame;
  const per = 4 / noise.scale;
  const unit = per / (whiteLevel - blackLevel) / given / (4 * n);
  const add = per * (noise.offset / noise.scale) - 4 * n * blackLevel * unit;
  const upper = 2 * y * n * width;
  const lower = upper + n * width;
  for (let x = 0, i = upper, j = lower; x < out.length; x++, i += 2, j += 2) {
    let sum = data[i] + data[i + 1] + data[j] + data[j + 1];
    for (let more = 2; more < 2 * n; more++) sum += data[++i + 1] + data[++j + 1];
    const light = sum * unit + add;
    out[x] = light > 0 ? Math.sqrt(light) : 0;
  }
  if (isPartlyUnknown(frame))
    for (let x = 0, k = 2 * n * x; x < out.length; x++, k += 2 * n)
      for (let i = k; i < k + 2 * n; i++)
        if (data[upper + i] === UNKNOWN || data[lower + i] === UNKNOWN) out[x] = NaN;
}
