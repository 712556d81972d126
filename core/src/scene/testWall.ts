import { SOURCE_A, SOURCE_D50, SOURCE_D65, type LightSource } from '../colour/lightSource';
import { METER_K } from '../exposure/metering';
import { lightOf, writeSample, type SceneRgb } from './light';
import { litBy, type Scene, type SceneSample } from './scene';
import { fractalNoise } from './texture';

/** Distance of the wall in metres. */
export const WALL_M = 1.15;
/**
 * Luminance of the 18 % card in cd/m2: what ISO 2720 meters at f/2.4, 1/128 s, ISO 100, so that the main lens at
 * "1/125" and base ISO is exactly right.
 */
export const GREY_CARD_LUMINANCE = (METER_K * 2.4 ** 2 * 128) / 100;
const WHITE_LUMINANCE = GREY_CARD_LUMINANCE / 0.18;

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

const WEDGE_STEPS = 21;
const WEDGE_TOP = 0.9;
const WEDGE_STEP_WIDTH = 0.052;

/** The wedge: 21 steps from 90 % down, each 1/3 stop darker than the one to its left. */
export const WEDGE: readonly Patch[] = Array.from({ length: WEDGE_STEPS }, (_, i) => ({
  id: `wedge-${i}`,
  x: (i - (WEDGE_STEPS - 1) / 2) * WEDGE_STEP_WIDTH,
  y: -0.27,
  halfWidth: WEDGE_STEP_WIDTH / 2,
  halfHeight: 0.075,
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

/** Fine line targets right of the wedge and left of it: line pairs from 4 mm down to 0.4 mm. */
const TARGET_HALF = 0.1;

function lineTarget(lx: number, ly: number, footprint: number): number {
  // Eight bars; the period shrinks from bar to bar by 1.39. Lines stand upright in one half, lie in the other.
  const bar = Math.min(7, Math.floor(((ly + TARGET_HALF) / (2 * TARGET_HALF)) * 8));
  const period = 0.004 / 1.389 ** bar;
  const along = lx > 0 ? ly : lx;
  // A cosine grating keeps its mean where the pixel can no longer resolve it.
  const contrast = Math.max(0, Math.min(1, period / (1.6 * footprint) - 0.6));
  return 0.42 + 0.4 * contrast * Math.cos((2 * Math.PI * along) / period);
}

/** Limewashed plaster between the cards: grain down to fractions of a millimetre. */
function plaster(x: number, y: number, footprint: number): number {
  // Turned against the frame, so that the noise's lattice does not line up with the pixels.
  const u = 0.8 * x + 0.6 * y;
  const v = 0.8 * y - 0.6 * x;
  const coarse = fractalNoise(u + 3, v, 0.35, 4, footprint);
  const fine = fractalNoise(u, v + 5, 0.01, 5, footprint);
  return Math.max(0.04, 0.11 + 0.015 * coarse + 0.02 * fine);
}

const inside = (p: Patch, x: number, y: number): boolean =>
  Math.abs(x - p.x) <= p.halfWidth && Math.abs(y - p.y) <= p.halfHeight;

function reflectanceAt(x: number, y: number, footprint: number): SceneRgb {
  if (Math.abs(x) < 0.62 && Math.abs(y) < 0.4)
    for (const patch of TEST_WALL_PATCHES) if (inside(patch, x, y)) return patch.reflectance;
  const tx = Math.abs(x) - 0.67;
  if (Math.abs(tx) < TARGET_HALF && Math.abs(y) < TARGET_HALF)
    return grey(lineTarget(tx, y, footprint));
  return grey(plaster(x, y, footprint));
}

/** A wall to check the instrument against, under lamps of one colour: every reflectance and luminance is known. */
function testWallUnder(source: LightSource, id: string, name: string, words: string): Scene {
  const lit = litBy(source);
  const light = lightOf(lit.white);
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
    sample(dx: number, dy: number, dz: number, footprintRad: number, out: SceneSample): void {
      if (dz <= 0.05) {
        writeSample(out, 0.5, 0.5, 0.5, WALL_M);
        return;
      }
      const t = WALL_M / dz;
      const [r, g, b] = reflectanceAt(dx * t, dy * t, footprintRad * t);
      writeSample(
        out,
        r * light[0] * WHITE_LUMINANCE,
        g * light[1] * WHITE_LUMINANCE,
        b * light[2] * WHITE_LUMINANCE,
        t,
        g * dz,
      );
    },
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
