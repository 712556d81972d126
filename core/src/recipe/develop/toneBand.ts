import { BT709_LUMA } from '../../colour/srgb';
import type { LocalLine } from '../../combine/finish/guidedFilter';
import { within, type BandPlanes } from './bandPlanes';
import { CURVE_ENTRIES, gainNumbers, MID_GREY, type TonePlan } from './tonePlan';

/** Where pixels along a side of a band lie in the picture, as shares of that side. */
export interface SidePlace {
  /** Middle of the first pixel. */
  readonly from: number;
  /** From pixel to pixel. */
  readonly step: number;
}

const whole = (entries: number): number => 4 * Math.ceil(entries / 4);

/** Where tables lie, in floats. */
const CURVE = 0;
const SIGNAL = CURVE + whole(CURVE_ENTRIES);
const ROWS = SIGNAL + whole(CURVE_ENTRIES);

/** Floats of room that tables of a band need. */
export const tonedTables = (width: number): number => ROWS + 4 * (whole(width) + 4);

/**
 * Develops the light in a band's planes to the signal of the output, 0..1, in its other planes.
 *
 * @param parts large parts of the picture, along this band's rows; used where the plan moves tones
 */
export function toneBand(
  planes: BandPlanes,
  plan: TonePlan,
  parts: PartsAlong | null,
  rowsPlace: SidePlace,
): void {
  const { loops, constantsAt, tablesAt, columns, height } = planes;
  const { local, toOutput } = plan;
  lay(planes, plan);
  const table = (at: number): number => tablesAt + 4 * at;
  const rows = local && parts;
  for (let y = 0; y < height; y++) {
    const share = rows?.at(rowsPlace.from + y * rowsPlace.step) ?? 0;
    const [slope, slopeBelow, offset, offsetBelow] = rows ? rows.addresses : [0, 0, 0, 0];
    loops.toneRow(
      planes.row('red', y),
      planes.row('green', y),
      planes.row('blue', y),
      columns,
      constantsAt,
      table(CURVE),
      toOutput ? table(SIGNAL) : 0,
      rows ? 1 : 0,
      slope,
      slopeBelow,
      offset,
      offsetBelow,
      share,
      planes.row('outRed', y),
      planes.row('outGreen', y),
      planes.row('outBlue', y),
    );
  }
}

const NO_GAINS = new Array<number>(8).fill(0);

/** Writes a plan's numbers and tables where the loop finds them. */
function lay({ floats, constantsAt, tablesAt }: BandPlanes, plan: TonePlan): void {
  const { rebalance, matrix, colour, exposure, local, curve, toOutput, signal } = plan;
  const steps = CURVE_ENTRIES - 1;
  floats.set(
    [
      ...rebalance,
      ...matrix,
      colour,
      exposure,
      1 / MID_GREY,
      ...BT709_LUMA,
      (steps * steps) / curve.top,
      steps,
      ...(local ? gainNumbers(local) : NO_GAINS),
      ...(toOutput ?? []),
    ],
    constantsAt >> 2,
  );
  const tables = tablesAt >> 2;
  floats.set(curve.values, tables + CURVE);
  floats.set(signal, tables + SIGNAL);
}

/** Slopes and offsets of a picture's large parts along rows of a band, drawn out to its pixels. */
export class PartsAlong {
  private readonly left: Int32Array;
  private readonly share: Float32Array;
  /** Rows of the parts that are drawn out, by the half of the room they lie in. */
  private readonly drawn: [number, number] = [-1, -1];
  private first = 0;
  private readonly rowsAt: number;

  constructor(
    readonly planes: BandPlanes,
    readonly parts: LocalLine,
    readonly columns: SidePlace,
  ) {
    const { width, tablesAt } = planes;
    this.rowsAt = tablesAt + 4 * ROWS;
    this.left = new Int32Array(width);
    this.share = new Float32Array(width);
    for (let x = 0; x < width; x++) {
      const u = placeIn(columns.from + x * columns.step, parts.width);
      this.left[x] = Math.min(Math.floor(u), Math.max(0, parts.width - 2));
      this.share[x] = u - this.left[x];
    }
  }

  /**
   * Draws out the rows about a height 0..1 of the picture, and gives the share of the one below.
   */
  at(height: number): number {
    const { parts } = this;
    const v = placeIn(height, parts.height);
    const above = Math.min(Math.floor(v), Math.max(0, parts.height - 2));
    if (this.drawn[this.first] !== above && this.drawn[1 - this.first] === above)
      this.first = 1 - this.first;
    this.draw(this.first, above);
    this.draw(1 - this.first, within(above + 1, parts.height));
    return v - above;
  }

  /** Slope above and below, offset above and below. */
  get addresses(): readonly [number, number, number, number] {
    const { first } = this;
    return [this.room(first), this.room(1 - first), this.room(2 + first), this.room(3 - first)];
  }

  private room(k: number): number {
    return this.rowsAt + 4 * k * (whole(this.planes.width) + 4);
  }

  private draw(half: number, row: number): void {
    if (this.drawn[half] === row) return;
    this.drawn[half] = row;
    const { slope, offset } = this.parts;
    this.drawOut(slope, row, this.room(half));
    this.drawOut(offset, row, this.room(2 + half));
  }

  private drawOut(values: Float32Array, row: number, to: number): void {
    const { left, share, parts, planes } = this;
    const { floats } = planes;
    const line = values.subarray(row * parts.width, (row + 1) * parts.width);
    const last = parts.width - 1;
    for (let x = 0, o = to >> 2; x < left.length; x++, o++) {
      const at = left[x];
      const here = line[at];
      floats[o] = here + share[x] * (line[at < last ? at + 1 : at] - here);
    }
  }
}

/** Where a share of a side lies among so many values along it. */
const placeIn = (share: number, size: number): number =>
  Math.min(size - 1, Math.max(0, share * size - 0.5));
