import type { BandRule } from './band';
import { timeLamps } from './timeLamps';
import { timeShake } from './timeShake';
import { timeSmear } from './timeSmear';
import { timeTrails } from './timeTrails';
export type { Band } from './band';
export { compReach } from './compReach';
export { isoNoise, NOISE_CLASSES, noiseAt, noiseDetail, type NoiseReading } from './isoNoise';
export { type Optics, type ExposureContext, UNKNOWN_CONTEXT } from './exposureContext';
export { longestSharpSubjectClick, subjectSmearPx } from './timeSmear';
const TIME_RULES: readonly BandRule[] = [timeSmear, timeShake, timeTrails, timeLamps];
/** Everything printed on the Time tape. */
export const timeBands: BandRule = (context, range) =>
  TIME_RULES.flatMap((rule) => rule(context, range));
