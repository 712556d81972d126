import type { SimulatedShot } from './simulatedPlan';

/** Guide number of the simulated phone's flash, in metres at ISO 100: invented, as the phone is. */
export const FLASH_GUIDE_NUMBER = 4;

/** Of the frames of a long exposure the flash falls into the first, or into the last. */
export const longFlash = (
  flash: SimulatedShot['flash'],
  isFirst: boolean,
  isLast: boolean,
): SimulatedShot['flash'] => ((flash === 'begin' ? isFirst : isLast) ? flash : null);
