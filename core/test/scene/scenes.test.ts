import { lightFieldOf } from '../../src/scene/lightField';
import { sceneResponse } from '../../src/simulate';
import { invert, luminanceRow } from '../../src/colour';
import {
  ev100FromLuminance,
  meterWeights,
  solveExposure,
  lightClicksFromEv100,
  timeSFromClick,
  type MeterPattern,
} from '../../src/exposure';
import { surveyLight, texturedPeak } from '../../src/monitor';
import {
  findLens,
  halfLongTangent,
  pixelAngleRad,
  trailPx,
  TRAIL_LIMIT_PX,
} from '../../src/optics';
import {
  EQUATOR_STAR,
  fastestSky,
  findScene,
  framingSize,
  placeOf,
  renderScene,
  SCENES,
  starDirection,
  type Framing,
  type Scene,
} from '../../src/scene';
import { createLightPlane, MID_GREY_SHARE, type LightPlane } from '../../src/sensor';

const main = findLens('main')!;
const CENTRE = { x: 0.5, y: 0.5 };

const framingOf = (scene: Scene, change: Partial<Framing> = {}): Framing => ({
  ...scene.framing,
  halfLongTangent: halfLongTangent(main, 1),
  longPx: 320,
  shortPx: 240,
  layout: 'level',
  ...change,
});

function rendered(scene: Scene, framing: Framing, samples: 1 | 4 = 1, torch = false): LightPlane {
  const { width, height } = framingSize(framing);
  const plane = createLightPlane(width, height);
  renderScene(scene, framing, plane, sceneResponse(scene, main), samples, torch);
  return plane;
}

const luminanceOf = (scene: Scene) => luminanceRow(invert(sceneResponse(scene, main)));

function ev100Of(scene: Scene, plane: LightPlane, pattern: MeterPattern): number {
  const weights = meterWeights(pattern, plane.width, plane.height, CENTRE);
  return ev100FromLuminance(surveyLight(plane.rgb, weights, luminanceOf(scene)).meterLuminance);
}

describe('the salt works', () => {
  test('has all its places, each with a description and a stated luminance', () => {
    expect(SCENES.map((s) => s.name)).toEqual([
      'Pans at noon',
      'Drying shed',
      'Packing bench',
      'Sluice at dusk',
      'Harbour light at night',
      'Stars over the pans',
      'Test wall',
      'Test wall by lamp',
      'Test wall by day',
    ]);
    for (const scene of SCENES) expect(scene.description.length).toBeGreaterThan(30);
  });

  test.each(SCENES.map((s) => [s.name, s] as const))(
    '%s: our spot meter reads its stated luminance within 0.1 stop',
    (_name, scene) => {
      const { yawRad, pitchRad, halfAngleRad, luminance } = scene.stated;
      // The spot's radius is 54 of 320 half-widths: narrow the view until it lies on the stated
      // surface.
      const framing = framingOf(scene, {
        yawRad,
        pitchRad,
        halfLongTangent: Math.tan(halfAngleRad) * 5.2,
        longPx: 160,
        shortPx: 120,
      });
      const read = ev100Of(scene, rendered(scene, framing), 'spot');
      expect(Math.abs(read - ev100FromLuminance(luminance))).toBeLessThan(0.1);
    },
  );

  test('Drying shed spans fourteen stops from its corners to the yard', () => {
    const scene = findScene('drying-shed')!;
    const { rgb } = rendered(scene, framingOf(scene));
    const luminance = luminanceOf(scene);
    const tones = Array.from({ length: rgb.length / 3 }, (_, p) =>
      luminance.reduce((sum, w, c) => sum + w * rgb[3 * p + c], 0),
    ).sort((a, b) => a - b);
    const at = (share: number): number => tones[Math.floor(share * tones.length)];
    const stops = Math.log2(at(0.999) / at(0.002));
    expect(stops).toBeGreaterThan(13.5);
    expect(stops).toBeLessThan(14.5);
  });

  test('Stars over the pans meters about EV100 -6', () => {
    const scene = findScene('stars-over-the-pans')!;
    const ev = ev100Of(scene, rendered(scene, framingOf(scene)), 'whole');
    expect(ev).toBeGreaterThan(-6.4);
    expect(ev).toBeLessThan(-5.6);
  });

  test('Packing bench has jars between 0.3 and 1 m', () => {
    const scene = findScene('packing-bench')!;
    const { depthM } = rendered(scene, framingOf(scene));
    const nearest = depthM.reduce((a, b) => Math.min(a, b), Infinity);
    expect(nearest).toBeGreaterThan(0.28);
    expect(nearest).toBeLessThan(0.36);
  });

  test('a torch adds intensity * reflectance / (pi d^2) to a matt surface before it, and nothing to the sky', () => {
    const wall = findScene('test-wall')!;
    const framing = framingOf(wall, { halfLongTangent: 0.02, longPx: 16, shortPx: 16 });
    const gain =
      2 ** (ev100Of(wall, rendered(wall, framing, 1, true), 'whole') - 3) -
      2 ** (ev100Of(wall, rendered(wall, framing), 'whole') - 3);
    // 55 cd on the 18 % card at 1.15 m; 2^(EV100 - 3) is the luminance (ISO 2720, K = 12.5).
    expect(gain / ((55 * 0.18) / (Math.PI * 1.15 ** 2))).toBeCloseTo(1, 1);
    const stars = findScene('stars-over-the-pans')!;
    const sky = framingOf(stars, { pitchRad: 0.9 });
    expect(rendered(stars, sky, 1, true).rgb).toEqual(rendered(stars, sky).rgb);
  });
});

