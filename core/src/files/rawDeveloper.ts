import { createDeveloper, type Developer } from '../colour/develop/develop';
import { whiteFromNeutral } from '../colour/cameraProfile';
import type { RawFile } from './rawFile';

/** Linear RGB of 16 bits is brought to 12 bits for the developer's tables. */
export const LINEAR_SHIFT = 4;

/** The development a raw file asks for: its profile, as-shot white and baseline exposure. */
export function rawDeveloper({
  raw,
  profile,
  asShotNeutral,
  baselineExposure,
}: RawFile): Developer {
  const shift = raw.kind === 'linear' ? LINEAR_SHIFT : 0;
  return createDeveloper({
    profile,
    white: whiteFromNeutral(profile, asShotNeutral),
    blackLevel: raw.blackLevel >> shift,
    whiteLevel: raw.whiteLevel >> shift,
    baselineExposure,
  });
}
