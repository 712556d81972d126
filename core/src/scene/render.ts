import type { Mat3 } from '../colour/mat3';
import type { LightPlane } from '../sensor/lightPlane';
import { SAMPLE_LENGTH, type Scene, type SceneSample } from './scene';

/** Which part of the scene falls on which pixel. */
export interface Framing {
  /** Direction of the lens axis: radians right of and above the scene's axis. */
  readonly yawRad: number;
  readonly pitchRad: number;
  /** Tangent of half the angle the sensor's long side sees. */
  readonly halfLongTangent: number;
  /** Pixels along the sensor's long and short side. */
  readonly longPx: number;
  readonly shortPx: number;
  /**
   * How the plane's rows and columns lie in the picture: 'level' = the long side lies, as seen; 'upright' =
   * the long side stands, as seen; 'upright-sensor' = the phone is upright and the plane is in the order the
   * sensor reads, long side in rows, turned by 90 degrees against the picture (TIFF orientation 6).
   */
  readonly layout: 'level' | 'upright' | 'upright-sensor';
}

/** Size of the whole plane of a framing. */
export const framingSize = (f: Framing): { width: number; height: number } =>
  f.layout === 'upright'
    ? { width: f.shortPx, height: f.longPx }
    : { width: f.longPx, height: f.shortPx };

/** Sub-pixel positions of 1, 2 or 4 samples a pixel (rotated grid): x, y, x, y ... */
const PATTERNS: Readonly<Record<1 | 2 | 4, Float64Array>> = {
  1: Float64Array.of(0.5, 0.5),
  2: Float64Array.of(0.25, 0.25, 0.75, 0.75),
  4: Float64Array.of(0.375, 0.125, 0.875, 0.375, 0.125, 0.625, 0.625, 0.875),
};

/**
 * Renders rows of a scene as camera-space light.
 *
 * @param firstRow row of the whole plane the band starts at
 * @param plane receives `plane.height` rows; its width must be the framing's
 * @param xyzToCamera the sensor's colour response
 * @param samples rays a pixel
 * Throws RangeError when the plane is not as wide as the framing.
 */
export function renderScene(
  scene: Scene,
  framing: Framing,
  firstRow: number,
  plane: LightPlane,
  xyzToCamera: Mat3,
  samples: 1 | 2 | 4,
): void {
  const size = framingSize(framing);
  if (plane.width !== size.width) throw new RangeError('plane and framing differ in width');
  const pixel = (2 * framing.halfLongTangent) / framing.longPx;
  const { halfLongTangent: long } = framing;
  const short = (long * framing.shortPx) / framing.longPx;
  const cosPitch = Math.cos(framing.pitchRad);
  const sinPitch = Math.sin(framing.pitchRad);
  const cosYaw = Math.cos(framing.yawRad);
  const sinYaw = Math.sin(framing.yawRad);
  const out: SceneSample = new Float64Array(SAMPLE_LENGTH);
  const pattern = PATTERNS[samples];
  const share = 1 / samples;
  const [m0, m1, m2, m3, m4, m5, m6, m7, m8] = xyzToCamera;
  for (let row = 0; row < plane.height; row++) {
    for (let column = 0; column < plane.width; column++) {
      let X = 0;
      let Y = 0;
      let Z = 0;
      let depth = Infinity;
      for (let k = 0; k < samples; k++) {
        const a = (column + pattern[2 * k]) * pixel;
        const b = (firstRow + row + pattern[2 * k + 1]) * pixel;
        let u: number;
        let v: number;
        if (framing.layout === 'upright-sensor') {
          u = short - b;
          v = long - a;
        } else if (framing.layout === 'upright') {
          u = a - short;
          v = long - b;
        } else {
          u = a - long;
          v = short - b;
        }
        const inverse = 1 / Math.sqrt(u * u + v * v + 1);
        const y0 = v * cosPitch + sinPitch;
        const z0 = cosPitch - v * sinPitch;
        scene.sample(
          (u * cosYaw + z0 * sinYaw) * inverse,
          y0 * inverse,
          (z0 * cosYaw - u * sinYaw) * inverse,
          pixel * inverse,
          out,
        );
        X += out[0];
        Y += out[1];
        Z += out[2];
        if (out[3] < depth) depth = out[3];
      }
      const i = row * plane.width + column;
      plane.depthM[i] = depth;
      plane.rgb[3 * i] = Math.max(0, (m0 * X + m1 * Y + m2 * Z) * share);
      plane.rgb[3 * i + 1] = Math.max(0, (m3 * X + m4 * Y + m5 * Z) * share);
      plane.rgb[3 * i + 2] = Math.max(0, (m6 * X + m7 * Y + m8 * Z) * share);
    }
  }
}