describe('a lamp at night', () => {
  const scene = findScene('harbour-light')!;
  const framing = framingOf(scene, { longPx: 640, shortPx: 480 });
  const plane = rendered(scene, framing, 4);
  /**
   * Camera-space light that clips the raw at this exposure; ISO 2720's K and 10/78 of saturation
   * for mid-grey.
   */
  const clipLight = (timeS: number, iso: number): number =>
    (12.5 * main.fNumber ** 2) / (timeS * iso) / MID_GREY_SHARE;
  const overClip = (limit: number): number => {
    let over = 0;
    for (let i = 0; i < plane.rgb.length; i++) if (plane.rgb[i] >= limit) over++;
    return over;
  };

  test('lowest ISO and 1/125 keeps the structure of the lamp unclipped (common practice)', () => {
    expect(overClip(clipLight(1 / 128, 100))).toBe(0);
    // And it is structure, not an even patch: tones on the glass spread over more than two stops.
    const glass: number[] = [];
    for (let i = 1; i < plane.rgb.length; i += 3)
      if (plane.rgb[i] > 20) glass.push(Math.log2(plane.rgb[i]));
    expect(glass.length).toBeGreaterThan(300);
    expect(Math.max(...glass) - Math.min(...glass)).toBeGreaterThan(2);
  });

  test('whole-frame auto clips the lamp by stops; keeping highlights does not', () => {
    const solve = (ev100: number) => {
      const s = solveExposure({
        timeClick: null,
        isoClick: null,
        compClicks: 0,
        lightClicks: lightClicksFromEv100(ev100, main.fNumber),
        timeRange: { min: -39, max: 18 },
        isoRange: { min: -3, max: 18 },
        baseIsoClick: 0,
        handheldTimeClick: null,
      });
      return clipLight(timeSFromClick(s.timeClick), 100 * 2 ** (s.isoClick / 3));
    };
    const brightest = plane.rgb.reduce((a, b) => Math.max(a, b), 0);
    const auto = Math.log2(brightest / solve(ev100Of(scene, plane, 'whole')));
    expect(auto).toBeGreaterThan(4);
    const peak = texturedPeak(plane.rgb, plane.width, plane.height);
    const kept = solve(ev100FromLuminance(peak * MID_GREY_SHARE * 2 ** 0.25));
    expect(Math.log2(brightest / kept)).toBeLessThan(0);
    expect(Math.log2(brightest / kept)).toBeGreaterThan(-0.75);
  });
});

