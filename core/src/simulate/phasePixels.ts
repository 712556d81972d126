import { defocusOf } from '../optics/defocus';
import { halfPupilViews, type HalfPupilViews, type PhasePart } from '../optics/focus/halfPupil';
import { phaseOf, type PhaseReading } from '../optics/focus/phaseDetect';
import { framingPixel } from '../scene/framing';
import type { LightPlane } from '../sensor/lightPlane';
import { hash32, NORMAL_MASK, normalTable } from '../sensor/noise';
import { electronsPerLuminance, type PhotositeResponse } from '../sensor/sensorModel';
import type { RegionExposure, RegionTarget } from './sensorRegion';

/** Rows that are summed before two views are compared. */
const STRIP_ROWS = 16;
/** Half of the photosites are green, and split in two. */
const GREEN_SHARE = 0.5;

/** Views of the pupil's halves in electrons, and the noise in them. */
export interface PhaseViews extends HalfPupilViews {
  readonly response: PhotositeResponse;
}

const readVariance = ({ readNoiseE }: PhotositeResponse): number =>
  STRIP_ROWS * GREEN_SHARE * readNoiseE ** 2;

/** What the sensor's split green photosites see of a part of a plane. */
export function phaseViews(
  plane: LightPlane,
  { lens, framing }: RegionTarget,
  { response, dioptres, timeS, filterStops, seed }: RegionExposure,
  part: PhasePart,
): PhaseViews {
  const defocus = defocusOf(lens, dioptres, framingPixel(framing));
  const views = halfPupilViews(plane, defocus, part, STRIP_ROWS);
  const electrons =
    (GREEN_SHARE * electronsPerLuminance(lens.sensor, 1, timeS, lens.fNumber)) / 2 ** filterStops;
  // A half holds half of what a photosite does.
  const full = 0.5 * STRIP_ROWS * GREEN_SHARE * response.saturationE;
  const read = readVariance(response);
  const normals = normalTable();
  for (const [which, view] of [views.left, views.right].entries())
    for (let i = 0; i < view.length; i++) {
      const mean = Math.min(full, view[i] * electrons);
      const deviate = normals[hash32(seed ^ (which << 30), i) & NORMAL_MASK];
      view[i] = mean + Math.sqrt(mean + read) * deviate;
    }
  return { ...views, response };
}

/** How far apart the views are. */
export const readPhase = (views: PhaseViews): PhaseReading =>
  phaseOf(views, (electrons) => Math.max(0, electrons) + readVariance(views.response));
