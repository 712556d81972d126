import { litBy, type Scene } from '../scene';
import { DOORWAY_L, DOORWAY_X, EYE_M, SHED_Z0 } from './place';

/**
 * White salt heaps in the sun, brine with glints, a dark shed, sky: contrast no single setting
 * forgives.
 */
export const pansAtNoon: Scene = {
  id: 'pans-at-noon',
  name: 'Pans at noon',
  ...litBy({ locus: 'daylight', kelvin: 5400 }),
  framing: { yawRad: 0.05, pitchRad: 0.0 },
  description: 'White salt in full sun beside a black shed: keep texture in the salt.',
  stated: {
    what: 'the dark of the shed’s doorway',
    yawRad: Math.atan2(DOORWAY_X, SHED_Z0),
    pitchRad: Math.atan2(1.62 - EYE_M, SHED_Z0),
    halfAngleRad: 0.5 / SHED_Z0,
    luminance: DOORWAY_L,
  },
  subject: null,
};
