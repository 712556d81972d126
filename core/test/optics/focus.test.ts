import { SensorRegion } from '../../src/simulate';
import {
  airyDiameterMm,
  blurDiameterMm,
  blurReachPx,
  circleOfConfusionMm,
  DefocusBlur,
  defocusOf,
  depthFacts,
  dioptresOf,
  dioptresOfClick,
  distanceOf,
  findLens,
  focusClickOf,
  focusClickRange,
  formatDistance,
  formatZone,
  halfLongTangent,
  hyperfocalM,
  lensFocus,
  pixelAngleRad,
  sameSizeDistanceM,
  sharpZone,
  spotDiameterMm,
} from '../../src/optics';
import { depthAt, depthRange, findScene, WALL_M, type Framing } from '../../src/scene';
import {
  createLightPlane,
  exposeMosaic,
  photositeResponse,
  type LightPlane,
} from '../../src/sensor';
import { sharpnessOf, type Sharpness } from '../../src/monitor';
import { askedSpot, heldFocus, parseFocus } from '../../src/settings';
import { join } from 'node:path';
import { rawOf, shoot } from '../support/shots';
import { outcomesOf, random } from '../support/trials';

const main = findLens('main')!;
const tele = findLens('tele')!;
const FOOT = 0.3048;

describe('depth of field', () => {
  // Common practice, no source: sensor 6.17 x 4.55 mm, circle 0.005 mm, f/4.
  test.each([
    ['4.3 mm at 3 ft: everything from there on', 4.3, 3, 40, Infinity],
    ['14 mm at 10 ft: to about 15 ft', 14, 10, 14, 16],
    ['60 mm at 43 ft: to about 46 ft', 60, 43, 45, 47],
  ])('%s', (_words, focalLengthMm, feet, from, to) => {
    const { farM } = sharpZone({ focalLengthMm, fNumber: 4 }, 0.005, feet * FOOT);
    expect(farM / FOOT).toBeGreaterThanOrEqual(from);
    expect(farM / FOOT).toBeLessThanOrEqual(to);
  });

  test('at its limits a point is blurred by just the circle of confusion (thin lens)', () => {
    for (const lens of [main, tele])
      for (const distanceM of [0.3, 0.8, 1.7]) {
        const circle = circleOfConfusionMm(lens);
        const { nearM, farM } = sharpZone(lens, circle, distanceM);
        expect(blurDiameterMm(lens, distanceM, nearM) / circle).toBeCloseTo(1, 2);
        expect(blurDiameterMm(lens, distanceM, farM) / circle).toBeCloseTo(1, 2);
      }
  });

  test('at the hyperfocal distance all from half of it to the horizon is sharp', () => {
    const circle = circleOfConfusionMm(main);
    const h = hyperfocalM(main, circle);
    const { nearM, farM } = sharpZone(main, circle, h);
    expect(farM).toBe(Infinity);
    expect(nearM / h).toBeCloseTo(0.5, 2);
    expect(() => sharpZone(main, circle, 0.001)).toThrow(RangeError);
  });

  test('the circle of confusion is 0.030 mm on 36 x 24 mm, scaled by the diagonal', () => {
    const full = { sensor: { ...main.sensor, widthPx: 36000, heightPx: 24000, pixelPitchUm: 1 } };
    expect(circleOfConfusionMm(full)).toBeCloseTo(0.03, 4);
    expect(circleOfConfusionMm(full, 2)).toBeCloseTo(0.015, 4);
  });

  test('blur never falls under the Airy disc, 2.44 wavelengths times the f-number', () => {
    expect(airyDiameterMm({ fNumber: 4 })).toBeCloseTo(0.00537, 5);
    expect(spotDiameterMm(main, 1, 1)).toBeCloseTo(airyDiameterMm(main), 9);
    expect(spotDiameterMm(main, 1, 3)).toBeGreaterThan(blurDiameterMm(main, 1, 3));
  });

  test('stepping back and zooming keeps the subject’s size and widens the background’s blur', () => {
    const here = { lens: main, crop: 1, subjectM: 0.6, backgroundM: Infinity };
    const subjectM = sameSizeDistanceM(here, { lens: tele, crop: 1 });
    const back = { lens: tele, crop: 1, subjectM, backgroundM: Infinity };
    expect(subjectM / 0.6).toBeCloseTo(3, 1);
    expect(depthFacts(back).fieldM).toBeCloseTo(depthFacts(here).fieldM, 9);
    expect(depthFacts(back).backgroundBlur).toBeGreaterThan(depthFacts(here).backgroundBlur * 1.2);
  });
});

