import { noiseProfile } from '../../src/simulate';
import {
  ev100FromLuminance,
  lightClicksFromEv100,
  nominalTime,
  timeSFromClick,
} from '../../src/exposure';
import { findLens, halfLongTangent } from '../../src/optics';
import { GREY_CARD_LUMINANCE, TEST_WALL_PATCHES } from '../../src/scene';
import {
  demosaicMalvar,
  electronsPerLuminance,
  exposeMosaic,
  midGreyShare,
  noiseFloorShare,
  photositeResponse,
  poissonCount,
  signalToNoise,
} from '../../src/sensor';
import { meanOver, patchBox, rawOf, shoot } from '../support/shots';

const main = findLens('main')!;
const { sensor } = main;
const grey = TEST_WALL_PATCHES.find((p) => p.id === 'grey-18')!;

/** Raw values of an evenly lit piece of sensor. */
function flat(light: number, iso: number, seed: number, width = 256, rows = 128): Uint16Array {
  const plane = new Float32Array(3 * width * rows).fill(light);
  const out = new Uint16Array(width * rows);
  const response = photositeResponse(sensor, iso, 1);
  const electronsPerLight = electronsPerLuminance(sensor, 1, 1 / 128, main.fNumber);
  exposeMosaic(plane, width, rows, 0, { response, electronsPerLight, seed }, out);
  return out;
}

describe('exposure scale', () => {
  test('the grey card metered at 0 lands at 12.8 % of saturation within 0.05 stop (ISO 12232: 10/78)', () => {
    const clicks = lightClicksFromEv100(ev100FromLuminance(GREY_CARD_LUMINANCE), main.fNumber);
    const { raw, width, height } = rawOf(
      shoot('--scene', 'test-wall', '--iso', '100', '--time', nominalTime(clicks)),
    );
    const box = patchBox(grey, width, height, halfLongTangent(main, 1));
    const green = meanOver(raw, width, box, (x, y) => ((x ^ y) & 1) === 1) - sensor.blackLevel;
    const share = green / (sensor.whiteLevel - sensor.blackLevel);
    expect(Math.abs(Math.log2(share / (10 / 78)))).toBeLessThan(0.05);
  });

  test('ISO 50 extended and ISO 100 give identical raw values at the same time and seed', () => {
    const bytes = (iso: string, seed: string): Buffer =>
      Buffer.from(rawOf(shoot('--scene', 'test-wall', '--iso', iso, '--seed', seed)).raw.buffer);
    // Compared as bytes: Jest's own comparison takes a minute over a million numbers.
    expect(Buffer.compare(bytes('50', '7'), bytes('100', '7'))).toBe(0);
    expect(Buffer.compare(bytes('100', '8'), bytes('100', '7'))).not.toBe(0);
    expect(midGreyShare(sensor, 50)).toBeCloseTo(2 * midGreyShare(sensor, 100), 12);
  });

  test('a stop of time and a stop of ISO change the raw alike', () => {
    const mean = (a: Uint16Array) => a.reduce((s, v) => s + v, 0) / a.length - sensor.blackLevel;
    const one = mean(flat(40, 100, 1));
    expect(mean(flat(80, 100, 1)) / one).toBeCloseTo(2, 2);
    expect(mean(flat(40, 200, 1)) / one).toBeCloseTo(2, 2);
    expect(timeSFromClick(3)).toBeCloseTo(2 * timeSFromClick(0), 12);
  });
});

