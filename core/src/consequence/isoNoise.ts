import { isoFromClick } from '../exposure/clicks';
import { nominalIso } from '../exposure/nominal';
import {
  isExtendedIso,
  midGreyShare,
  photositeResponse,
  signalToNoise,
} from '../sensor/sensorModel';
import type { Band, BandRule } from './band';
import type { Optics } from './exposureContext';

/**
 * Signal-to-noise ratios that part the classes, at mid-grey. 40 and 10 are the "excellent" and
 * "acceptable" criteria of the noise-based speed of ISO 12232; 20 lies a stop of signal-to-noise
 * between them. They are read at VIEW_PX, because noise is seen in a picture of a size, not in a
 * photosite.
 */
const CLASS_LIMITS = [40, 20, 10] as const;
export const NOISE_CLASSES = ['clean', 'fine grain', 'grain', 'coarse'] as const;

/** Size of the picture at which noise is judged. */
const VIEW_PX = 3.05e6;

export interface NoiseReading {
  /** SNR of one pixel of the file at mid-grey, and three stops under it. */
  readonly midGrey: number;
  readonly shadows: number;
  /** Index into NOISE_CLASSES. */
  readonly grade: number;
}

const SHADOW_STOPS = 3;

/** How noisy mid-grey and shadows will be at an ISO (photon transfer, EMVA 1288). */
export function noiseAt({ sensor, binning, diagonalPx }: Optics, isoClick: number): NoiseReading {
  const iso = isoFromClick(isoClick);
  const response = photositeResponse(sensor, iso, binning);
  const signalE = response.saturationE * midGreyShare(sensor, iso);
  const midGrey = signalToNoise(signalE, response);
  const shadows = signalToNoise(signalE / 2 ** SHADOW_STOPS, response);
  // Pixels of a 4:3 file from its diagonal; a smaller file than the view is not made cleaner by
  // enlarging it.
  const filePx = (12 / 25) * diagonalPx * diagonalPx;
  const seen = midGrey * Math.sqrt(filePx / VIEW_PX);
  return { midGrey, shadows, grade: CLASS_LIMITS.filter((limit) => seen < limit).length };
}

/** "SNR 38 at mid-grey, 12 three stops under it." */
export const noiseDetail = (isoClick: number, reading: NoiseReading): string =>
  `ISO ${nominalIso(isoClick)}: SNR ${format(reading.midGrey)} at mid-grey, ${format(reading.shadows)} three stops under it, per pixel of the file.`;

const format = (snr: number): string => (snr < 10 ? snr.toFixed(1) : snr.toFixed(0));

/** Noise classes along the ISO tape, and what lies below base ISO. */
export const isoNoise: BandRule = ({ optics }, range) => {
  if (!optics) return [];
  const bands: Band[] = [];
  for (let click = range.min; click <= range.max; click++) {
    const extended = isExtendedIso(optics.sensor, isoFromClick(click));
    const reading = noiseAt(optics, click);
    const id = extended ? 'extended' : 'noise';
    const last = bands[bands.length - 1];
    if (last?.id === id && (extended || last.grade === reading.grade)) {
      bands[bands.length - 1] = { ...last, to: click };
      continue;
    }
    bands.push({
      id,
      from: click,
      to: click,
      label: extended ? 'extended: raw as base' : NOISE_CLASSES[reading.grade],
      detail: extended
        ? 'Extended ISO only changes the rendering; the raw data are those of base ISO.'
        : noiseDetail(click, reading),
      weight: reading.grade >= 3 ? 'caution' : 'note',
      grade: extended ? 0 : reading.grade,
    });
  }
  return bands;
};
