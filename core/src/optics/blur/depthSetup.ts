import { circleOfConfusionMm, hyperfocalM, sharpZone } from '../depthOfField';
import { blurDiameterMm } from '../defocus';
import type { LensModel } from '../lenses';
import { halfLongTangent } from '../zoom';

/** A lens, its crop, a subject and what lies behind it. */
export interface DepthSetup {
  readonly lens: LensModel;
  readonly crop: number;
  readonly subjectM: number;
  /** Distance of the background; Infinity allowed. */
  readonly backgroundM: number;
}

/** What a set-up does to depth. */
export interface DepthFacts {
  readonly nearM: number;
  readonly farM: number;
  readonly hyperfocalM: number;
  /** Diameter of the background's blur as a share of the picture's long side. */
  readonly backgroundBlur: number;
  /** How much of the subject's plane the picture's long side shows, in metres. */
  readonly fieldM: number;
}

/** Depth of field and background blur of a set-up focused on its subject. */
export function depthFacts({ lens, crop, subjectM, backgroundM }: DepthSetup): DepthFacts {
  const circle = circleOfConfusionMm(lens, crop);
  const longSideMm = (lens.sensor.widthPx * lens.sensor.pixelPitchUm) / 1000 / crop;
  return {
    ...sharpZone(lens, circle, subjectM),
    hyperfocalM: hyperfocalM(lens, circle),
    backgroundBlur: blurDiameterMm(lens, subjectM, backgroundM) / longSideMm,
    fieldM: 2 * subjectM * halfLongTangent(lens, crop),
  };
}

/**
 * Where to stand with another lens so that the subject is as large in the picture as it was: step
 * back and zoom.
 */
export const sameSizeDistanceM = (
  from: Pick<DepthSetup, 'lens' | 'crop' | 'subjectM'>,
  to: Pick<DepthSetup, 'lens' | 'crop'>,
): number =>
  (from.subjectM * halfLongTangent(from.lens, from.crop)) / halfLongTangent(to.lens, to.crop);
