import { rowShares } from '@velmo/core/simulate';
import {
  bandingContrast,
  blurRows,
  defocusOf,
  shakeKernel,
  type BlurKernel,
  type LensModel,
} from '@velmo/core/optics';
import { framingPixel, type Framing, type Scene } from '@velmo/core/scene';
import type { LightPlane, LightStripes } from '@velmo/core/sensor';
import type { Settings } from '@velmo/core/settings';
import { FocusedLight } from './focusedLight';

/**
 * The way the hand shakes in the live picture: the same from frame to frame, or blur would flicker.
 */
export const LIVE_SHAKE_SEED = 5;

/** One look through the lens while the shutter is open. */
export interface Look {
  readonly scene: Scene;
  readonly framing: Framing;
  readonly lens: LensModel;
  readonly settings: Settings;
  /** Where the lens is focused, in dioptres. */
  readonly dioptres: number;
  readonly timeS: number;
  readonly startS: number;
  readonly upright: boolean;
}

/**
 * Light on its way from the scene to the sensor of the live picture: focus, then the hand's shake.
 */
export class LightOnSensor {
  private readonly focused = new FocusedLight();
  private shaken = new Float32Array(0);
  private kernel: BlurKernel | null = null;
  /** What `shaken` was made for; '' when it must be made again. */
  private shakenFor = '';
  private stale = true;

  /** The plane of the next look is another. */
  renew(): void {
    this.stale = true;
  }

  /**
   * Light through lens and hand.
   *
   * @param moved the plane's light has changed since the last look
   */
  through(plane: LightPlane, moved: boolean, look: Look): Float32Array {
    const pixel = framingPixel(look.framing);
    const defocus = defocusOf(look.lens, look.dioptres, pixel);
    const { rgb, changed } = this.focused.through(plane, moved || this.stale, this.stale, defocus);
    this.stale = false;
    const { support, stabiliserStops } = look.settings;
    if (support === 'tripod') {
      this.shakenFor = '';
      return rgb;
    }
    const key = `${look.timeS} ${stabiliserStops}`;
    if (changed || key !== this.shakenFor) {
      this.kernel = shakeKernel(LIVE_SHAKE_SEED, look.timeS, stabiliserStops, pixel);
      this.shakenFor = key;
      if (this.kernel) {
        if (this.shaken.length !== rgb.length) this.shaken = new Float32Array(rgb.length);
        blurRows(rgb, plane.width, plane.height, this.kernel, 0, plane.height, this.shaken);
      }
    }
    return this.kernel ? this.shaken : rgb;
  }
}

/**
 * Shares that differ by less than this from the mean are not seen, nor measured by any raw value.
 */
const MIN_STRIPE = 1e-4;

/**
 * Pulsing lamps under a rolling shutter: bands across the sensor's rows; null where there are none.
 */
export function lampStripes(
  { width, height }: { readonly width: number; readonly height: number },
  { scene, settings, timeS, startS, upright }: Look,
): LightStripes | null {
  const modulation = scene.lampModulation;
  const { mainsHz } = settings;
  if (modulation === undefined || bandingContrast(timeS, mainsHz, modulation) < MIN_STRIPE)
    return null;
  const shares = rowShares(upright ? width : height, { startS, timeS, mainsHz, modulation });
  // Held upright, the sensor's first row is the picture's right edge.
  if (upright) shares.reverse();
  return { shares, along: upright ? 'columns' : 'rows' };
}
