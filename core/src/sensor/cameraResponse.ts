import { CALIBRATION_A, CALIBRATION_D65, type CameraProfile } from '../colour/cameraProfile';
import {
  SOURCE_A,
  SOURCE_D50,
  SOURCE_D55,
  SOURCE_D65,
  sourceSpectrum,
  type LightSource,
} from '../colour/lightSource';
import { diagonal, invert, multiplyMat, multiplyVec, type Mat3, type Vec3 } from '../colour/mat3';
import { integrateXyz, spectrumOf, type Spectrum } from '../colour/observer';

/**
 * Spectral sensitivities of a camera's red, green and blue photosites, lens and filters included;
 * relative.
 */
export type CameraSensitivities = readonly [Spectrum, Spectrum, Spectrum];

const step = (nm: number, at: number, width: number): number =>
  1 / (1 + Math.exp(-(nm - at) / width));

/**
 * Every surface of the salt works reflects a mixture of three smooth spectra that add up to a flat
 * one: a linear model of reflectance (Maloney and Wandell 1986) with as many terms as a camera has
 * channels. So XYZ and camera values of all surfaces under one light are tied by one matrix, and
 * under another light by another.
 */
const REFLECTANCES: readonly Spectrum[] = [
  spectrumOf((nm) => step(nm, 590, 12)),
  spectrumOf((nm) => step(nm, 495, 12) - step(nm, 590, 12)),
  spectrumOf((nm) => 1 - step(nm, 495, 12)),
];

/** Three responses to each of three lit surfaces, surfaces in columns. */
function responses(light: Spectrum, respond: (lit: Spectrum) => readonly number[]): Mat3 {
  const columns = REFLECTANCES.map((surface) => respond(surface.map((r, i) => r * light[i])));
  return [0, 1, 2].flatMap((row) => columns.map((c) => c[row])) as unknown as Mat3;
}

const scaled = (m: Mat3, by: number): Mat3 => m.map((v) => v * by) as unknown as Mat3;
const white = (m: Mat3): Vec3 => multiplyVec(m, [1, 1, 1]);

const cameraOf = (sensitivities: CameraSensitivities, light: Spectrum): Mat3 =>
  responses(light, (lit) => sensitivities.map((s) => s.reduce((sum, v, i) => sum + v * lit[i], 0)));

/** XYZ of the three surfaces, the flat surface having Y = 1. */
function xyzOf(light: Spectrum): Mat3 {
  const m = responses(light, integrateXyz);
  return scaled(m, 1 / white(m)[1]);
}

/**
 * Camera values of the three surfaces for luminance 1 of the flat one, in whatever unit the
 * sensitivities have.
 */
function cameraPerLuminance(sensitivities: CameraSensitivities, light: Spectrum): Mat3 {
  return scaled(cameraOf(sensitivities, light), 1 / white(responses(light, integrateXyz))[1]);
}

/** Scale at which the green of a flat surface of luminance 1 under D55 is 1. */
const unitOf = (sensitivities: CameraSensitivities): number =>
  1 / white(cameraPerLuminance(sensitivities, sourceSpectrum(SOURCE_D55)))[1];

const kept = new Map<CameraSensitivities, Map<string, Mat3>>();

/**
 * XYZ to camera values of everything lit by one source: what a DNG calls a ColorMatrix, for that
 * very light. Green of a flat surface of luminance 1 under D55 is 1. Remembered for each camera and
 * source.
 */
export function cameraResponse(sensitivities: CameraSensitivities, source: LightSource): Mat3 {
  const bySource = kept.get(sensitivities) ?? new Map<string, Mat3>();
  kept.set(sensitivities, bySource);
  const key = `${source.locus} ${source.kelvin}`;
  const known = bySource.get(key);
  if (known) return known;
  const light = sourceSpectrum(source);
  const camera = scaled(cameraPerLuminance(sensitivities, light), unitOf(sensitivities));
  const response = multiplyMat(camera, invert(xyzOf(light)));
  bySource.set(key, response);
  return response;
}

/** XYZ of the D50 white of the profile connection space (ICC.1, DNG specification). */
const PCS_WHITE: Vec3 = [0.9642, 1, 0.8249];

/**
 * White-balanced camera values under a source to the XYZ the same surfaces have under D50 (DNG
 * ForwardMatrix).
 */
function forwardMatrix(sensitivities: CameraSensitivities, source: LightSource): Mat3 {
  const camera = cameraOf(sensitivities, sourceSpectrum(source));
  const [r, g, b] = white(camera);
  const balanced = multiplyMat(diagonal([1 / r, 1 / g, 1 / b]), camera);
  const seen = xyzOf(sourceSpectrum(SOURCE_D50));
  const own = white(seen);
  const toPcs = diagonal([PCS_WHITE[0] / own[0], 1, PCS_WHITE[2] / own[2]]);
  return multiplyMat(toPcs, multiplyMat(seen, invert(balanced)));
}

const profiles = new Map<CameraSensitivities, CameraProfile>();

/** The DNG profile of a camera: colour and forward matrices under illuminants A and D65. */
export function cameraProfile(sensitivities: CameraSensitivities): CameraProfile {
  const known = profiles.get(sensitivities);
  if (known) return known;
  const calibration = (illuminant: number, source: LightSource) => ({
    illuminant,
    colorMatrix: cameraResponse(sensitivities, source),
    forwardMatrix: forwardMatrix(sensitivities, source),
  });
  const profile: CameraProfile = [
    calibration(CALIBRATION_A, SOURCE_A),
    calibration(CALIBRATION_D65, SOURCE_D65),
  ];
  profiles.set(sensitivities, profile);
  return profile;
}
