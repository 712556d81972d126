import type { BandRule } from './band';
import { timeLamps } from './timeLamps';
import { timeShake } from './timeShake';
import { timeSmear } from './timeSmear';
import { timeTrails } from './timeTrails';
export type { Band } from './band';
export { compReach } from './compReach';
export { isoNoise, NOISE_CLASSES, noiseAt, noiseDetail, type NoiseReading } from './isoNoise';
export { type Optics, type Situation, UNKNOWN_SITUATION } from './situation';
export { longestSharpSubjectClick, subjectSmearPx } from './timeSmear';
const TIME_RULES: readonly BandRule[] = [timeSmear, timeShake, timeTrails, timeLamps];
/** Everything printed on the Time tape. */
export const timeBands: BandRule = (situation, range) =>
  TIME_RULES.flatMap((rule) => rule(situation, range));
