import type { LightPlane } from '../../sensor/lightPlane';
import { BlurLayer, discBytes, layDiscs, MAX_GRID_PX } from './blurLayer';
import { createBlurMemory, type BlurMemory } from './blurRoutines';
import { BlurSide, GRIDS, type Row, type StackRows } from './blurSide';
import { MIN_BLUR_PX, MAX_BLUR_PX, type Defocus } from '../defocus';
import { KERNELS_A_PX } from './discKernels';

/** Part of a plane, in the plane's own pixels. */
export interface PlanePart {
  readonly column: number;
  readonly row: number;
  readonly width: number;
  readonly height: number;
}

const COARSEST = 1 << (GRIDS - 1);
/**
 * Columns and rows worked on at a time, so that what is worked on stays in the cache and the memory
 * small.
 */
const STRIP = 640;
const BAND = 120;
/** A band is so many times as high as what spreads into it: that is spread for each band anew. */
const BAND_REACHES = 16;
/** Pages below this address hold nothing: address 0 is never meant. */
const FIRST = 64;

/**
 * Blurs light by its distance from the focus, every point over a disc of its own. Layers of depth
 * are laid over each other from back to front, so that what is near spreads over what lies behind
 * it, and what lies behind never over what is sharp before it; where the background is hidden, what
 * is seen of it beside the foreground stands for it.
 *
 * Owns its memory: made once, used for every picture. Wide discs are drawn on coarser grids, so
 * that the work a pixel costs does not grow with the blur.
 */
export class DefocusBlur {
  private width = 0;
  private height = 0;
  private memory!: BlurMemory;
  private back!: BlurSide;
  private front!: BlurSide;
  private sharp!: BlurLayer;
  private rows!: SortedRows;
  private stacking!: StackRows;

  /** @param plain true: without WebAssembly in any case */
  constructor(private readonly plain = false) {}

  /**
   * @param plane light and distances; what it holds around the part is spread into it
   * @param part what is wanted of it
   * @param reach farthest that light spreads, in pixels: see `blurReachPx`
   * @param out receives interleaved RGB, `3 * part.width * part.height`
   */
  blur(
    plane: LightPlane,
    defocus: Defocus,
    part: PlanePart,
    reach: number,
    out: Float32Array,
  ): void {
    const band = Math.max(BAND, BAND_REACHES * reach);
    this.reserve(
      roomFor(Math.min(part.width, STRIP), plane.width, reach),
      roomFor(Math.min(part.height, band), plane.height, reach),
    );
    for (let top = 0; top < part.height; top += band)
      for (let from = 0; from < part.width; from += STRIP) {
        const width = Math.min(STRIP, part.width - from);
        const height = Math.min(band, part.height - top);
        const piece = { column: part.column + from, row: part.row + top, width, height };
        const first = 3 * (top * part.width + from);
        this.piece(plane, defocus, piece, reach, out, first, 3 * part.width);
      }
  }

  /** A piece of the part; `first` is where it begins in `out`, in numbers. */
  private piece(
    plane: LightPlane,
    defocus: Defocus,
    part: PlanePart,
    reach: number,
    out: Float32Array,
    first: number,
    stride: number,
  ): void {
    // Cells lie on a grid that is the same for every part of the picture: parts fit together.
    const x0 = aligned(plane.column + Math.max(0, part.column - reach)) - plane.column;
    const y0 = aligned(plane.row + Math.max(0, part.row - reach)) - plane.row;
    const x1 = Math.min(plane.width, part.column + part.width + reach);
    const y1 = Math.min(plane.height, part.row + part.height + reach);
    this.back.clear();
    this.front.clear();
    for (let y = Math.max(0, y0); y < y1; y++) this.sortRow(plane, defocus, x0, x1, y, y - y0);
    const gathered: Row = { light: this.rows.light, discs: this.rows.back };
    this.back.spreadGathered(gathered);
    this.front.spreadGathered(gathered);
    this.back.stack('overBack', this.stacking);
    this.front.stack('overFront', this.stacking);
    const { floats, routines } = this.memory;
    const { line } = this.stacking;
    const [x, top] = [part.column - x0, part.row - y0];
    const row = floats.subarray(line >> 2, (line >> 2) + 3 * part.width);
    for (let y = 0; y < part.height; y++) {
      this.back.finish('overBack', top + y, this.stacking);
      this.front.finish('overFront', top + y, this.stacking);
      routines.composeRow(
        this.sharp.at(x, top + y),
        this.back.layers[0].at(x, top + y),
        this.front.layers[0].at(x, top + y),
        part.width,
        line,
      );
      out.set(row, first + y * stride);
    }
  }

