import { sceneResponse } from '@velmo/core/capture';
import type { LensModel } from '@velmo/core/optics';
import type { Framing, OpenShutter, Scene } from '@velmo/core/scene';
import { createLightPlane, rowsOf, type LightPlane } from '@velmo/core/sensor';
import { addEnlarged } from './stillLight';

/** Moving things that are looked up ray by ray are painted this much smaller and in this many slices, a slice a frame. */
const SHRINK = 2;
const SLICES = 4;

interface Target {
  readonly scene: Scene;
  readonly framing: Framing;
  readonly lens: LensModel;
  readonly still: LightPlane;
}

/**
 * Lays what moves over the still light of a framing, at a pace the frame loop can bear. What it paints small is added
 * as the difference it makes, so that the still light keeps its detail.
 */
export class MovingLight {
  /** Still light with everything that moves in it. */
  readonly composed: LightPlane;
  private readonly small: LightPlane;
  private readonly before: Float32Array;
  private target: Target | null = null;
  private smallFraming: Framing | null = null;
  private slice = 0;
  private paintedAtS = -Infinity;
  private shutter: OpenShutter = { startS: 0, timeS: 0 };

  /** Room for pictures of this size. */
  constructor(width: number, height: number) {
    this.composed = createLightPlane(width, height);
    this.small = createLightPlane(width / SHRINK, height / SHRINK);
    this.before = new Float32Array(this.small.rgb.length);
  }

  /** Another framing, or the same with better still light. */
  aim(target: Target, shutter: OpenShutter): void {
    const { framing, still, scene } = target;
    this.target = target;
    this.smallFraming = {
      ...framing,
      longPx: framing.longPx / SHRINK,
      shortPx: framing.shortPx / SHRINK,
    };
    this.composed.rgb.set(still.rgb);
    this.composed.depthM.set(still.depthM);
    this.slice = 0;
    this.paintedAtS = -Infinity;
    if (scene.moving) while (!this.advance(shutter));
  }

  /** Moves on by a frame; true when `composed` has changed. */
  advance(shutter: OpenShutter): boolean {
    const { target } = this;
    const moving = target?.scene.moving;
    if (!target || !moving) return false;
    if (!moving.coarse) {
      const fresh = shutter.timeS === this.shutter.timeS;
      if (fresh && shutter.startS - this.paintedAtS < moving.refreshS) return false;
      this.begin(shutter);
      this.composed.rgb.set(target.still.rgb);
      moving.paint(
        target.framing,
        this.composed,
        sceneResponse(target.scene, target.lens),
        shutter,
      );
      return true;
    }
    if (this.slice === 0) {
      this.begin(shutter);
      this.shrinkStill(target.still);
    }
    this.paintSlice(target, this.slice);
    this.slice = (this.slice + 1) % SLICES;
    if (this.slice !== 0) return false;
    this.addDifference(target.still);
    return true;
  }

  private begin(shutter: OpenShutter): void {
    this.shutter = shutter;
    this.paintedAtS = shutter.startS;
  }

  private shrinkStill(still: LightPlane): void {
    const { small } = this;
    for (let y = 0; y < small.height; y++)
      for (let x = 0; x < small.width; x++) {
        const from = SHRINK * (y * still.width + x);
        const to = y * small.width + x;
        small.depthM[to] = still.depthM[from];
        for (let c = 0; c < 3; c++) small.rgb[3 * to + c] = still.rgb[3 * from + c];
      }
    this.before.set(small.rgb);
  }

  private paintSlice({ scene, lens }: Target, slice: number): void {
    const rows = this.small.height / SLICES;
    const band = rowsOf(this.small, slice * rows, rows);
    const xyzToCamera = sceneResponse(scene, lens);
    scene.moving?.paint(this.smallFraming!, band, xyzToCamera, this.shutter);
  }

  private addDifference(still: LightPlane): void {
    const { small, before, composed } = this;
    for (let i = 0; i < before.length; i++) before[i] = small.rgb[i] - before[i];
    composed.rgb.set(still.rgb);
    const { rgb } = composed;
    addEnlarged(before, small.width, small.height, SHRINK, rgb, (from, to) => {
      for (let i = from; i < to; i++) if (rgb[i] < 0) rgb[i] = 0;
    });
  }
}