describe('the focus scale', () => {
  test('counts from infinity, and the sharp zone is twelve detents wide wherever it lies', () => {
    for (const lens of [main, tele]) {
      const circle = circleOfConfusionMm(lens);
      expect(focusClickOf(lens, 0)).toBe(0);
      expect(focusClickOf(lens, dioptresOf(hyperfocalM(lens, circle)))).toBeCloseTo(-6, 6);
      for (const click of [-60, -30, -12]) {
        const { nearM, farM } = sharpZone(lens, circle, distanceOf(dioptresOfClick(lens, click)));
        const width = focusClickOf(lens, dioptresOf(farM)) - focusClickOf(lens, dioptresOf(nearM));
        expect(Math.abs(width - 12)).toBeLessThan(0.4);
      }
    }
  });

  test('a lens goes no nearer than it can, a little beyond infinity, and nowhere when it is fixed', () => {
    expect(distanceOf(lensFocus(main, 50))).toBeCloseTo(main.closestM);
    expect(lensFocus(main, -5)).toBeCloseTo(dioptresOfClick(main, focusClickRange(main).max));
    expect(lensFocus(main, -5)).toBeLessThan(0);
    expect(distanceOf(lensFocus(findLens('ultrawide')!, 3))).toBeCloseTo(0.7);
  });

  test('distances are said as a tape measure is read, in metres or feet', () => {
    expect(formatZone(0.6234, 1.148, 'm')).toBe('0.62 to 1.1 m');
    expect(formatZone(3.41, Infinity, 'm')).toBe('3.4 m to ∞');
    expect(formatDistance(0.762, 'ft')).toBe('2.5 ft');
    expect(formatDistance(123.4, 'm')).toBe('123 m');
    expect(formatDistance(12.34, 'm')).toBe('12.3 m');
  });

  test('links name a focus by distance, in either unit', () => {
    expect(parseFocus('0.8')).toEqual({ mode: 'held', dioptres: 1.25 });
    expect(parseFocus('2.5ft')).toMatchObject({ dioptres: 1 / (2.5 * FOOT) });
    expect(parseFocus('inf')).toEqual({ mode: 'held', dioptres: 0 });
    expect(parseFocus('auto')?.mode).toBe('auto');
    for (const bad of ['0', '0.01m', '-1', 'near', '1e9x', '']) expect(parseFocus(bad)).toBeNull();
  });
});

/** The diameter of the disc whose light spreads as far from its middle, in pixels. */
function diameterOf(rgb: Float32Array, width: number): number {
  let [sum, x1, y1, r2] = [0, 0, 0, 0];
  for (let p = 0; p < rgb.length / 3; p++) {
    const [v, x, y] = [rgb[3 * p + 1], p % width, Math.floor(p / width)];
    sum += v;
    x1 += v * x;
    y1 += v * y;
    r2 += v * (x * x + y * y);
  }
  const variance = (r2 / sum - (x1 / sum) ** 2 - (y1 / sum) ** 2) / 2;
  return 4 * Math.sqrt(variance);
}

const whole = ({ width, height }: LightPlane) => ({ column: 0, row: 0, width, height });

