import type { Chromaticity } from '../colour/chromaticity';
import type { Mat3 } from '../colour/mat3';
import type { LightPlane } from '../sensor/lightPlane';
import type { LampTint } from './besideLamp';
import type { Receiving } from './compiled/memory';
import { MovingRuns, RUN, type MovingRun, type Rays } from './compiled/movingRuns';
import { framingPixel, rayCaster, type Framing } from './framing';
import type { LookMoving } from './rays/movingRun';

/** While the shutter is open, in seconds of scene time. */
export interface OpenShutter {
  readonly startS: number;
  readonly timeS: number;
}

/** Something that moves. Pure function of time: the same shutter gives the same light. */
export interface MovingLayer {
  /** Seconds of scene time after which a live picture should be painted again. */
  readonly refreshS: number;
  /** Looks well enough painted at half size: what is costly to paint is soft anyway. */
  readonly coarse: boolean;
  /**
   * Paints its light, averaged over the open shutter, over still light.
   *
   * @param plane still light on entry; may be a part of the framing's picture
   */
  paint(framing: Framing, plane: LightPlane, xyzToCamera: Mat3, shutter: OpenShutter): void;
  /**
   * Paints what it sends back of a flash, where it is at that moment; absent where a flash does not
   * reach it.
   *
   * @param plane a flash's light on all that keeps still on entry
   * @param atS scene time of the flash
   */
  flash?(framing: Framing, plane: LightPlane, xyzToCamera: Mat3, atS: number, tint: LampTint): void;
}

/** A flash's length in seconds: nothing here moves by a pixel meanwhile. */
const FLASH_S = 1e-4;

/** Parts of one framing's picture that are remembered at once. */
const MAX_PARTS = 16;

/** A moving thing that can be looked up ray by ray. */
export interface MovingRays {
  /** Of the scene it moves in. */
  readonly white: Chromaticity;
  /** False where nothing of it is ever seen. */
  reaches(dx: number, dy: number, dz: number): boolean;
  readonly look: LookMoving;
}

/** Pixels of a plane a moving thing can be seen on, and the ray through each. */
interface Reach {
  readonly pixels: Int32Array;
  readonly rays: Rays;
}

/**
 * A moving layer that is looked up ray by ray; remembers which pixels of a framing it can be seen
 * on.
 */
export class RayLayer implements MovingLayer {
  readonly coarse = true;
  /**
   * By framing and part of its picture: a live picture is painted in slices, beside a loupe's piece
   * of the sensor.
   */
  private readonly reaches = new WeakMap<Framing, Map<string, Reach>>();

  private readonly runs: MovingRuns;

  constructor(
    private readonly rays: MovingRays,
    readonly refreshS: number,
  ) {
    this.runs = new MovingRuns(rays.look);
  }

  paint(framing: Framing, plane: LightPlane, xyzToCamera: Mat3, shutter: OpenShutter): void {
    this.paintLit(framing, plane, xyzToCamera, shutter, null);
  }

  flash(framing: Framing, plane: LightPlane, xyzToCamera: Mat3, atS: number, tint: LampTint): void {
    this.paintLit(framing, plane, xyzToCamera, { startS: atS, timeS: FLASH_S }, tint);
  }

  /** @param tint of a flash that is all the light there is; null: the scene's own light */
  private paintLit(
    framing: Framing,
    plane: LightPlane,
    xyzToCamera: Mat3,
    shutter: OpenShutter,
    tint: LampTint | null,
  ): void {
    const { pixels, rays } = this.reachOf(framing, plane);
    const own = tint ? 0 : 1;
    const receiving: Receiving = { white: this.rays.white, xyzToCamera, own, tint };
    for (let from = 0; from < pixels.length; from += RUN) {
      const count = Math.min(RUN, pixels.length - from);
      const run = this.runs.of(rays, from, count, framingPixel(framing), receiving, shutter);
      layOver(run, pixels.subarray(from, from + count), plane);
    }
  }

  private reachOf(framing: Framing, plane: LightPlane): Reach {
    const parts = this.reaches.get(framing) ?? new Map<string, Reach>();
    this.reaches.set(framing, parts);
    const key = `${plane.column} ${plane.row} ${plane.width} ${plane.height}`;
    const known = parts.get(key);
    if (known) return known;
    if (parts.size >= MAX_PARTS) parts.clear();
    const total = plane.width * plane.height;
    const pixels = new Int32Array(total);
    const [x, y, z, cosine] = [0, 1, 2, 3].map(() => new Float32Array(total));
    const cast = rayCaster(framing);
    const ray = new Float64Array(4);
    let n = 0;
    for (let row = 0; row < plane.height; row++)
      for (let column = 0; column < plane.width; column++) {
        cast(plane.column + column + 0.5, plane.row + row + 0.5, ray);
        if (!this.rays.reaches(ray[0], ray[1], ray[2])) continue;
        pixels[n] = row * plane.width + column;
        x[n] = ray[0];
        y[n] = ray[1];
        z[n] = ray[2];
        cosine[n] = ray[3];
        n++;
      }
    const reach = {
      pixels: pixels.subarray(0, n),
      rays: {
        x: x.subarray(0, n),
        y: y.subarray(0, n),
        z: z.subarray(0, n),
        cosine: cosine.subarray(0, n),
      },
    };
    parts.set(key, reach);
    return reach;
  }
}

/** Lays what moves over still light, where nothing stands before it. */
function layOver({ rgb, distance, cover }: MovingRun, pixels: Int32Array, plane: LightPlane): void {
  for (let k = 0; k < pixels.length; k++) {
    const i = pixels[k];
    const share = cover[k];
    if (share <= 0 || distance[k] > plane.depthM[i]) continue;
    const left = 1 - share;
    const [o, from] = [3 * i, 3 * k];
    plane.rgb[o] = plane.rgb[o] * left + share * rgb[from];
    plane.rgb[o + 1] = plane.rgb[o + 1] * left + share * rgb[from + 1];
    plane.rgb[o + 2] = plane.rgb[o + 2] * left + share * rgb[from + 2];
  }
}
