import {
  asShotNeutral,
  balancedCameraToSrgb,
  whiteFromNeutral,
  type CameraProfile,
} from './cameraProfile';
import { labOfLinearSrgb } from './lab';
import { multiplyVec, type Vec3 } from './mat3';
import {
  WHITE_KELVIN,
  WHITE_TINT,
  whiteChromaticity,
  whitePointOf,
  type WhitePoint,
} from './whitePoint';

/** What the sensor gave at a place that is said to be neutral. */
export interface NeutralSample {
  /** Mean light above black per channel, any unit. */
  readonly mean: Vec3;
  /** Share of its pixels at white level, per channel. */
  readonly clippedShare: Vec3;
  /** Signal-to-noise ratio of a pixel in the weakest channel. */
  readonly snr: number;
  /**
   * Standard deviation of the pixels' ratios of red and blue to green, noise taken out, over those
   * ratios.
   */
  readonly unevenness: number;
}

export type NeutralReading =
  | { readonly kind: 'white'; readonly white: WhitePoint }
  | { readonly kind: 'clipped'; readonly channel: 0 | 1 | 2 }
  | { readonly kind: 'dark' }
  | { readonly kind: 'uneven' }
  /** No light has the colour that would make this neutral. */
  | { readonly kind: 'impossible'; readonly looks: string }
  /** Some light could, but the rest of the picture speaks against it. */
  | { readonly kind: 'coloured'; readonly looks: string; readonly white: WhitePoint };

/** Share of clipped pixels that spoils the mean. */
const MAX_CLIPPED = 0.005;
const MIN_SNR = 2;
const MAX_UNEVEN = 0.12;
/** CIE 15 chroma, under the light the camera assumes, from which a patch is taken for coloured. */
const MAX_CHROMA = 22;

/**
 * The light under which a sample is neutral, or why it should not be believed.
 *
 * @param assumed the light the camera takes the picture to be lit by
 */
export function readNeutral(
  profile: CameraProfile,
  sample: NeutralSample,
  assumed: WhitePoint,
): NeutralReading {
  const { mean, clippedShare, snr, unevenness } = sample;
  const worst = clippedShare.indexOf(Math.max(...clippedShare)) as 0 | 1 | 2;
  if (clippedShare[worst] > MAX_CLIPPED) return { kind: 'clipped', channel: worst };
  if (!(snr >= MIN_SNR) || !mean.every((v) => v > 0)) return { kind: 'dark' };
  if (unevenness > MAX_UNEVEN) return { kind: 'uneven' };
  const { chroma, hue } = seenUnder(profile, mean, assumed);
  const white = whitePointOf(whiteFromNeutral(profile, mean));
  const { kelvin, tint } = white;
  const real =
    kelvin >= WHITE_KELVIN.min &&
    kelvin <= WHITE_KELVIN.max &&
    tint >= WHITE_TINT.min &&
    tint <= WHITE_TINT.max;
  if (!real) return { kind: 'impossible', looks: hueWord(hue) };
  if (chroma > MAX_CHROMA) return { kind: 'coloured', looks: hueWord(hue), white };
  return { kind: 'white', white };
}

/** Chroma and hue angle of a sample at medium lightness, developed for a light. */
function seenUnder(
  profile: CameraProfile,
  mean: Vec3,
  light: WhitePoint,
): { chroma: number; hue: number } {
  const white = whiteChromaticity(light);
  const neutral = asShotNeutral(profile, white);
  const balanced: Vec3 = [mean[0] / neutral[0], mean[1] / neutral[1], mean[2] / neutral[2]];
  const [r, g, b] = multiplyVec(balancedCameraToSrgb(profile, white), balanced);
  const scale = 0.4 / Math.max(1e-9, 0.2126 * r + 0.7152 * g + 0.0722 * b);
  const lab = labOfLinearSrgb(r * scale, g * scale, b * scale);
  return {
    chroma: Math.hypot(lab.a, lab.b),
    hue: ((Math.atan2(lab.b, lab.a) * 180) / Math.PI + 360) % 360,
  };
}

/** Everyday names of CIE 15 hue angles (common practice). */
const HUES: readonly (readonly [number, string])[] = [
  [20, 'pink'],
  [60, 'orange'],
  [110, 'yellow'],
  [190, 'green'],
  [240, 'cyan'],
  [300, 'blue'],
  [345, 'violet'],
  [360, 'pink'],
];

const hueWord = (hue: number): string => HUES.find(([to]) => hue <= to)![1];
