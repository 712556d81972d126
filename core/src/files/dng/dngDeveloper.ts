import { createDeveloper, type Developer } from '../../colour/develop';
import { whiteFromNeutral } from '../../colour/cameraProfile';
import type { DngFile } from './readDng';

/** Linear RGB of 16 bits is brought to 12 bits for the developer's tables. */
export const LINEAR_SHIFT = 4;

/** The development a DNG asks for: its profile, as-shot white and baseline exposure. */
export function dngDeveloper(dng: DngFile): Developer {
  const shift = dng.raw.kind === 'linear' ? LINEAR_SHIFT : 0;
  return createDeveloper({
    profile: dng.profile,
    white: whiteFromNeutral(dng.profile, dng.asShotNeutral),
    blackLevel: dng.raw.blackLevel >> shift,
    whiteLevel: dng.raw.whiteLevel >> shift,
    baselineExposure: dng.baselineExposure,
  });
}