describe('the turning sky', () => {
  const scene = findScene('stars-over-the-pans')!;
  const pixel = pixelAngleRad(main, 1);

  test('the celestial equator crosses the picture', () => {
    expect(fastestSky(scene, framingOf(scene))).toBeGreaterThan(0.999);
    expect(fastestSky(findScene('pans-at-noon')!, framingOf(scene))).toBeNull();
  });

  /** Length of the star's image on the sensor at 12 MP, from the second moments of its light. */
  function renderedTrail(timeS: number): number {
    const framing: Framing = {
      ...scene.framing,
      halfLongTangent: halfLongTangent(main, 1),
      longPx: 4032,
      shortPx: 3024,
      layout: 'level',
    };
    const direction = new Float64Array(3);
    starDirection(EQUATOR_STAR, timeS / 2, direction);
    const place = new Float64Array(3);
    placeOf(framing, direction[0], direction[1], direction[2], place);
    const rows = 64;
    const first = Math.round(place[1]) - rows / 2;
    const plane = createLightPlane(4032, rows, 0, first);
    lightFieldOf(scene).moving!.paint(framing, plane, [1, 0, 0, 0, 1, 0, 0, 0, 1], {
      startS: 0,
      timeS,
    });
    let [sum, mx, my] = [0, 0, 0];
    const box: [number, number, number][] = [];
    for (let y = 0; y < rows; y++)
      for (let x = Math.round(place[0]) - 24; x < place[0] + 24; x++) {
        const light = plane.rgb[3 * (y * 4032 + x) + 1];
        const dy = first + y + 0.5 - place[1];
        const dx = x + 0.5 - place[0];
        if (Math.hypot(dx, dy) > 16) continue;
        box.push([dx, dy, light]);
        sum += light;
        mx += dx * light;
        my += dy * light;
      }
    let [xx, yy, xy] = [0, 0, 0];
    for (const [dx, dy, light] of box) {
      xx += ((dx - mx / sum) ** 2 * light) / sum;
      yy += ((dy - my / sum) ** 2 * light) / sum;
      xy += ((dx - mx / sum) * (dy - my / sum) * light) / sum;
    }
    // Variance along the trail less that across it: a uniform line of length L has L^2 / 12.
    return Math.sqrt(12 * Math.hypot(xx - yy, 2 * xy));
  }

  test.each([
    [20, 4.4, true],
    [30, 6.6, false],
  ])('%d s on the main lens at 12 MP: about %d px, within the limit: %s', (timeS, px, passes) => {
    // Sidereal rate 15.04 arcseconds a second (360 degrees in 86164.1 s).
    const computed = trailPx(timeS, 1, pixel);
    expect(computed).toBeCloseTo(px, 1);
    expect(computed <= TRAIL_LIMIT_PX).toBe(passes);
    expect(Math.abs(renderedTrail(timeS) / computed - 1)).toBeLessThan(0.1);
  });
});

describe('what moves at the sluice', () => {
  const scene = findScene('sluice-at-dusk')!;
  const framing = framingOf(scene);
  const still = rendered(scene, framing);
  const painted = (startS: number, timeS: number): Float32Array => {
    const plane = createLightPlane(still.width, still.height);
    plane.rgb.set(still.rgb);
    plane.depthM.set(still.depthM);
    lightFieldOf(scene).moving!.paint(framing, plane, sceneResponse(scene, main), {
      startS,
      timeS,
    });
    return plane.rgb;
  };

  test('a long exposure is the mean of the short ones it is made of', () => {
    const slices = 48;
    const timeS = 2;
    const mean = new Float64Array(still.rgb.length);
    for (let k = 0; k < slices; k++) {
      const part = painted((timeS * k) / slices, timeS / slices);
      for (let i = 0; i < mean.length; i++) mean[i] += part[i] / slices;
    }
    const long = painted(0, timeS);
    let [difference, total] = [0, 0];
    for (let i = 1; i < mean.length; i += 3) {
      difference += Math.abs(long[i] - mean[i]);
      total += mean[i];
    }
    // The wheel is averaged exactly, the water's waves only by the power they lose: that keeps
    // streaks of its own.
    expect(difference / total).toBeLessThan(0.06);
    const light = long.reduce((a, v, i) => a + (i % 3 === 1 ? v : 0), 0);
    expect(Math.abs(light / total - 1)).toBeLessThan(0.03);
  });

  test('the picture moves between two short exposures, and only where something moves', () => {
    const a = painted(0, 1 / 500);
    const b = painted(0.3, 1 / 500);
    const wallPixel = 3 * (100 * still.width + 20) + 1;
    expect(a[wallPixel]).toBe(still.rgb[wallPixel]);
    let changed = 0;
    for (let i = 1; i < a.length; i += 3) if (Math.abs(a[i] - b[i]) > 0.02 * a[i]) changed++;
    expect(changed).toBeGreaterThan(3000);
  });
});
