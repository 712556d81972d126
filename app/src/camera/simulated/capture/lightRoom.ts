import type { AheadChoice } from '@velmo/core/simulate';

/**
 * Gigabytes of memory from which the light of a framing is kept between frames: 195 MB at 12 MP.
 * Browsers tell no more than 8.
 */
const KEEPING_GB = 8;
/** Processors from which computing ahead leaves enough to the live picture. */
const AHEAD_PROCESSORS = 4;

const memoryGb = (): number => (navigator as { deviceMemory?: number }).deviceMemory ?? 0;

/** Whether a framing's light is kept for the frames that follow. */
export const keepsLight = (choice: AheadChoice): boolean =>
  choice === 'always' || (choice === 'fitting' && memoryGb() >= KEEPING_GB);

/**
 * Whether it is computed ahead while the framing rests: on computers, whose battery and processors
 * bear it, or by choice.
 */
export const computesAhead = (choice: AheadChoice): boolean =>
  choice === 'always' ||
  (keepsLight(choice) &&
    navigator.hardwareConcurrency >= AHEAD_PROCESSORS &&
    matchMedia('(pointer: fine)').matches);
