import { sceneResponse } from '@velmo/core/capture';
import type { LensModel } from '@velmo/core/optics';
import { framingSize, renderScene, type Framing, type Scene } from '@velmo/core/scene';
import { createLightPlane, rowsOf, type LightPlane } from '@velmo/core/sensor';

/** The first picture of a framing is rendered this much smaller, so that it is there at once. */
const COARSE = 4;
/** Milliseconds of rendering between two looks at the mailbox. */
const SLICE_MS = 9;
const ROWS_AT_ONCE = 4;
/** A framing that is replaced sooner than this is only passed through: not worth refining. */
const PAUSE_MS = 140;
/** Rays a pixel of the passes that follow the first picture. */
const PASSES = [1, 4] as const;

/** The light of all that keeps still in a framing: coarse at once, then sharper, slice by slice between messages. */
export class StillLight {
  plane: LightPlane = createLightPlane(1, 1);
  private job = 0;

  /** @param onRefined called after every finished pass */
  constructor(private readonly onRefined: () => void) {}

  /** Renders a framing anew. `plane` holds its first picture when this returns. */
  frame(scene: Scene, framing: Framing, lens: LensModel, torch: boolean): void {
    const job = ++this.job;
    const { width, height } = framingSize(framing);
    if (this.plane.width !== width) this.plane = createLightPlane(width, height);
    renderCoarse(scene, framing, lens, torch, this.plane);
    void this.refine(job, scene, framing, lens, torch, this.plane);
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
      this.onRefined();
    }
  }
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** A framing rendered small and blown up smoothly: what is shown while the sharp one is made. */
function renderCoarse(
  scene: Scene,
  framing: Framing,
  lens: LensModel,
  torch: boolean,
  plane: LightPlane,
): void {
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
  for (let y = 0; y < size.height; y++) {
    const from = Math.floor(y / COARSE) * small.width;
    for (let x = 0; x < size.width; x++)
      plane.depthM[y * size.width + x] = small.depthM[from + Math.floor(x / COARSE)];
  }
}

/**
 * Adds an RGB picture, enlarged by a whole factor with bilinear steps, to another.
 *
 * @param small `width` x `height` pixels
 * @param out `factor` times as wide and high
 */
export function addEnlarged(
  small: Float32Array,
  width: number,
  height: number,
  factor: number,
  out: Float32Array,
): void {
  const outWidth = width * factor;
  for (let y = 0; y < height * factor; y++) {
    const v = Math.max(0, Math.min(height - 1, (y + 0.5) / factor - 0.5));
    const y0 = Math.floor(v);
    const fy = v - y0;
    const top = 3 * y0 * width;
    const bottom = 3 * Math.min(height - 1, y0 + 1) * width;
    let o = 3 * y * outWidth;
    for (let x = 0; x < outWidth; x++, o += 3) {
      const u = Math.max(0, Math.min(width - 1, (x + 0.5) / factor - 0.5));
      const x0 = Math.floor(u);
      const fx = u - x0;
      const left = 3 * x0;
      const right = 3 * Math.min(width - 1, x0 + 1);
      const a = (1 - fx) * (1 - fy);
      const b = fx * (1 - fy);
      const c = (1 - fx) * fy;
      const d = fx * fy;
      for (let k = 0; k < 3; k++)
        out[o + k] +=
          a * small[top + left + k] +
          b * small[top + right + k] +
          c * small[bottom + left + k] +
          d * small[bottom + right + k];
    }
  }
}
