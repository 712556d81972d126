import { litBy, type Scene } from '../scene';
import { GLOW_L, WHEEL_OMEGA, WHEEL_RADIUS, WHEEL_Z, ZENITH_L } from './place';

const STATED_PITCH = 0.42;

/** Falling water and a turning wheel in the last light: freeze them or let them flow. */
export const sluiceAtDusk: Scene = {
  id: 'sluice-at-dusk',
  name: 'Sluice at dusk',
  ...litBy({ locus: 'daylight', kelvin: 9500 }),
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
  moves: true,
};
