import { litBy, type Scene } from '../scene';
import { CARD_LX, CARD_REFLECTANCE, CARD_X, CARD_Y, CARD_Z } from './place';

const KELVIN = 2900;

/** Jars of salt and a grey card under one warm lamp. */
export const packingBench: Scene = {
  id: 'packing-bench',
  name: 'Packing bench',
  ...litBy({ locus: 'planckian', kelvin: KELVIN }),
  framing: { yawRad: 0, pitchRad: -0.16 },
  description: 'Jars and a grey card under one lamp of 2900 K: meter the card, mind the mains.',
  stated: {
    what: 'the grey card',
    yawRad: Math.atan2(CARD_X, CARD_Z),
    pitchRad: Math.atan2(CARD_Y, CARD_Z),
    halfAngleRad: 0.06,
    luminance: (CARD_REFLECTANCE * CARD_LX) / Math.PI,
  },
  subject: null,
  lampModulation: 0.35,
};
