import { sceneResponse } from '@velmo/core/simulate';
import type { LensModel } from '@velmo/core/optics';
import { lightFieldOf, type Framing, type OpenShutter, type Scene } from '@velmo/core/scene';
import { addEnlarged, createLightPlane, rowsOf, type LightPlane } from '@velmo/core/sensor';

/**
 * Moving things that are looked up ray by ray are painted this much smaller and in this many
 * slices, a slice a frame.
 */
const SHRINK = 2;
const SLICES = 4;
/** In a framing just come upon they are painted smaller still, but at once. */
const QUICK_SHRINK = 4;

interface Target {
  readonly scene: Scene;
  readonly framing: Framing;
  readonly lens: LensModel;
  readonly still: LightPlane;
}

/** What painting adds to the still light, made on a smaller picture. */
class SmallPainting {
  private readonly plane: LightPlane;
  private readonly before: Float32Array;
  /** What the last whole painting has added. */
  readonly difference: Float32Array;
  private framing: Framing | null = null;

  constructor(
    width: number,
    height: number,
    private readonly shrink: number,
  ) {
    this.plane = createLightPlane(width / shrink, height / shrink);
    this.before = new Float32Array(this.plane.rgb.length);
    this.difference = new Float32Array(this.plane.rgb.length);
  }

  aim(framing: Framing): void {
    const { shrink } = this;
    this.framing = {
      ...framing,
      longPx: framing.longPx / shrink,
      shortPx: framing.shortPx / shrink,
    };
  }

  /** Still light, before anything is painted over it. */
  begin(still: LightPlane): void {
    const { plane, shrink } = this;
    for (let y = 0; y < plane.height; y++)
      for (let x = 0; x < plane.width; x++) {
        const from = shrink * (y * still.width + x);
        const to = y * plane.width + x;
        plane.depthM[to] = still.depthM[from];
        for (let c = 0; c < 3; c++) plane.rgb[3 * to + c] = still.rgb[3 * from + c];
      }
    this.before.set(plane.rgb);
  }

  /** One of so many slices, from the top down. */
  paint({ scene, lens }: Target, shutter: OpenShutter, slice: number, slices: number): void {
    const rows = this.plane.height / slices;
    const band = rowsOf(this.plane, slice * rows, rows);
    lightFieldOf(scene).moving?.paint(this.framing!, band, sceneResponse(scene, lens), shutter);
  }

  finish(): void {
    const { before, difference, plane } = this;
    for (let i = 0; i < before.length; i++) difference[i] = plane.rgb[i] - before[i];
  }

  addTo(rgb: Float32Array): void {
    const { width, height } = this.plane;
    addEnlarged(this.difference, width, height, this.shrink, rgb);
  }
}

/**
 * Lays what moves over the still light of a framing, at a pace the frame loop can bear. What it
 * paints small is added as the difference it makes, so that the still light keeps its detail.
 */
export class MovingLight {
  /** Still light with everything that moves in it. */
  readonly composed: LightPlane;
  /** Made for the first framing that asks for them. */
  private small: SmallPainting | null = null;
  private quick: SmallPainting | null = null;
  private target: Target | null = null;
  private slice = 0;
  /** `small` holds a whole painting of this framing. */
  private painted = false;
  private paintedAtS = -Infinity;
  private shutter: OpenShutter = { startS: 0, timeS: 0 };

  /** Room for pictures of this size. */
  constructor(
    private readonly width: number,
    private readonly height: number,
  ) {
    this.composed = createLightPlane(width, height);
  }

  /** Another framing, or the same with better still light. */
  aim(target: Target, shutter: OpenShutter): void {
    const { framing, still, scene } = target;
    // Refined still light under what moved before: nothing vanishes while it is painted anew.
    this.painted &&= this.target?.framing === framing;
    this.target = target;
    this.composed.depthM.set(still.depthM);
    this.composed.rgb.set(still.rgb);
    this.slice = 0;
    this.paintedAtS = -Infinity;
    const { moving } = lightFieldOf(scene);
    if (!moving) return;
    if (!moving.coarse) {
      this.advance(shutter);
      return;
    }
    this.small ??= new SmallPainting(this.width, this.height, SHRINK);
    this.small.aim(framing);
    if (this.painted) this.small.addTo(this.composed.rgb);
    else this.paintQuickly(target, shutter);
  }

  /** Moves on by a frame; true when `composed` has changed. */
  advance(shutter: OpenShutter): boolean {
    const { target, small, composed } = this;
    const moving = target && lightFieldOf(target.scene).moving;
    if (!target || !moving) return false;
    if (!moving.coarse) {
      const fresh = shutter.timeS === this.shutter.timeS;
      if (fresh && shutter.startS - this.paintedAtS < moving.refreshS) return false;
      this.begin(shutter);
      composed.rgb.set(target.still.rgb);
      moving.paint(target.framing, composed, sceneResponse(target.scene, target.lens), shutter);
      return true;
    }
    if (!small) return false;
    if (this.slice === 0) {
      this.begin(shutter);
      small.begin(target.still);
    }
    small.paint(target, this.shutter, this.slice, SLICES);
    this.slice = (this.slice + 1) % SLICES;
    if (this.slice !== 0) return false;
    small.finish();
    this.painted = true;
    composed.rgb.set(target.still.rgb);
    small.addTo(composed.rgb);
    return true;
  }

  private begin(shutter: OpenShutter): void {
    this.shutter = shutter;
    this.paintedAtS = shutter.startS;
  }

  private paintQuickly(target: Target, shutter: OpenShutter): void {
    this.quick ??= new SmallPainting(this.width, this.height, QUICK_SHRINK);
    const { quick } = this;
    quick.aim(target.framing);
    quick.begin(target.still);
    quick.paint(target, shutter, 0, 1);
    quick.finish();
    quick.addTo(this.composed.rgb);
  }
}
