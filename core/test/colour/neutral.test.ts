import { sceneResponse } from '../../src/simulate';
import {
  AUTO_WHITE,
  asShotNeutral,
  readNeutral,
  shadesOfGrey,
  whiteChromaticity,
  whitePointOf,
  type NeutralReading,
} from '../../src/colour';
import { PIN_SHARE, meterWeights } from '../../src/exposure';
import { sampleNeutral, surveyLight } from '../../src/monitor';
import { findLens, halfLongTangent } from '../../src/optics';
import {
  findScene,
  renderScene,
  SCENES,
  TEST_WALL_PATCHES,
  WALL_M,
  type Scene,
} from '../../src/scene';
import {
  cameraProfile,
  createLightPlane,
  electronsPerLuminance,
  exposeLive,
  photositeResponse,
  type LightPlane,
} from '../../src/sensor';

const main = findLens('main')!;
const { sensor } = main;
const profile = cameraProfile(sensor.sensitivities);
const [W, H] = [640, 480];
const BINNING = sensor.widthPx / W;

const planes = new Map<string, LightPlane>();

/** The light of a place on the main lens; rendered once. */
function planeOf(scene: Scene): LightPlane {
  const known = planes.get(scene.id);
  if (known) return known;
  const framing = {
    ...scene.framing,
    halfLongTangent: halfLongTangent(main, 1),
    longPx: W,
    shortPx: H,
    layout: 'level' as const,
  };
  const plane = createLightPlane(W, H);
  renderScene(scene, framing, plane, sceneResponse(scene, main), 1);
  planes.set(scene.id, plane);
  return plane;
}

/** A live frame of a place: light, raw values, and how its pixels answer. */
function frameOf(sceneId: string, timeS: number, iso = 100) {
  const scene = findScene(sceneId)!;
  const plane = planeOf(scene);
  const response = photositeResponse(sensor, iso, BINNING);
  const raw = new Uint16Array(3 * W * H);
  const perLight = electronsPerLuminance(sensor, BINNING, timeS, main.fNumber);
  exposeLive(plane.rgb, plane.width, response, perLight, 7, raw);
  return { scene, plane, raw, response };
}

/** Where the middle of a patch of the Test wall lies in the frame. */
function placeOf(id: string): { x: number; y: number } {
  const patch = TEST_WALL_PATCHES.find((p) => p.id === id)!;
  const perMetre = W / (2 * halfLongTangent(main, 1) * WALL_M);
  return { x: 0.5 + (patch.x * perMetre) / W, y: 0.5 - (patch.y * perMetre) / H };
}

/** What a tap on a patch reads, when the camera itself takes the light for `assumed`. */
function tapped(
  sceneId: string,
  patch: string,
  timeS: number,
  assumed = { kelvin: 5500, tint: 0 },
  iso = 100,
): NeutralReading {
  const { raw, response } = frameOf(sceneId, timeS, iso);
  const sample = sampleNeutral(raw, W, H, placeOf(patch), PIN_SHARE, response);
  return readNeutral(profile, sample, assumed);
}

describe('neutral reading', () => {
  test.each([
    ['test-wall', 'grey-18'],
    ['test-wall', 'white-90'],
    ['test-wall-lamp', 'grey-18'],
    ['test-wall-day', 'black-3'],
  ])('on %s, %s tells the light that is there', (sceneId, patch) => {
    const truth = whitePointOf(findScene(sceneId)!.white);
    const reading = tapped(sceneId, patch, 1 / 250, truth);
    if (reading.kind !== 'white') throw new Error(reading.kind);
    const { kelvin, tint } = reading.white;
    // Ten mired and two thousandths of uv are about what one just sees (common practice).
    expect(Math.abs(1e6 / kelvin - 1e6 / truth.kelvin)).toBeLessThan(6);
    expect(Math.abs(tint - truth.tint)).toBeLessThan(2);
  });
  test('noise does not move it: 3 % black card at ISO 6400', () => {
    const truth = whitePointOf(findScene('test-wall')!.white);
    const reading = tapped('test-wall', 'black-3', 1 / 8000, truth, 6400);
    if (reading.kind !== 'white') throw new Error(reading.kind);
    expect(Math.abs(1e6 / reading.white.kelvin - 1e6 / truth.kelvin)).toBeLessThan(12);
  });
  test('refuses a spot that clips, and names the channel', () => {
    expect(tapped('test-wall', 'white-90', 1 / 75)).toEqual({ kind: 'clipped', channel: 1 });
  });
  test('refuses a spot lost in noise', () => {
    expect(tapped('test-wall', 'black-3', 1 / 8000 / 64).kind).toBe('dark');
  });
  test.each([
    ['rust', 'orange'],
    ['ochre', 'yellow'],
    ['algae', 'green'],
    ['tarpaulin', 'blue'],
    ['brine-rose', 'pink'],
  ])('refuses the painted board %s for its colour', (patch, looks) => {
    const reading = tapped('test-wall', patch, 1 / 125, { kelvin: 5003, tint: 0 });
    expect(['coloured', 'impossible']).toContain(reading.kind);
    expect((reading as { looks: string }).looks).toMatch(
      patch === 'rust' || patch === 'brine-rose' ? /orange|pink/ : new RegExp(looks),
    );
  });
  test('refuses a spot on the edge of two colours', () => {
    const { raw, response } = frameOf('test-wall', 1 / 125);
    const a = placeOf('rust');
    const b = placeOf('ochre');
    const between = { x: (a.x + b.x) / 2, y: a.y };
    const sample = sampleNeutral(raw, W, H, between, 0.02, response);
    expect(readNeutral(profile, sample, { kelvin: 5003, tint: 0 }).kind).toBe('uneven');
  });
});

describe('auto white balance (Shades of Grey, Finlayson and Trezzi 2004)', () => {
  const autoOf = (sceneId: string) => {
    const { plane, scene } = frameOf(sceneId, 1 / 125);
    const weights = meterWeights('whole', W, H, { x: 0.5, y: 0.5 });
    const { highlights } = surveyLight(plane.rgb, weights, [0, 1, 0]);
    return { auto: shadesOfGrey(plane.rgb, highlights, profile), truth: whitePointOf(scene.white) };
  };
  /**
   * Angle between the camera values of two lights, in degrees: the literature's measure of such
   * estimates.
   */
  const angularError = (a: { kelvin: number; tint: number }, b: typeof a): number => {
    const [p, q] = [a, b].map((w) => asShotNeutral(profile, whiteChromaticity(w)));
    const dot = p.reduce((sum, v, i) => sum + v * q[i], 0);
    return (Math.acos(Math.min(1, dot / Math.hypot(...p) / Math.hypot(...q))) * 180) / Math.PI;
  };
  test.each([['test-wall'], ['test-wall-lamp'], ['test-wall-day'], ['pans-at-noon']])(
    'comes within 3 degrees of the light of %s',
    (sceneId) => {
      const { auto, truth } = autoOf(sceneId);
      expect(angularError(auto, truth)).toBeLessThan(3);
    },
  );
  test('stays within everyday light wherever it looks', () => {
    for (const { id } of SCENES) {
      const { kelvin, tint } = autoOf(id).auto;
      expect(kelvin).toBeGreaterThanOrEqual(AUTO_WHITE.minKelvin);
      expect(kelvin).toBeLessThanOrEqual(AUTO_WHITE.maxKelvin);
      expect(Math.abs(tint)).toBeLessThanOrEqual(AUTO_WHITE.maxTint);
    }
  });
});