describe('defocus', () => {
  const SIDE = 160;
  /**
   * Points of light at a distance, one after the other at places that fall differently on every
   * grid.
   */
  function meanDiameter(lens: typeof main, focusedM: number, distanceM: number): number {
    const pixel = pixelAngleRad(lens, 1);
    const defocus = defocusOf(lens, dioptresOf(focusedM), pixel);
    const blur = new DefocusBlur();
    const out = new Float32Array(3 * SIDE * SIDE);
    const places = [70, 75, 77, 80, 82, 87];
    const sum = places.reduce((total, at) => {
      const plane = createLightPlane(SIDE, SIDE);
      plane.depthM.fill(distanceM);
      plane.rgb[3 * (at * SIDE + at + 1) + 1] = 1e5;
      blur.blur(plane, defocus, whole(plane), blurReachPx(defocus, distanceM, distanceM), out);
      return total + diameterOf(out, SIDE);
    }, 0);
    return sum / places.length;
  }

  test.each([
    ['main', 0.3, Infinity],
    ['main', 0.3, 0.5],
    ['main', 0.5, 0.34],
    ['main', 0.15, 0.8],
    ['tele', 0.5, Infinity],
    ['tele', 3, 0.6],
  ])(
    '%s lens at %d m: a point at %d m is as wide as the thin lens makes it, within 5 %%',
    (id, s, d) => {
      const lens = findLens(id)!;
      const expected = (blurDiameterMm(lens, s, d) * 1000) / lens.sensor.pixelPitchUm;
      expect(expected).toBeGreaterThan(4);
      expect(Math.abs(meanDiameter(lens, s, d) / expected - 1)).toBeLessThan(0.05);
    },
  );

  test('in focus a point stays a point, and light is neither lost nor made', () => {
    const plane = createLightPlane(64, 48);
    for (let p = 0; p < 64 * 48; p++) {
      plane.depthM[p] = 0.4 + 0.05 * (p % 64);
      plane.rgb[3 * p] = plane.rgb[3 * p + 1] = plane.rgb[3 * p + 2] = 100;
    }
    const defocus = defocusOf(main, dioptresOf(0.8), pixelAngleRad(main, 1));
    const out = new Float32Array(plane.rgb.length);
    new DefocusBlur().blur(plane, defocus, whole(plane), 30, out);
    // An even field stays even, whatever its distances.
    for (const v of out) expect(Math.abs(v - 100)).toBeLessThan(0.01);
    plane.depthM.fill(0.8);
    plane.rgb[3 * 700 + 1] = 9000;
    new DefocusBlur().blur(plane, defocus, whole(plane), 30, out);
    expect(out[3 * 700 + 1]).toBeCloseTo(9000, 0);
  });

  test('what lies behind never spreads over what is sharp before it; what is near spreads over what lies behind', () => {
    const plane = createLightPlane(96, 96);
    // A dark, sharp card before a bright, distant background.
    for (let y = 0; y < 96; y++)
      for (let x = 0; x < 96; x++) {
        const card = x < 48;
        plane.depthM[y * 96 + x] = card ? 0.5 : 20;
        plane.rgb.fill(card ? 1 : 1000, 3 * (y * 96 + x), 3 * (y * 96 + x) + 3);
      }
    const pixel = pixelAngleRad(main, 1);
    const out = new Float32Array(plane.rgb.length);
    const green = (x: number): number => out[3 * (48 * 96 + x) + 1];
    new DefocusBlur().blur(plane, defocusOf(main, 2, pixel), whole(plane), 40, out);
    expect(green(47)).toBeLessThan(1.01);
    expect(green(40)).toBeLessThan(1.01);
    expect(green(48)).toBeGreaterThan(800);
    // Focused on the background, the card's edge is soft on both sides and dark spills over the
    // light.
    new DefocusBlur().blur(plane, defocusOf(main, 0.05, pixel), whole(plane), 40, out);
    expect(green(51)).toBeGreaterThan(100);
    expect(green(51)).toBeLessThan(900);
  });

  // Higher than what is blurred at a time.
  test.each([120, 300])('parts of a picture %d pixels high fit together as if whole', (height) => {
    const plane = createLightPlane(200, height, 0, 0);
    for (let p = 0; p < plane.depthM.length; p++) {
      plane.depthM[p] = p % 200 < 90 ? 0.3 : 2.5;
      plane.rgb[3 * p + 1] = (p * 7919) % 251;
    }
    const defocus = defocusOf(main, dioptresOf(0.8), pixelAngleRad(main, 1));
    const reach = blurReachPx(defocus, 0.3, 2.5);
    const out = new Float32Array(plane.rgb.length);
    new DefocusBlur().blur(plane, defocus, whole(plane), reach, out);
    const part = { column: 50, row: height - 87, width: 77, height: 40 };
    const cut = new Float32Array(3 * part.width * part.height);
    new DefocusBlur().blur(plane, defocus, part, reach, cut);
    for (let y = 0; y < part.height; y++)
      for (let x = 0; x < part.width; x++) {
        const a = out[3 * ((y + part.row) * 200 + x + part.column) + 1];
        expect(Math.abs(cut[3 * (y * part.width + x) + 1] - a)).toBeLessThan(0.02);
      }
  });
});

