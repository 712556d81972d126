import { sceneResponse } from '@velmo/core/simulate';
import type { LensModel } from '@velmo/core/optics';
import { framingSize, renderScene, type Framing, type Scene } from '@velmo/core/scene';
import { createLightPlane, rowsOf, type LightPlane } from '@velmo/core/sensor';
import { pause } from '../../live/pause';

/** The first picture of a framing is rendered this much smaller, so that it is there at once. */
const COARSE = 5;
/** Milliseconds of rendering between two looks at the mailbox. */
const SLICE_MS = 9;
const ROWS_AT_ONCE = 4;
/** A framing that is replaced sooner than this is only passed through: not worth refining. */
const PAUSE_MS = 140;
/** Rays a pixel of the passes that follow the first picture. */
const PASSES = [1, 4] as const;

/**
 * The light of all that keeps still in a framing: coarse at once, then sharper, slice by slice
 * between messages.
 */
export class StillLight {
  plane: LightPlane = createLightPlane(1, 1);
  /** What the plane was enlarged from; null once it is sharper than that. */
  coarse: LightPlane | null = null;
  /** The plane is as sharp as it gets. */
  refined = false;
  private job = 0;
  /** Nothing is refined before. */
  private rested: Promise<void> = Promise.resolve();
  private endRest: () => void = () => {};

  /** @param onRefined called after every finished pass */
  constructor(private readonly onRefined: () => void) {}

  /** Renders a framing anew. `plane` holds its first picture when this returns. */
  frame(scene: Scene, framing: Framing, lens: LensModel, torch: boolean): void {
    const job = ++this.job;
    this.refined = false;
    const { width, height } = framingSize(framing);
    if (this.plane.width !== width) this.plane = createLightPlane(width, height);
    this.coarse = renderCoarse(scene, framing, lens, torch, this.plane);
    void this.refine(job, scene, framing, lens, torch, this.plane);
  }

  /** Refines nothing until `goOn`: the processor is wanted for something else. */
  rest(): void {
    this.rested = new Promise((resolve) => (this.endRest = resolve));
  }

  goOn(): void {
    this.endRest();
  }

  stop(): void {
    this.job++;
  }

  private async refine(
    job: number,
    scene: Scene,
    framing: Framing,
    lens: LensModel,
    torch: boolean,
    plane: LightPlane,
  ): Promise<void> {
    await pause(PAUSE_MS);
    await this.rested;
    for (const rays of PASSES) {
      let row = 0;
      while (row < plane.height) {
        if (job !== this.job) return;
        const end = performance.now() + SLICE_MS;
        while (row < plane.height && performance.now() < end) {
          const rows = Math.min(ROWS_AT_ONCE, plane.height - row);
          const band = rowsOf(plane, row, rows);
          renderScene(scene, framing, band, sceneResponse(scene, lens), rays, torch);
          row += rows;
        }
        await pause(0);
      }
      if (job !== this.job) return;
      this.coarse = null;
      this.refined = rays === PASSES.at(-1);
      this.onRefined();
    }
  }
}

/**
 * A framing rendered small, and blown up smoothly: what is shown while the sharp one is made.
 * Returns the small one.
 */
function renderCoarse(
  scene: Scene,
  framing: Framing,
  lens: LensModel,
  torch: boolean,
  plane: LightPlane,
): LightPlane {
  const size = framingSize(framing);
  const small = createLightPlane(size.width / COARSE, size.height / COARSE);
  const smallFraming = {
    ...framing,
    longPx: framing.longPx / COARSE,
    shortPx: framing.shortPx / COARSE,
  };
  renderScene(scene, smallFraming, small, sceneResponse(scene, lens), 1, torch);
  plane.rgb.fill(0);
  addEnlarged(small.rgb, small.width, small.height, COARSE, plane.rgb);
  const { depthM } = plane;
  for (let y = 0; y < small.height; y++) {
    const from = y * small.width;
    const to = y * COARSE * size.width;
    for (let x = 0; x < size.width; x++)
      depthM[to + x] = small.depthM[from + Math.floor(x / COARSE)];
    for (let k = 1; k < COARSE; k++) depthM.copyWithin(to + k * size.width, to, to + size.width);
  }
  return small;
}

/**
 * Adds an RGB picture, enlarged by a whole factor with bilinear steps, to another. Rows that add
 * nothing are left alone.
 *
 * @param small `width` x `height` pixels
 * @param out `factor` times as wide and high
 * @param onRow called with every row of `out` that has been added to
 */
export function addEnlarged(
  small: Float32Array,
  width: number,
  height: number,
  factor: number,
  out: Float32Array,
  onRow?: (from: number, to: number) => void,
): void {
  const stride = 3 * width;
  const row = new Float32Array(stride);
  // From where in a row to where there is anything, for each row of the small picture.
  const first = new Int32Array(height).fill(stride);
  const last = new Int32Array(height).fill(-1);
  for (let y = 0, i = 0; y < height; y++)
    for (let x = 0; x < stride; x++, i++)
      if (small[i] !== 0) {
        if (last[y] < 0) first[y] = x;
        last[y] = x;
      }
  for (let y = 0; y < height * factor; y++) {
    const v = Math.max(0, Math.min(height - 1, (y + 0.5) / factor - 0.5));
    const y0 = Math.floor(v);
    const y1 = Math.min(height - 1, y0 + 1);
    if (last[y0] < 0 && last[y1] < 0) continue;
    // The pixels that hold something, and one more on either side, which their light spreads into.
    const from = Math.max(0, Math.floor(Math.min(first[y0], first[y1]) / 3) - 1);
    const to = Math.min(width, Math.floor(Math.max(last[y0], last[y1]) / 3) + 2);
    const fy = v - y0;
    const [top, bottom] = [y0 * stride, y1 * stride];
    row.fill(0);
    for (let i = 3 * from; i < 3 * to; i++)
      row[i] = (1 - fy) * small[top + i] + fy * small[bottom + i];
    const o = y * stride * factor;
    addStretched(row, width, from, to, factor, out, o);
    onRow?.(o + 3 * from * factor, o + 3 * to * factor);
  }
}

/**
 * Adds a row, enlarged, to a row of another picture that begins at `o`: pixels `from` to `to` of
 * the small one.
 */
function addStretched(
  row: Float32Array,
  width: number,
  from: number,
  to: number,
  factor: number,
  out: Float32Array,
  o: number,
): void {
  for (let phase = 0; phase < factor; phase++) {
    const offset = (phase + 0.5) / factor - 0.5;
    const step = offset < 0 ? -3 : 3;
    const share = Math.abs(offset);
    for (let x = from, i = 3 * from, k = o + 3 * (from * factor + phase); x < to; x++, i += 3) {
      // At the edges there is no neighbour: the pixel stands for it.
      const j = i + step < 0 || i + step >= 3 * width ? i : i + step;
      out[k] += (1 - share) * row[i] + share * row[j];
      out[k + 1] += (1 - share) * row[i + 1] + share * row[j + 1];
      out[k + 2] += (1 - share) * row[i + 2] + share * row[j + 2];
      k += 3 * factor;
    }
  }
}
