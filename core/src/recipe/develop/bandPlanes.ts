import { mirror } from '../../sensor/demosaic';
import { recipeLoops, type RecipeLoops } from './recipeLoops';

/** Rows of a plane above and below the band, for its demosaic. */
const ROWS_BESIDE = 4;
/** Floats beside a row: what the widest spline reaches. */
const COLUMNS_BESIDE = 32;

/** Light, what becomes of it, and room to work in. */
const PLANES = {
  red: 0,
  green: 1,
  blue: 2,
  outRed: 3,
  outGreen: 4,
  outBlue: 5,
  work: 6,
} as const;
type PlaneName = keyof typeof PLANES;
const COUNT = 7;

/** Room for tables, in floats. */
const CONSTANTS = 64;

/** Planes of a band of a picture in the memory of the loops. */
export class BandPlanes {
  readonly loops: RecipeLoops;
  readonly floats: Float32Array;
  /** Floats from row to row. */
  private readonly stride: number;
  private readonly rowsOfPlane: number;
  private readonly planesAt: number;
  readonly constantsAt = 64;
  readonly tablesAt: number;
  /** Room for a row of raw values, or of the result. */
  readonly rowAt: number;
  private readonly buffer: ArrayBuffer;
  /** Pixels of a row in whole vectors. */
  readonly columns: number;

  /** @param tables floats of room for them */
  constructor(
    readonly width: number,
    readonly height: number,
    tables: number,
    plain = false,
  ) {
    this.columns = 4 * Math.ceil(width / 4);
    this.stride = this.columns + 2 * COLUMNS_BESIDE;
    this.rowsOfPlane = height + 2 * ROWS_BESIDE;
    this.tablesAt = this.constantsAt + 4 * CONSTANTS;
    this.rowAt = 16 * Math.ceil((this.tablesAt + 4 * tables) / 16) + 64;
    this.planesAt = this.rowAt + 16 * Math.ceil((8 * this.stride) / 16) + 64;
    const bytes = this.planesAt + 4 * COUNT * this.stride * this.rowsOfPlane + 256;
    const { buffer, routines } = recipeLoops(bytes, plain);
    this.buffer = buffer;
    this.loops = routines;
    this.floats = new Float32Array(buffer);
  }

  /** Address of a row's first pixel. @param y -ROWS_BESIDE to height + ROWS_BESIDE - 1 */
  row(plane: PlaneName | number, y: number): number {
    const index = typeof plane === 'number' ? plane : PLANES[plane];
    const row = index * this.rowsOfPlane + y + ROWS_BESIDE;
    return this.planesAt + 4 * (row * this.stride + COLUMNS_BESIDE);
  }

  words(at: number, length: number): Uint16Array<ArrayBuffer> {
    return new Uint16Array(this.buffer, at, length);
  }

  bytes(at: number, length: number): Uint8ClampedArray<ArrayBuffer> {
    return new Uint8ClampedArray(this.buffer, at, length);
  }

  /** Writes what lies beside a row as its mirror image. */
  mirrorEnds(at: number, reach: number): void {
    const { floats, width } = this;
    const first = at >> 2;
    for (let k = 1; k <= reach; k++) {
      floats[first - k] = floats[first + within(mirror(-k, width), width)];
      floats[first + width - 1 + k] = floats[first + within(mirror(width - 1 + k, width), width)];
    }
  }
}

/** Where a picture is smaller than what is mirrored of it. */
export const within = (v: number, size: number): number => (v < 0 ? 0 : v >= size ? size - 1 : v);
