import { RayLayer } from '../moving';
import { litBy, type Scene } from '../scene';
import { GLOW_L, ZENITH_L } from './dusk';
import { WHEEL_OMEGA, WHEEL_RADIUS, WHEEL_Z } from './place';
import { look } from './sluiceLook';
import { sluiceMotion } from './water';

const ID = 'sluice-at-dusk';
const lit = litBy({ locus: 'daylight', kelvin: 9500 });
const STATED_PITCH = 0.42;

/** Falling water and a turning wheel in the last light: freeze them or let them flow. */
export const sluiceAtDusk: Scene = {
  id: ID,
  name: 'Sluice at dusk',
  ...lit,
  framing: { yawRad: 0.03, pitchRad: 0.03 },
  description: 'Falling water and a turning wheel after sunset: freeze them, or let them flow.',
  stated: {
    what: 'the evening sky',
    yawRad: 0,
    pitchRad: STATED_PITCH,
    halfAngleRad: 0.04,
    luminance: ZENITH_L + GLOW_L * Math.exp(-Math.sin(STATED_PITCH) * 6.5),
  },
  subject: {
    name: 'Wheel',
    speedMS: WHEEL_OMEGA * WHEEL_RADIUS,
    distanceM: WHEEL_Z,
  },
  look,
  moving: new RayLayer(sluiceMotion(ID, lit.white), 1 / 30),
};
