import { LENS_Q } from '../exposure/focalPlane';
import { METER_K } from '../exposure/metering';
import type { CameraSensitivities } from './cameraResponse';

/** A (simulated) Bayer sensor, described the way EMVA 1288 characterises one. */
export interface SensorModel {
  readonly name: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly pixelPitchUm: number;
  /** Electrons at the ADC's white level at base ISO; the physical well is a little deeper. */
  readonly saturationE: number;
  /** Read noise before the amplifier, electrons rms. */
  readonly readNoisePreE: number;
  /** Read noise after the amplifier, electrons rms referred to the input at base ISO. */
  readonly readNoisePostE: number;
  /** Photo-response non-uniformity, rms share of the signal. */
  readonly prnu: number;
  readonly baseIso: number;
  readonly bits: number;
  readonly blackLevel: number;
  readonly whiteLevel: number;
  readonly sensitivities: CameraSensitivities;
}

/** Two-by-two colour filter array; 0 = red, 1 = green, 2 = blue, row by row from the top left. */
export const CFA_RGGB = [0, 1, 1, 2] as const;

/**
 * Share of saturation at which a surface metered at 0 lands at base ISO: Hsos / Hsat = 10 / 78 (ISO
 * 12232), 2.96 stops below the top. See docs/decisions/001.
 */
export const MID_GREY_SHARE = 10 / 78;

/** Focal-plane exposure in lux seconds that saturates the raw at base ISO. */
export const saturationExposureAtBase = (sensor: SensorModel): number =>
  (LENS_Q * METER_K) / sensor.baseIso / MID_GREY_SHARE;

/** Analogue gain over base: extended ISO below base leaves the sensor at base gain. */
export const analogueGain = (sensor: SensorModel, iso: number): number =>
  Math.max(1, iso / sensor.baseIso);

/** True when this ISO is a rendering setting over base-gain raw data. */
export const isExtendedIso = (sensor: SensorModel, iso: number): boolean =>
  iso < sensor.baseIso * 0.99;

/**
 * Share of saturation at which a surface metered at 0 lands when shot at this ISO: 12.8 % at base
 * and above, higher at extended ISO because the same raw is meant to be rendered darker.
 */
export const midGreyShare = (sensor: SensorModel, iso: number): number =>
  MID_GREY_SHARE * Math.max(1, sensor.baseIso / iso);

/** How one photosite (or a bin of several) answers at one ISO. */
export interface PhotositeResponse {
  /** Electrons at white level. */
  readonly saturationE: number;
  readonly readNoiseE: number;
  /** Electrons per raw count. */
  readonly electronsPerDn: number;
  readonly prnu: number;
  readonly blackLevel: number;
  readonly whiteLevel: number;
}

/**
 * Response of photosites binned `binning` by `binning` (charge summed, so `binning`^2 more
 * electrons and `binning` times the read noise; 1 = none; need not be whole for a scaled live
 * frame). Throws RangeError on a binning below 1 or an ISO that is not positive.
 */
export function photositeResponse(
  sensor: SensorModel,
  iso: number,
  binning: number,
): PhotositeResponse {
  if (!(binning >= 1)) throw new RangeError(`binning must be 1 or more, not ${binning}`);
  if (!(iso > 0)) throw new RangeError(`ISO must be positive, not ${iso}`);
  const gain = analogueGain(sensor, iso);
  const saturationE = (sensor.saturationE * binning * binning) / gain;
  const readNoiseE = binning * Math.hypot(sensor.readNoisePreE, sensor.readNoisePostE / gain);
  return {
    saturationE,
    readNoiseE,
    electronsPerDn: saturationE / (sensor.whiteLevel - sensor.blackLevel),
    prnu: sensor.prnu / binning,
    blackLevel: sensor.blackLevel,
    whiteLevel: sensor.whiteLevel,
  };
}

/** Signal-to-noise ratio of `signalE` electrons (photon transfer, EMVA 1288). */
export const signalToNoise = (signalE: number, response: PhotositeResponse): number =>
  signalE / Math.sqrt(signalE + response.readNoiseE ** 2 + (response.prnu * signalE) ** 2);

/** Share of saturation at which SNR is 1: the floor of the ladder. Solves s^2 = s + read^2. */
export function noiseFloorShare(response: PhotositeResponse): number {
  const signalE = (1 + Math.sqrt(1 + 4 * response.readNoiseE ** 2)) / 2;
  return signalE / response.saturationE;
}

/**
 * Share of saturation from which on a signal reaches an SNR; Infinity where the photosites differ
 * by too much for it. Solves s = snr sqrt(s + read^2 + (prnu s)^2) (EMVA 1288).
 */
export function shareOfSnr(response: PhotositeResponse, snr: number): number {
  const { readNoiseE, prnu, saturationE } = response;
  const left = 1 - (snr * prnu) ** 2;
  if (left <= 0) return Infinity;
  const q = snr * snr;
  const signalE = (q + Math.sqrt(q * q + 4 * left * q * readNoiseE ** 2)) / (2 * left);
  return signalE / saturationE;
}

/**
 * Electrons per unit of camera-space luminance (cd/m2) for one exposure, so that a neutral surface
 * metered at 0 lands at MID_GREY_SHARE of saturation at base ISO.
 */
export function electronsPerLuminance(
  sensor: SensorModel,
  binning: number,
  timeS: number,
  fNumber: number,
): number {
  const exposurePerLuminance = (LENS_Q * timeS) / (fNumber * fNumber);
  return (
    (exposurePerLuminance / saturationExposureAtBase(sensor)) *
    sensor.saturationE *
    binning *
    binning
  );
}
