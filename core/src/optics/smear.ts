/** How fast the subject moves across the picture. */
export type SubjectPace = 'scene' | 'still' | 'walking' | 'running' | 'vehicle';
export const SUBJECT_PACES: readonly SubjectPace[] = [
  'scene',
  'still',
  'walking',
  'running',
  'vehicle',
];

/** Speeds in m/s: a walk, a run, a car in town at 50 km/h (common practice, no source). */
export const PACE_M_S: Readonly<Record<Exclude<SubjectPace, 'scene'>, number>> = {
  still: 0,
  walking: 1.4,
  running: 4,
  vehicle: 13.9,
};

/** Pixels a subject crossing the picture smears by in this time. */
export const smearPx = (
  speedMS: number,
  distanceM: number,
  timeS: number,
  pixelAngleRad: number,
): number => ((speedMS / distanceM) * timeS) / pixelAngleRad;