describe('the simulated camera', () => {
  test('a capture is sharp where the lens is focused, and only there', () => {
    const detail = (focus: string): number => {
      const { raw, width } = rawOf(shoot('--scene', 'test-wall', '--mp', '3', '--focus', focus));
      // The line target right of the Test wall's cards.
      const perMetre = width / (2 * halfLongTangent(main, 1) * WALL_M);
      const x = 2 * Math.round((width / 2 + 0.67 * perMetre - 40) / 2);
      const cut = new Uint16Array(80 * 80);
      for (let y = 0; y < 80; y++) {
        const from = (716 + y) * width + x;
        cut.set(raw.subarray(from, from + 80), y * 80);
      }
      return sharpnessOf(cut, 80, 80, photositeResponse(main.sensor, 100, 2)).detail;
    };
    const inFocus = detail('1.15m');
    expect(inFocus).toBeGreaterThan(1.5 * detail('0.4m'));
    expect(inFocus).toBeGreaterThan(4 * detail('0.15m'));
  });

  test('a piece of the sensor is what a capture holds there, and moving it renders the same light', () => {
    const scene = findScene('packing-bench')!;
    const framing: Framing = {
      ...scene.framing,
      halfLongTangent: halfLongTangent(main, 1),
      longPx: 4032,
      shortPx: 3024,
      layout: 'level',
    };
    const target = { scene, framing, lens: main, torch: false };
    const exposure = {
      response: photositeResponse(main.sensor, 100, 1),
      dioptres: 2,
      timeS: 1 / 15,
      startS: 0,
      filterStops: 0,
      steady: true,
      stabiliserStops: 0,
      shakeSeed: 1,
      seed: 4,
    };
    const moved = new SensorRegion(64);
    moved.aim(target, 700, 1500);
    moved.aim(target, 731, 1477);
    moved.expose(exposure);
    const direct = new SensorRegion(64);
    direct.aim(target, 731, 1477);
    direct.expose(exposure);
    let most = 0;
    direct.raw.forEach((v, i) => (most = Math.max(most, Math.abs(v - moved.raw[i]))));
    // Light is the same; a count may round the other way.
    expect(most).toBeLessThanOrEqual(1);
    expect(new Set(direct.raw).size).toBeGreaterThan(50);
  });

  test('distances are along the lens axis: a wall square to it is one distance all over', () => {
    const scene = findScene('test-wall')!;
    const framing: Framing = {
      ...scene.framing,
      halfLongTangent: halfLongTangent(main, 1),
      longPx: 400,
      shortPx: 300,
      layout: 'level',
    };
    const { nearestM, farthestM } = depthRange(scene, framing, 0, 300);
    expect(nearestM).toBeCloseTo(1.15, 4);
    expect(farthestM).toBeCloseTo(1.15, 4);
    expect(depthAt(scene, framing, 390, 5)).toBeCloseTo(1.15, 4);
  });
});

