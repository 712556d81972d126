import { rowStream, xorshift32 } from '../sensor/noise';
import type { NoiseProfile } from '../sensor/noiseProfile';
import type { ShotMetadata } from '../files/dng/description';
import { encodeBand } from '../files/dng/encodeBand';
import { floatBlock, type FloatBits } from '../files/dng/floatBlock';
import { MISREAD_WIDTH, TILE_HEIGHT, TILE_WIDTH } from '../files/dng/tiling';
import { writeDng } from '../files/dng/writeDng';
import type { RawFile } from '../files/rawFile';

/** Light that was made of several frames, as the raw of a new one. */
export interface CombinedLight {
  /** `width * height * samplesPerPixel` of `file`, 1 where it clips, below 0 noise. */
  readonly light: Float32Array;
  /** What is said of the frame it looks like: colour, white, orientation, crop. */
  readonly file: RawFile;
  readonly noise: NoiseProfile;
  /** Stops by which it is to be shown brighter. */
  readonly baselineExposure: number;
}

/** Levels of combined light in whole numbers: below black there is room for noise. */
export const COMBINED_BLACK = 1024;
export const COMBINED_WHITE = 65535;
const RANGE = COMBINED_WHITE - COMBINED_BLACK;
/** Brings 32 bits to 0..1. */
const CHANCE = 2 ** -32;
/** Of 16-bit floating-point numbers the finest step in the dark. */
const HALF_STEP = 2 ** -24;

/**
 * Light in whole numbers of 16 bits. Rounded up or down by chance, so that what lies between two
 * steps is right on the mean and shows none.
 */
export function wholeLight(light: Float32Array): Uint16Array {
  const whole = new Uint16Array(light.length);
  let chance = rowStream(light.length, 1);
  for (let i = 0; i < light.length; i++) {
    chance = xorshift32(chance);
    const v = light[i] * RANGE + COMBINED_BLACK + chance * CHANCE;
    whole[i] = v < 0 ? 0 : v > COMBINED_WHITE ? COMBINED_WHITE : v;
  }
  return whole;
}

/**
 * Whether whole numbers of 16 bits hold it without loss: their step is no larger than twice the
 * noise in the dark, which then smooths it (a dithered step adds 1/12 of its square).
 */
export const fitsWhole = ({ offset }: NoiseProfile): boolean => Math.sqrt(offset) * RANGE >= 0.5;

/**
 * A DNG of combined light: whole numbers of 16 bits, or floating-point ones (DNG 1.4), which hold
 * any range.
 *
 * @param jpeg its preview, in the raw's own orientation
 * @param onShare called with the share that is done
 */
export function combinedDng(
  { light, file, noise, baselineExposure }: CombinedLight,
  floating: boolean,
  preview: { readonly jpeg: Uint8Array; readonly width: number; readonly height: number },
  shot: ShotMetadata,
  onShare: (share: number) => void = () => {},
): Uint8Array[] {
  const { kind, width, height, samplesPerPixel, crop } = file.raw;
  const floatBits: FloatBits = Math.sqrt(noise.offset) >= HALF_STEP ? 16 : 32;
  // Another width is a multiple of sixteen too, as TIFF 6.0 asks.
  const wholeWidth = width === MISREAD_WIDTH ? TILE_WIDTH + 16 : TILE_WIDTH;
  const tileWidth = floating ? width : wholeWidth;
  const tiles: Uint8Array[] = [];
  for (let y = 0; y < height; y += TILE_HEIGHT) {
    const rows = Math.min(TILE_HEIGHT, height - y);
    const from = y * width * samplesPerPixel;
    const band = light.subarray(from, from + rows * width * samplesPerPixel);
    tiles.push(
      ...(floating
        ? [floatBlock(band, width * samplesPerPixel, floatBits, kind === 'cfa' ? 2 : 3)]
        : encodeBand(
            { data: wholeLight(band), width, rows, samplesPerPixel, precision: 16 },
            tileWidth,
            TILE_HEIGHT,
          )),
    );
    onShare((y + rows) / height);
  }
  return writeDng({
    raw: {
      kind,
      width,
      height,
      tileWidth,
      tileHeight: TILE_HEIGHT,
      tiles,
      blackLevel: floating ? 0 : COMBINED_BLACK,
      whiteLevel: floating ? 1 : COMBINED_WHITE,
      ...(floating && { floatBits }),
      crop,
      noise,
    },
    preview,
    orientation: file.orientation,
    profile: file.profile,
    asShotNeutral: file.asShotNeutral,
    baselineExposure,
    shot,
  });
}
