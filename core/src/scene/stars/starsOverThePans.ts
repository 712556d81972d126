import { litBy, type Scene } from '../scene';
import { POLE } from './skyTurn';
import { AIR_L, TOWN_L } from './place';

const STATED = { yaw: -0.62, pitch: 0.9 } as const;

/** The night sky turning about its pole over dark pans. */
export const starsOverThePans: Scene = {
  id: 'stars-over-the-pans',
  name: 'Stars over the pans',
  ...litBy({ locus: 'daylight', kelvin: 5200 }),
  framing: { yawRad: 0, pitchRad: 0.28 },
  description: 'A moonless sky that turns: tripod, and a time that keeps the stars points.',
  stated: {
    what: 'the dark sky beside the band',
    yawRad: STATED.yaw,
    pitchRad: STATED.pitch,
    halfAngleRad: 0.04,
    luminance: AIR_L + TOWN_L * Math.exp(-Math.sin(STATED.pitch) * 9),
  },
  subject: null,
  skyPole: POLE,
  moves: true,
};
