import { BT709_LUMA } from '../../colour/srgb';
import type { LocalLine } from '../../combine/finish/guidedFilter';
import { within, type BandPlanes } from './bandPlanes';
import { CURVE_ENTRIES, MID_GREY, STOP_ENTRIES, STOPS, type TonePlan } from './tonePlan';

/** Where a band lies in the picture whose large parts are known, as shares of its sides. */
export interface BandPlace {
  /** Middle of the first pixel. */
  readonly x: number;
  readonly y: number;
  /** From pixel to pixel, and from row to row. */
  readonly across: number;
  readonly down: number;
}

const whole = (entries: number): number => 4 * Math.ceil(entries / 4);

/** Where tables lie, in floats. */
const OWN = 0;
const LARGE = whole(STOP_ENTRIES);
const CURVE = 2 * LARGE;
const SIGNAL = CURVE + whole(CURVE_ENTRIES);
const ROWS = SIGNAL + whole(CURVE_ENTRIES);

/** Floats of room that tables of a band need. */
export const tonedTables = (width: number): number => ROWS + 4 * (whole(width) + 4);

/** Develops the light in a band's planes to the signal of the output, 0..1, in its other planes. */
export function toneBand(
  planes: BandPlanes,
  plan: TonePlan,
  parts: LocalLine | null,
  place: BandPlace,
): void {
  const { loops, constantsAt, tablesAt, columns, height } = planes;
  const { local, toOutput } = plan;
  lay(planes, plan);
  const table = (at: number): number => tablesAt + 4 * at;
  const rows = local && parts ? new PartsAlong(planes, parts, place, table(ROWS)) : null;
  for (let y = 0; y < height; y++) {
    const share = rows?.at(y) ?? 0;
    const [slope, slopeBelow, offset, offsetBelow] = rows?.addresses ?? [0, 0, 0, 0];
    loops.toneRow(
      planes.row('red', y),
      planes.row('green', y),
      planes.row('blue', y),
      columns,
      constantsAt,
      table(CURVE),
      toOutput ? table(SIGNAL) : 0,
      rows ? table(OWN) : 0,
      rows ? table(LARGE) : 0,
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
      STOPS.least,
      STOPS.perStop,
      STOP_ENTRIES - 1,
      ...(toOutput ?? []),
    ],
    constantsAt >> 2,
  );
  const tables = tablesAt >> 2;
  if (local) {
    floats.set(local.own, tables + OWN);
    floats.set(local.large, tables + LARGE);
  }
  floats.set(curve.values, tables + CURVE);
  floats.set(signal, tables + SIGNAL);
}

/** Slopes and offsets of large parts along rows of a band, drawn out to its pixels. */
class PartsAlong {
  private readonly left: Int32Array;
  private readonly share: Float32Array;
  /** Rows of the parts that are drawn out, by the half of the room they lie in. */
  private drawn: [number, number] = [-1, -1];
  private first = 0;

  constructor(
    private readonly planes: BandPlanes,
    private readonly parts: LocalLine,
    private readonly place: BandPlace,
    private readonly rowsAt: number,
  ) {
    const { width } = planes;
    this.left = new Int32Array(width);
    this.share = new Float32Array(width);
    for (let x = 0; x < width; x++) {
      const u = bounded((place.x + x * place.across) * parts.width - 0.5, parts.width - 1);
      this.left[x] = Math.min(Math.floor(u), Math.max(0, parts.width - 2));
      this.share[x] = u - this.left[x];
    }
  }

  /** Draws out the rows about a row of the band, and gives the share of the one below. */
  at(y: number): number {
    const { parts, place } = this;
    const v = bounded((place.y + y * place.down) * parts.height - 0.5, parts.height - 1);
    const above = Math.min(Math.floor(v), Math.max(0, parts.height - 2));
    const below = within(above + 1, parts.height);
    if (this.drawn[this.first] !== above && this.drawn[1 - this.first] === above)
      this.first = 1 - this.first;
    this.draw(this.first, above);
    this.draw(1 - this.first, below);
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
    const { parts, left, share, planes } = this;
    const { floats } = planes;
    [parts.slope, parts.offset].forEach((values, k) => {
      const to = this.room(2 * k + half) >> 2;
      const from = row * parts.width;
      for (let x = 0; x < left.length; x++) {
        const at = from + left[x];
        // At the last one there is none on its right, nor any share of it.
        const right = left[x] + 1 < parts.width ? at + 1 : at;
        floats[to + x] = values[at] + share[x] * (values[right] - values[at]);
      }
    });
  }
}

const bounded = (v: number, most: number): number => (v < 0 ? 0 : v > most ? most : v);