  /** Layers of at least this size. */
  private reserve(width: number, height: number): void {
    if (width <= this.width && height <= this.height) return;
    this.width = Math.max(width, this.width);
    this.height = Math.max(height, this.height);
    this.lay();
  }

  /** Lays everything out in a memory of its own. */
  private lay(): void {
    const { width, height } = this;
    const sizes = Array.from({ length: GRIDS }, (_, g) => [width >> g, height >> g] as const);
    const grids = sizes.reduce((sum, [w, h]) => sum + BlurLayer.bytes(w, h), 0);
    const rowBytes = 16 * (width + 8);
    const bytes =
      FIRST +
      2 * (grids + BlurSide.gatheringBytes(width, height)) +
      BlurLayer.bytes(width, height) +
      GRIDS * (discBytes() + 16) +
      (2 * GRIDS + 8) * 16 +
      8 * rowBytes;
    const memory = createBlurMemory(bytes, this.plain);
    let next = FIRST;
    const take = (size: number): number => {
      const address = next;
      next += Math.ceil(size / 16) * 16;
      return address;
    };
    const tables = sizes.map(([w]) => {
      const table = take(discBytes());
      layDiscs(memory, table, w);
      return table;
    });
    const layer = ([w, h]: readonly [number, number], g: number): BlurLayer =>
      new BlurLayer(memory, take(BlurLayer.bytes(w, h)), tables[g], w, h);
    this.memory = memory;
    const side = (): BlurSide =>
      new BlurSide(memory, sizes.map(layer), take(BlurSide.gatheringBytes(width, height)));
    this.back = side();
    this.front = side();
    this.sharp = layer(sizes[0], 0);
    this.rows = {
      rgb: take(rowBytes),
      depth: take(rowBytes),
      light: take(rowBytes),
      back: take(rowBytes),
      front: take(rowBytes),
      wide: take(rowBytes),
    };
    this.stacking = { line: take(rowBytes), nothing: take(rowBytes) };
  }

  /** Gives the pixels of a row to their layers. */
  private sortRow(
    { rgb, depthM, width }: LightPlane,
    { dioptres, pxPerDioptre }: Defocus,
    x0: number,
    x1: number,
    y: number,
    row: number,
  ): void {
    const { back, front, rows } = this;
    const { floats, routines } = this.memory;
    const first = Math.max(0, x0);
    const column = first - x0;
    const n = x1 - first;
    const from = y * width + first;
    floats.set(rgb.subarray(3 * from, 3 * (from + n)), rows.rgb >> 2);
    floats.set(depthM.subarray(from, from + n), rows.depth >> 2);
    const found = routines.sortRow(
      rows.rgb,
      rows.depth,
      n,
      pxPerDioptre,
      dioptres,
      MIN_BLUR_PX,
      MAX_GRID_PX,
      KERNELS_A_PX,
      this.sharp.at(column, row),
      rows.light,
      rows.back,
      rows.front,
      rows.wide,
    );
    if ((found & BEHIND) !== 0)
      spreadFinest(this.memory, back, rows.light, rows.back, n, column, row);
    if ((found & BEFORE) !== 0)
      spreadFinest(this.memory, front, rows.light, rows.front, n, column, row);
    if ((found & WIDE) === 0) return;
    const wide = [MAX_BLUR_PX, MAX_GRID_PX, GRIDS - 1] as const;
    routines.gatherRow(rows.light, rows.wide, n, -1, column, row, ...wide, back.grids);
    routines.gatherRow(rows.light, rows.wide, n, 1, column, row, ...wide, front.grids);
  }
}

/** What sortRow found in a row. */
const BEHIND = 1;
const BEFORE = 2;
const WIDE = 4;

/** Addresses of the rows that sorting reads and writes. */
interface SortedRows {
  readonly rgb: number;
  readonly depth: number;
  readonly light: number;
  readonly back: number;
  readonly front: number;
  readonly wide: number;
}

function spreadFinest(
  { routines }: BlurMemory,
  { layers: [layer] }: BlurSide,
  light: number,
  discs: number,
  n: number,
  column: number,
  row: number,
): void {
  layer.used = true;
  routines.spreadRow(light, discs, n, layer.at(column, row), layer.table);
}

/** Cells that a piece of so many pixels takes at most with what spreads into it. */
const roomFor = (pixels: number, ofPlane: number, reach: number): number =>
  aligned(Math.min(pixels + 2 * reach, ofPlane) + 2 * (COARSEST - 1));

const aligned = (v: number): number => Math.floor(v / COARSEST) * COARSEST;
