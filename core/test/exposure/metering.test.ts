import { sceneResponse } from '../../src/simulate';
import { invert, luminanceRow } from '../../src/colour';
import {
  ev100FromLuminance,
  lightClicksFromEv100,
  meterWeights,
  METER_PATTERNS,
  PIN_SHARE,
  solveExposure,
  SPOT_SHARE,
  timeSFromClick,
} from '../../src/exposure';
import { readSpot, surveyLight, texturedPeak } from '../../src/monitor';
import { findLens, halfLongTangent } from '../../src/optics';
import { findScene, GREY_CARD_LUMINANCE, placeOf, rayCaster, renderScene } from '../../src/scene';
import {
  createLightPlane,
  electronsPerLuminance,
  midGreyShare,
  photositeResponse,
} from '../../src/sensor';

const main = findLens('main')!;
const [W, H] = [320, 240];
const CENTRE = { x: 0.5, y: 0.5 };
const RESPONSE = sceneResponse(findScene('test-wall')!, main);
const ROW = luminanceRow(invert(RESPONSE));

describe('patterns', () => {
  test.each(METER_PATTERNS.map((p) => [p]))('weights of %s sum to 1', (pattern) => {
    const sum = meterWeights(pattern, W, H, CENTRE).reduce((a, b) => a + b, 0);
    expect(sum).toBeCloseTo(1, 4);
  });
  test('the spot covers 3 % of the frame, wherever it lies whole (common practice)', () => {
    for (const spot of [CENTRE, { x: 0.2, y: 0.7 }]) {
      const weights = meterWeights('spot', W, H, spot);
      const lit = weights.filter((w) => w > 0).length;
      expect(lit / weights.length).toBeCloseTo(SPOT_SHARE, 3);
      expect(weights[Math.floor(spot.y * H) * W + Math.floor(spot.x * W)]).toBeGreaterThan(0);
    }
  });
  test('a spot at the edge reads what is left of it', () => {
    const sum = meterWeights('spot', W, H, { x: 0, y: 0 }).reduce((a, b) => a + b, 0);
    expect(sum).toBeCloseTo(1, 4);
  });
});

describe('the Test wall', () => {
  const wall = findScene('test-wall')!;
  const framing = {
    ...wall.framing,
    halfLongTangent: halfLongTangent(main, 1),
    longPx: W,
    shortPx: H,
    layout: 'level' as const,
  };
  const plane = createLightPlane(W, H);
  beforeAll(() => renderScene(wall, framing, plane, RESPONSE, 1));

  test('a grey card metered by spot and locked gives 0 on the card, and the white card 2 1/3 over', () => {
    const survey = surveyLight(plane.rgb, meterWeights('spot', W, H, CENTRE), ROW);
    const ev100 = ev100FromLuminance(survey.meterLuminance);
    expect(ev100).toBeCloseTo(ev100FromLuminance(GREY_CARD_LUMINANCE), 2);
    const { timeClick, isoClick } = solveExposure({
      timeClick: null,
      isoClick: null,
      compClicks: 0,
      lightClicks: lightClicksFromEv100(ev100, main.fNumber),
      timeRange: { min: -39, max: 18 },
      isoRange: { min: -3, max: 18 },
      baseIsoClick: 0,
      handheldTimeClick: null,
    });
    expect([timeClick, isoClick]).toEqual([-21, 0]);
    const response = photositeResponse(main.sensor, 100, 1);
    const perLight = electronsPerLuminance(main.sensor, 1, timeSFromClick(timeClick), main.fNumber);
    const stopsAt = (x: number): number => {
      const { luminance } = readSpot(plane.rgb, W, H, { x, y: 0.5 }, PIN_SHARE, ROW);
      const share = (luminance * perLight) / response.saturationE;
      return Math.log2(share / midGreyShare(main.sensor, 100));
    };
    expect(stopsAt(0.5)).toBeCloseTo(0, 1);
    // log2(90 / 18) and log2(3 / 18).
    const place = new Float64Array(3);
    placeOf(framing, -0.38, 0, 1.15, place);
    expect(stopsAt(place[0] / W)).toBeCloseTo(2.32, 1);
    placeOf(framing, 0.38, 0, 1.15, place);
    expect(stopsAt(place[0] / W)).toBeCloseTo(-2.58, 1);
  });
});

describe('the brightest texture', () => {
  const light = (put: (x: number, y: number) => number): Float32Array =>
    Float32Array.from({ length: 3 * 64 * 48 }, (_, i) => {
      const p = Math.floor(i / 3);
      return put(p % 64, Math.floor(p / 64));
    });
  test('a small lamp counts', () => {
    const lamp = light((x, y) => (Math.hypot(x - 30, y - 20) < 4 ? 500 : 1));
    expect(texturedPeak(lamp, 64, 48)).toBeCloseTo(500, -2);
  });
  test('glints of a pixel do not', () => {
    const glints = light((x, y) => ((x * 7 + y * 13) % 97 === 0 ? 5000 : 10 + (x % 3)));
    expect(texturedPeak(glints, 64, 48)).toBeLessThan(14);
  });
});

test('a place in the plane and its direction lead back to each other, in every layout', () => {
  for (const layout of ['level', 'upright', 'upright-sensor'] as const) {
    const framing = {
      yawRad: 0.3,
      pitchRad: -0.2,
      halfLongTangent: 0.7,
      longPx: 640,
      shortPx: 480,
      layout,
    };
    const ray = new Float64Array(4);
    const place = new Float64Array(3);
    for (const [column, row] of [
      [10, 20],
      [300, 200],
      [450, 400],
    ]) {
      rayCaster(framing)(column, row, ray);
      expect(placeOf(framing, ray[0], ray[1], ray[2], place)).toBe(true);
      expect(place[0]).toBeCloseTo(column, 6);
      expect(place[1]).toBeCloseTo(row, 6);
      expect(place[2]).toBeCloseTo(ray[3], 9);
    }
  }
});
