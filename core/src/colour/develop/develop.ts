import type { Chromaticity } from '../chromaticity';
import type { Mat3, Vec3 } from '../mat3';
import { asShotNeutral, balancedCameraToSrgb, type CameraProfile } from '../cameraProfile';
import { encodeSrgb } from '../srgb';
import { renderingCurve } from './renderingCurve';

export interface DevelopSettings {
  readonly profile: CameraProfile;
  readonly white: Chromaticity;
  readonly blackLevel: number;
  readonly whiteLevel: number;
  /** Stops to brighten so that mid-grey renders at 18 % (DNG BaselineExposure). */
  readonly baselineExposure: number;
}

/** A ready-made development: tables and a matrix, for many frames of one setting. */
export interface Developer {
  /** Raw value of no light, and the white-balanced linear share of one count, per channel. */
  readonly black: number;
  readonly shares: Vec3;
  /** White-balanced linear value 0..1 of each raw value, per channel. */
  readonly balance: readonly [Float32Array, Float32Array, Float32Array];
  readonly matrix: Mat3;
  /** sRGB byte of display-linear light before it is brightened: entries over 0..1. */
  readonly tone: Uint8Array;
  /** What display-linear light is brightened by before the curve. */
  readonly gain: number;
}

/** Steps of a developer's tone table: enough for what sensors hold in one exposure. */
const TONE_STEPS = 4095;
const DEEP_STEPS = 65535;
/** What is brightened by more would show the steps. */
const MAX_COARSE_GAIN = 4;
/** The most a developer's tone table has. */
export const MAX_TONE_STEPS = DEEP_STEPS;

/** DNG BaselineExposure that renders this share of saturation at 18 %. */
export const baselineExposureFor = (midGreyShareOfSaturation: number): number =>
  Math.log2(0.18 / midGreyShareOfSaturation);

/** Builds the tables of a development. */
export function createDeveloper(settings: DevelopSettings): Developer {
  const { profile, white, blackLevel, whiteLevel, baselineExposure } = settings;
  const neutral = asShotNeutral(profile, white);
  const range = whiteLevel - blackLevel;
  const shares: Vec3 = [1 / range / neutral[0], 1 / range / neutral[1], 1 / range / neutral[2]];
  const table = (share: number): Float32Array => {
    const t = new Float32Array(whiteLevel + 1);
    // Cutting at the first channel's clip keeps blown highlights white instead of pink.
    for (let dn = 0; dn <= whiteLevel; dn++)
      t[dn] = Math.min(1, Math.max(0, (dn - blackLevel) * share));
    return t;
  };
  const gain = 2 ** baselineExposure;
  return {
    black: blackLevel,
    shares,
    balance: [table(shares[0]), table(shares[1]), table(shares[2])],
    matrix: balancedCameraToSrgb(profile, white),
    tone: toneTable(
      new Uint8Array((gain > MAX_COARSE_GAIN ? DEEP_STEPS : TONE_STEPS) + 1),
      gain,
      255,
    ),
    gain,
  };
}

/** Fills a table over display-linear 0..1 with the rendered sRGB signal, 0..top. */
function toneTable<T extends Uint8Array | Uint16Array>(tone: T, gain: number, top: number): T {
  const curve = renderingCurve(gain);
  const steps = tone.length - 1;
  for (let i = 0; i <= steps; i++)
    tone[i] = Math.round(top * encodeSrgb(Math.min(1, curve((i / steps) * gain))));
  return tone;
}

/** 16-bit sRGB of display-linear light, for `developDeep`. */
export const deepTone = ({ gain }: Developer): Uint16Array =>
  toneTable(new Uint16Array(DEEP_STEPS + 1), gain, 65535);

/**
 * Develops raw-scaled RGB to sRGB bytes.
 *
 * @param raw interleaved RGB raw values, `3 * pixels`, none above the developer's white level
 * @param out interleaved RGBA bytes, `4 * pixels`, opaque; its offset must be a multiple of 4
 */
export function developRgb(raw: Uint16Array, developer: Developer, out: Uint8ClampedArray): void {
  const [tr, tg, tb] = developer.balance;
  const tone = developer.tone;
  const s = tone.length - 1;
  const [m0, m1, m2, m3, m4, m5, m6, m7, m8] = developer.matrix.map((v) => v * s);
  const pixels = Math.floor(raw.length / 3);
  // One store a pixel instead of four; every machine a browser or Node runs on is little-endian.
  const words = new Uint32Array(out.buffer, out.byteOffset, pixels);
  for (let p = 0, i = 0; p < pixels; p++, i += 3) {
    const r = tr[raw[i]];
    const g = tg[raw[i + 1]];
    const b = tb[raw[i + 2]];
    const R = (m0 * r + m1 * g + m2 * b + 0.5) | 0;
    const G = (m3 * r + m4 * g + m5 * b + 0.5) | 0;
    const B = (m6 * r + m7 * g + m8 * b + 0.5) | 0;
    words[p] =
      0xff000000 |
      (tone[B < 0 ? 0 : B > s ? s : B] << 16) |
      (tone[G < 0 ? 0 : G > s ? s : G] << 8) |
      tone[R < 0 ? 0 : R > s ? s : R];
  }
}

/**
 * Develops raw-scaled RGB to 16-bit sRGB.
 *
 * @param tone of `deepTone`
 * @param raw as for `developRgb`
 * @param out interleaved RGB, `3 * pixels`
 */
export function developDeep(
  raw: Uint16Array,
  developer: Developer,
  tone: Uint16Array,
  out: Uint16Array,
): void {
  const [tr, tg, tb] = developer.balance;
  const s = DEEP_STEPS;
  const [m0, m1, m2, m3, m4, m5, m6, m7, m8] = developer.matrix.map((v) => v * s);
  for (let i = 0; i < raw.length; i += 3) {
    const r = tr[raw[i]];
    const g = tg[raw[i + 1]];
    const b = tb[raw[i + 2]];
    const R = (m0 * r + m1 * g + m2 * b + 0.5) | 0;
    const G = (m3 * r + m4 * g + m5 * b + 0.5) | 0;
    const B = (m6 * r + m7 * g + m8 * b + 0.5) | 0;
    out[i] = tone[R < 0 ? 0 : R > s ? s : R];
    out[i + 1] = tone[G < 0 ? 0 : G > s ? s : G];
    out[i + 2] = tone[B < 0 ? 0 : B > s ? s : B];
  }
}

/** Weights that turn balanced-free camera RGB into luminance: the Y row of camera to XYZ. */
export const luminanceRow = (cameraToXyz: Mat3): Vec3 => [
  cameraToXyz[3],
  cameraToXyz[4],
  cameraToXyz[5],
];
