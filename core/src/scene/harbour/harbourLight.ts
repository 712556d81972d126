import { litBy, type Scene } from '../scene';
import { SKY_L, TOWN_L } from './place';

const KELVIN = 2750;
const STATED_PITCH = 0.55;

/** One small, bright lamp with structure in it, and dark rocks. */
export const harbourLight: Scene = {
  id: 'harbour-light',
  name: 'Harbour light at night',
  ...litBy({ locus: 'planckian', kelvin: KELVIN }),
  framing: { yawRad: 0.04, pitchRad: 0.09 },
  description: 'One small lamp at night: keep the rings of its lens, let the rocks go dark.',
  stated: {
    what: 'the night sky over the harbour',
    yawRad: -0.1,
    pitchRad: STATED_PITCH,
    halfAngleRad: 0.05,
    luminance: SKY_L + TOWN_L * 0.8 * Math.exp(-Math.sin(STATED_PITCH) * 14),
  },
  subject: null,
};
