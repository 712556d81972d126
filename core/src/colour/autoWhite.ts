import { whiteFromNeutral, type CameraProfile } from './cameraProfile';
import { whitePointOf, type WhitePoint } from './whitePoint';

/** What everyday light is; whatever the picture's colours suggest, auto stays within. */
export const AUTO_WHITE = { minKelvin: 2500, maxKelvin: 10000, maxTint: 12 } as const;

/** Every second pixel along a row is enough. */
const STRIDE = 2;

/**
 * The light a picture seems to be lit by: Shades of Grey (Finlayson and Trezzi 2004), the Minkowski
 * mean of order 6 of each channel taken as the light's colour. It lies between "the mean is grey"
 * and "the brightest is white", and fails as they do: a frame filled with one colour is taken for
 * coloured light. Pixels brighter than `highlights` (glints, lamps, the sun) are left out, and the
 * answer is held within `AUTO_WHITE`.
 *
 * @param light camera-space light, interleaved RGB
 * @param highlights camera-space light above which a pixel does not count, per channel
 */
export function shadesOfGrey(
  light: Float32Array,
  highlights: readonly [number, number, number],
  profile: CameraProfile,
): WhitePoint {
  const [hr, hg, hb] = highlights;
  let red = 0;
  let green = 0;
  let blue = 0;
  // Sixth powers of absolute light would leave the range of numbers that add up well.
  const scale = 1 / Math.max(1e-9, hr, hg, hb);
  for (let i = 0; i < light.length; i += 3 * STRIDE) {
    if (light[i] > hr || light[i + 1] > hg || light[i + 2] > hb) continue;
    const r = (light[i] * scale) ** 2;
    const g = (light[i + 1] * scale) ** 2;
    const b = (light[i + 2] * scale) ** 2;
    red += r * r * r;
    green += g * g * g;
    blue += b * b * b;
  }
  const mean = [red, green, blue].map((sum) => Math.max(1e-12, sum) ** (1 / 6));
  return heldWhite(whitePointOf(whiteFromNeutral(profile, [mean[0], mean[1], mean[2]])));
}

/** A white point within what auto allows, in steps small enough not to be seen. */
function heldWhite({ kelvin, tint }: WhitePoint): WhitePoint {
  const { minKelvin, maxKelvin, maxTint } = AUTO_WHITE;
  const held = Math.min(maxKelvin, Math.max(minKelvin, kelvin));
  return {
    kelvin: Math.round(held / 10) * 10,
    tint: Math.round(Math.min(maxTint, Math.max(-maxTint, tint)) * 2) / 2,
  };
}