describe('focus by contrast', () => {
  type Trial = Record<'dioptres' | 'luminance' | 'texture' | 'seed', number> & { lens: string };
  const judged = (trials: Trial[]) =>
    outcomesOf<Trial, { found: boolean; off: number | null; why?: string }>(
      join(__dirname, 'focusTrials.ts'),
      trials,
    );

  test('lands within the depth of focus on 200 random distances, lights and textures', () => {
    const trials = Array.from({ length: 200 }, (_, seed) => {
      const lens = seed % 3 === 0 ? tele : main;
      const nearest = dioptresOf(lens.closestM);
      return {
        lens: lens.id,
        dioptres: 0.02 + (nearest - 0.02) * random(seed) ** 1.5,
        luminance: 30 * 2 ** (3.5 * random(seed + 900)),
        texture: 0.25 + 0.7 * random(seed + 500),
        seed,
      };
    });
    const outcomes = judged(trials);
    expect(outcomes.filter((o) => !o.found)).toEqual([]);
    // Six detents to either side look sharp: it is asked for twice as much.
    expect(Math.max(...outcomes.map((o) => o.off!))).toBeLessThan(3);
  });

  test('says so where there is nothing to see, or too little light', () => {
    const trials = (luminance: number, texture: number): Trial[] =>
      Array.from({ length: 20 }, (_, seed) => ({
        lens: 'main',
        dioptres: 1 / (0.4 + seed / 10),
        luminance,
        texture,
        seed,
      }));
    for (const { found, why } of judged(trials(300, 0)))
      expect([found, why]).toEqual([false, 'flat']);
    for (const { found, why } of judged(trials(0.02, 0.6)))
      expect([found, why]).toEqual([false, 'dark']);
  });

  test('sharpness neither grows with noise nor changes with the exposure', () => {
    const blank = new Uint16Array(96 * 96);
    const response = photositeResponse(main.sensor, 100, 1);
    const seen = (
      light: (x: number, y: number) => number,
      electronsPerLight: number,
    ): Sharpness => {
      const plane = new Float32Array(3 * blank.length).map((_, i) => {
        const p = Math.floor(i / 3);
        return light(p % 96, Math.floor(p / 96));
      });
      const raw = new Uint16Array(blank.length);
      exposeMosaic(plane, 96, 96, 0, { response, electronsPerLight, seed: 5 }, raw);
      return sharpnessOf(raw, 96, 96, response);
    };
    const flat = (): number => 1;
    const stripes = (x: number): number => (x % 8 < 4 ? 0.7 : 1.3);
    for (const electrons of [20, 200, 2000, 8000]) {
      expect(Math.abs(seen(flat, electrons).sure)).toBeLessThan(6);
      expect(seen(stripes, electrons).detail / seen(stripes, 4000).detail).toBeCloseTo(1, 1);
    }
    // Photon noise of 2500 electrons is 50, and this sensor's read noise adds little.
    expect(seen(flat, 2500).signalToNoise).toBeCloseTo(49, 0);
    expect(() => sharpnessOf(blank, 6, 6, response)).toThrow(RangeError);
  });
});

test('where focus was asked for lies within the picture; nowhere where it is held', () => {
  const tapped = { mode: 'auto', spot: { x: 1.002, y: -0.001 }, follow: true } as const;
  expect(askedSpot(tapped)).toEqual({ x: 1, y: 0 });
  expect(askedSpot({ ...tapped, spot: { x: 0.3, y: 0.7 } })).toEqual({ x: 0.3, y: 0.7 });
  expect(askedSpot(heldFocus(2))).toBeNull();
});