describe('photon transfer (EMVA 1288)', () => {
  // Temporal variance from pairs of frames of the same light, so that the fixed pattern cancels.
  test.each([100, 400, 1600])('gain and read noise at ISO %d come back within 2 %', (iso) => {
    const response = photositeResponse(sensor, iso, 1);
    const points: { mean: number; variance: number }[] = [];
    for (let level = 0; level < 14; level++) {
      const share = 0.02 + (0.75 * level) / 13;
      const light =
        (share * response.saturationE) / electronsPerLuminance(sensor, 1, 1 / 128, main.fNumber);
      points.push(pairStatistics(light, iso, 100 + level, 6));
    }
    const { slope } = fitLine(points);
    expect(Math.abs(slope * response.electronsPerDn - 1)).toBeLessThan(0.02);
    const dark = pairStatistics(0, iso, 999, 24);
    const readE = Math.sqrt(dark.variance - 1 / 12) * response.electronsPerDn;
    expect(Math.abs(readE / response.readNoiseE - 1)).toBeLessThan(0.02);
  });

  test('the DNG noise profile is the model: variance = scale * x + offset', () => {
    const response = photositeResponse(sensor, 400, 1);
    const { scale, offset } = noiseProfile(response);
    const range = sensor.whiteLevel - sensor.blackLevel;
    const light =
      (0.3 * response.saturationE) / electronsPerLuminance(sensor, 1, 1 / 128, main.fNumber);
    const { mean, variance } = pairStatistics(light, 400, 5, 12);
    expect(variance / range ** 2 / (scale * (mean / range) + offset)).toBeCloseTo(1, 1);
  });

  test('SNR is 1 at the floor, and a stop less light costs half a stop of SNR in bright tones', () => {
    const response = { ...photositeResponse(sensor, 100, 1), prnu: 0 };
    expect(signalToNoise(noiseFloorShare(response) * response.saturationE, response)).toBeCloseTo(
      1,
      6,
    );
    const ratio = signalToNoise(8000, response) / signalToNoise(4000, response);
    expect(ratio).toBeCloseTo(Math.SQRT2, 2);
  });

  test('few photons are counted as Poisson has it: mean = variance', () => {
    let sum = 0;
    let squares = 0;
    const n = 40000;
    for (let i = 0; i < n; i++) {
      const k = poissonCount(3.7, Math.imul(i + 1, 2654435761) >>> 0);
      sum += k;
      squares += k * k;
    }
    const mean = sum / n;
    expect(mean).toBeCloseTo(3.7, 1);
    expect((squares / n - mean * mean) / mean).toBeCloseTo(1, 1);
  });
});

describe('demosaic (Malvar, He, Cutler 2004)', () => {
  const region = { x: 0, y: 0, width: 16, height: 12 };

  test('an even field stays even, edges included', () => {
    const raw = new Uint16Array(16 * 12).fill(1000);
    const out = new Uint16Array(3 * 16 * 12);
    demosaicMalvar(raw, 16, 12, 4095, region, out);
    expect(out.every((v) => v === 1000)).toBe(true);
  });

  test('a neutral ramp comes back exactly away from the edges: the filters are exact for planes', () => {
    const raw = Uint16Array.from(
      { length: 192 },
      (_, i) => 100 + 20 * (i % 16) + 8 * Math.floor(i / 16),
    );
    const out = new Uint16Array(3 * 192);
    demosaicMalvar(raw, 16, 12, 4095, region, out);
    for (let y = 2; y < 10; y++)
      for (let x = 2; x < 14; x++)
        for (let c = 0; c < 3; c++) expect(out[3 * (y * 16 + x) + c]).toBe(raw[y * 16 + x]);
  });

  test('a piece equals the same piece of the whole', () => {
    const raw = Uint16Array.from({ length: 192 }, (_, i) => (i * 7919) % 4096);
    const whole = new Uint16Array(3 * 192);
    demosaicMalvar(raw, 16, 12, 4095, region, whole);
    const piece = new Uint16Array(3 * 5 * 4);
    demosaicMalvar(raw, 16, 12, 4095, { x: 7, y: 3, width: 5, height: 4 }, piece);
    for (let y = 0; y < 4; y++)
      for (let i = 0; i < 15; i++) expect(piece[y * 15 + i]).toBe(whole[(3 + y) * 48 + 21 + i]);
  });

  test('a region outside the frame is refused', () => {
    const out = new Uint16Array(3000);
    const bad = { x: 10, y: 0, width: 8, height: 4 };
    expect(() => demosaicMalvar(new Uint16Array(192), 16, 12, 4095, bad, out)).toThrow(RangeError);
  });
});

/** Mean and temporal variance of raw values over pairs of frames, in counts. */
function pairStatistics(light: number, iso: number, seed: number, pairs: number) {
  let sum = 0;
  let squares = 0;
  let n = 0;
  for (let p = 0; p < pairs; p++) {
    const a = flat(light, iso, seed * 1000 + 2 * p);
    const b = flat(light, iso, seed * 1000 + 2 * p + 1);
    for (let i = 0; i < a.length; i++) {
      sum += a[i] + b[i];
      squares += (a[i] - b[i]) ** 2;
    }
    n += a.length;
  }
  return { mean: sum / (2 * n) - sensor.blackLevel, variance: squares / (2 * n) };
}

function fitLine(points: { mean: number; variance: number }[]): { slope: number } {
  // Weighted by 1/variance^2: the spread of a variance estimate grows with the variance.
  let sw = 0;
  let sx = 0;
  let sy = 0;
  let sxx = 0;
  let sxy = 0;
  for (const { mean: x, variance: y } of points) {
    const w = 1 / (y * y);
    sw += w;
    sx += w * x;
    sy += w * y;
    sxx += w * x * x;
    sxy += w * x * y;
  }
  return { slope: (sw * sxy - sx * sy) / (sw * sxx - sx * sx) };
}
