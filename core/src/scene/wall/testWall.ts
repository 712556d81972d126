import { SOURCE_A, SOURCE_D50, SOURCE_D65, type LightSource } from '../../colour/lightSource';
import { METER_K } from '../../exposure/metering';
import type { SceneRgb } from '../light';
import { litBy, type Scene } from '../scene';
import {
  WALL_M,
  WEDGE_HALF_HEIGHT,
  WEDGE_STEP_WIDTH,
  WEDGE_STEPS,
  WEDGE_TOP,
  WEDGE_Y,
} from './place';

export { WALL_M };

/**
 * Luminance of the 18 % card in cd/m2: what ISO 2720 meters at f/2.4, 1/128 s, ISO 100, so that the
 * main lens at "1/125" and base ISO is exactly right.
 */
export const GREY_CARD_LUMINANCE = (METER_K * 2.4 ** 2 * 128) / 100;

/** A rectangle on the wall in metres: centre and half sizes. */
export interface Patch {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly halfWidth: number;
  readonly halfHeight: number;
  readonly reflectance: SceneRgb;
}

const grey = (v: number): SceneRgb => [v, v, v];

/** The wedge: 21 steps from 90 % down, each 1/3 stop darker than the one to its left. */
export const WEDGE: readonly Patch[] = Array.from({ length: WEDGE_STEPS }, (_, i) => ({
  id: `wedge-${i}`,
  x: (i - (WEDGE_STEPS - 1) / 2) * WEDGE_STEP_WIDTH,
  y: WEDGE_Y,
  halfWidth: WEDGE_STEP_WIDTH / 2,
  halfHeight: WEDGE_HALF_HEIGHT,
  reflectance: grey(WEDGE_TOP * 2 ** (-i / 3)),
}));

const CARDS: readonly Patch[] = [
  { id: 'grey-18', x: 0, y: 0, halfWidth: 0.2, halfHeight: 0.15, reflectance: grey(0.18) },
  { id: 'white-90', x: -0.38, y: 0, halfWidth: 0.13, halfHeight: 0.15, reflectance: grey(0.9) },
  { id: 'black-3', x: 0.38, y: 0, halfWidth: 0.13, halfHeight: 0.15, reflectance: grey(0.03) },
];

/** Painted boards in the works' own colours: brine, algae, rust, tarpaulin, rope, ochre. */
const BOARDS: readonly Patch[] = (
  [
    ['brine-rose', [0.52, 0.25, 0.24]],
    ['rust', [0.3, 0.1, 0.045]],
    ['ochre', [0.48, 0.3, 0.09]],
    ['algae', [0.16, 0.25, 0.09]],
    ['deep-pan', [0.07, 0.16, 0.22]],
    ['tarpaulin', [0.07, 0.1, 0.26]],
  ] as const
).map(([id, reflectance], i) => ({
  id,
  x: (i - 2.5) * 0.17,
  y: 0.26,
  halfWidth: 0.075,
  halfHeight: 0.065,
  reflectance,
}));

/** Everything on the wall whose reflectance is known. */
export const TEST_WALL_PATCHES: readonly Patch[] = [...CARDS, ...BOARDS, ...WEDGE];

/**
 * A wall to check the instrument against, under lamps of one colour: every reflectance and
 * luminance is known.
 */
function testWallUnder(source: LightSource, id: string, name: string, words: string): Scene {
  const lit = litBy(source);
  return {
    id,
    name,
    ...lit,
    framing: { yawRad: 0, pitchRad: 0 },
    description: `Grey, black and white cards and a wedge in thirds, evenly lit${words}`,
    stated: {
      what: 'the grey card',
      yawRad: 0,
      pitchRad: 0,
      halfAngleRad: 0.11,
      luminance: GREY_CARD_LUMINANCE,
    },
    subject: null,
  };
}

export const testWall = testWallUnder(
  SOURCE_D50,
  'test-wall',
  'Test wall',
  ': to check the meter.',
);
/** The same wall where white balance has work to do. */
export const testWallByLamp = testWallUnder(
  SOURCE_A,
  'test-wall-lamp',
  'Test wall by lamp',
  ' at 2856 K: to practise white balance.',
);
export const testWallByDay = testWallUnder(
  SOURCE_D65,
  'test-wall-day',
  'Test wall by day',
  ' at 6504 K: to practise white balance.',
);
