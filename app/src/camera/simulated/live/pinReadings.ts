import { PIN_SHARE, type PicturePoint } from '@velmo/core/exposure';
import { readSpot } from '@velmo/core/monitor';
import type { PinReading } from '../../device/readings';
import type { LiveRendering } from './liveRendering';

/** Least share of the raw's range that is told apart: what is darker has no tone to speak of. */
const DARKEST = 1e-12;

/**
 * What the pins read from light that no sensor has cut off.
 *
 * @param shareOfClip the raw's range per unit of light: 1 clips
 */
export const readPins = (
  pins: readonly PicturePoint[],
  light: Float32Array,
  { width, height }: { readonly width: number; readonly height: number },
  shareOfClip: number,
  { clipStops, luminanceRow }: LiveRendering,
): PinReading[] =>
  pins.map((pin) => {
    const { luminance, peak } = readSpot(light, width, height, pin, PIN_SHARE, luminanceRow);
    return {
      stops: Math.log2(Math.max(DARKEST, luminance * shareOfClip)) + clipStops,
      roomStops: -Math.log2(Math.max(DARKEST, peak * shareOfClip)),
    };
  });
