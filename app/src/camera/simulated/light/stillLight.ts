import { sceneResponse } from '@velmo/core/simulate';
import type { LensModel } from '@velmo/core/optics';
import { framingSize, renderScene, type Framing, type Scene } from '@velmo/core/scene';
import { addEnlarged, createLightPlane, rowsOf, type LightPlane } from '@velmo/core/sensor';
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
    for (let x = 0; x < small.width; x++) {
      const begin = to + x * COARSE;
      depthM.fill(small.depthM[from + x], begin, begin + COARSE);
    }
    for (let k = 1; k < COARSE; k++) depthM.copyWithin(to + k * size.width, to, to + size.width);
  }
  return small;
}
