import { litBy, type Scene } from '../scene';
import { DOOR_X, ROOM_Z1, YARD_L } from './place';

/** Dark inside, bright door: fourteen stops from the boards to the yard. */
export const dryingShed: Scene = {
  id: 'drying-shed',
  name: 'Drying shed',
  ...litBy({ locus: 'daylight', kelvin: 5800 }),
  framing: { yawRad: 0.02, pitchRad: 0.03 },
  description: 'Salt drying in the dark and a door into the sun: decide which of them to keep.',
  stated: {
    what: 'the salt yard behind the door',
    yawRad: Math.atan2(DOOR_X, ROOM_Z1),
    pitchRad: -0.068,
    halfAngleRad: 0.042,
    luminance: 0.9 * YARD_L,
  },
  subject: null,
};
