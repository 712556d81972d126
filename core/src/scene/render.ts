import type { Mat3 } from '../colour/mat3';
import type { LightPlane } from '../sensor/lightPlane';
import { framingPixel, framingSize, type Framing } from './framing';
import { SAMPLE_LENGTH, type Scene, type SceneSample } from './scene';
import { addLamp, flashTint, torchTint, type LampTint } from './besideLamp';

/** Sub-pixel positions of 1, 2 or 4 samples a pixel (rotated grid): x, y, x, y ... */
const PATTERNS: Readonly<Record<1 | 2 | 4, Float64Array>> = {
  1: Float64Array.of(0.5, 0.5),
  2: Float64Array.of(0.25, 0.25, 0.75, 0.75),
  4: Float64Array.of(0.375, 0.125, 0.875, 0.375, 0.125, 0.625, 0.625, 0.875),
};

/**
 * Renders a scene, or the part of it that a plane stands for, as camera-space light: all that keeps still.
 *
 * @param plane receives light and distances; must lie inside the framing's picture sideways (rows of margin may lie outside)
 * @param xyzToCamera the sensor's colour response
 * @param samples rays a pixel
 * @param torch the phone's own lamp is on
 * Throws RangeError when the plane is wider than the framing.
 */
export function renderScene(
  scene: Scene,
  framing: Framing,
  plane: LightPlane,
  xyzToCamera: Mat3,
  samples: 1 | 2 | 4,
  torch = false,
): void {
  renderRays(scene, framing, plane, xyzToCamera, samples, 1, torch ? torchTint(scene.white) : null);
}

/**
 * The same of the light that a flash of a guide number (metres, ISO 100) sends back, in cd s/m2 on the
 * camera's channels: it is over before it can be said to have a luminance. Nothing but the flash.
 */
export function renderFlash(
  scene: Scene,
  framing: Framing,
  plane: LightPlane,
  xyzToCamera: Mat3,
  samples: 1 | 2 | 4,
  guideNumber: number,
): void {
  const tint = flashTint(scene.white, guideNumber);
  renderRays(scene, framing, plane, xyzToCamera, samples, 0, tint);
}

/**
 * @param own share of the scene's own light
 * @param tint of a lamp beside the lens
 */
function renderRays(
  scene: Scene,
  framing: Framing,
  plane: LightPlane,
  xyzToCamera: Mat3,
  samples: 1 | 2 | 4,
  own: 0 | 1,
  tint: LampTint | null,
): void {
  const size = framingSize(framing);
  if (plane.width > size.width) throw new RangeError('the plane is wider than the framing');
  const pixel = framingPixel(framing);
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
        const a = (plane.column + column + pattern[2 * k]) * pixel;
        const b = (plane.row + row + pattern[2 * k + 1]) * pixel;
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
        if (tint) addLamp(out, own, tint, inverse);
        X += out[0];
        Y += out[1];
        Z += out[2];
        const along = out[3] * inverse;
        if (along < depth) depth = along;
      }
      const i = row * plane.width + column;
      plane.depthM[i] = depth;
      plane.rgb[3 * i] = Math.max(0, (m0 * X + m1 * Y + m2 * Z) * share);
      plane.rgb[3 * i + 1] = Math.max(0, (m3 * X + m4 * Y + m5 * Z) * share);
      plane.rgb[3 * i + 2] = Math.max(0, (m6 * X + m7 * Y + m8 * Z) * share);
    }
  }
}
