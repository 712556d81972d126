import type { Mat3 } from '../colour/mat3';
import type { LightPlane } from '../sensor/lightPlane';
import { addLamp, type LampTint } from './besideLamp';
import { framingPixel, rayCaster, type Framing } from './framing';
import { SAMPLE_LENGTH, type SceneSample } from './scene';

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

/**
 * Index of the share of the open shutter in which a moving thing covers the ray, in a moving
 * sample.
 */
export const COVER = SAMPLE_LENGTH;

/** A moving thing that can be looked up ray by ray. */
export interface MovingRays {
  /** False where nothing of it is ever seen. */
  reaches(dx: number, dy: number, dz: number): boolean;
  /** Writes a SceneSample and, at COVER, the share of time it covers the ray. */
  sample(
    dx: number,
    dy: number,
    dz: number,
    footprintRad: number,
    shutter: OpenShutter,
    out: SceneSample,
  ): void;
}

/** Pixels of a plane a moving thing can be seen on: index, direction and cosine each. */
interface Reach {
  readonly pixels: Int32Array;
  readonly rays: Float32Array;
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

  constructor(
    private readonly rays: MovingRays,
    readonly refreshS: number,
  ) {}

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
    const [m0, m1, m2, m3, m4, m5, m6, m7, m8] = xyzToCamera;
    const pixel = framingPixel(framing);
    const out: SceneSample = new Float64Array(SAMPLE_LENGTH + 1);
    const { rgb, depthM } = plane;
    for (let k = 0; k < pixels.length; k++) {
      const i = pixels[k];
      const r = 4 * k;
      this.rays.sample(rays[r], rays[r + 1], rays[r + 2], pixel * rays[r + 3], shutter, out);
      const cover = out[COVER];
      if (cover <= 0 || out[3] * rays[r + 3] > depthM[i]) continue;
      if (tint) addLamp(out, 0, tint, rays[r + 3]);
      const left = 1 - cover;
      const [X, Y, Z] = out;
      const o = 3 * i;
      rgb[o] = rgb[o] * left + cover * Math.max(0, m0 * X + m1 * Y + m2 * Z);
      rgb[o + 1] = rgb[o + 1] * left + cover * Math.max(0, m3 * X + m4 * Y + m5 * Z);
      rgb[o + 2] = rgb[o + 2] * left + cover * Math.max(0, m6 * X + m7 * Y + m8 * Z);
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
    const rays = new Float32Array(4 * total);
    const cast = rayCaster(framing);
    const ray = new Float64Array(4);
    let n = 0;
    for (let row = 0; row < plane.height; row++)
      for (let column = 0; column < plane.width; column++) {
        cast(plane.column + column + 0.5, plane.row + row + 0.5, ray);
        if (!this.rays.reaches(ray[0], ray[1], ray[2])) continue;
        pixels[n] = row * plane.width + column;
        rays.set(ray, 4 * n);
        n++;
      }
    const reach = {
      pixels: pixels.subarray(0, n),
      rays: rays.subarray(0, 4 * n),
    };
    parts.set(key, reach);
    return reach;
  }
}
