import { converter } from 'culori';
import fc from 'fast-check';
import {
  asShotNeutral,
  balancedCameraToSrgb,
  bradfordAdaptation,
  cctMcCamy,
  chromaticityFromXyz,
  CIE_A,
  CIE_D50,
  CIE_D55,
  CIE_D65,
  CIE_D75,
  createDeveloper,
  daylightChromaticity,
  decodeSrgb,
  developRgb,
  encodeSrgb,
  invert,
  multiplyMat,
  multiplyVec,
  renderingCurve,
  whiteFromNeutral,
  xyzFromChromaticity,
} from '../../src/colour';
import { findLens } from '../../src/optics';
import { cameraProfile } from '../../src/sensor';

const { sensitivities } = findLens('main')!.sensor;
const profile = cameraProfile(sensitivities);
const [, cool] = profile;
const xyzToCamera = cool!.colorMatrix;

describe('illuminants (CIE 15)', () => {
  // D illuminants lie at 1.4388/1.4380 times their nominal temperature.
  test.each([
    [5000, CIE_D50],
    [5500, CIE_D55],
    [6500, CIE_D65],
    [7500, CIE_D75],
  ])('the daylight locus passes through D%d', (nominal, expected) => {
    const { x, y } = daylightChromaticity((nominal * 1.4388) / 1.438);
    expect(x).toBeCloseTo(expected.x, 3);
    expect(y).toBeCloseTo(expected.y, 3);
  });
  test('the locus says where it is not defined', () => {
    expect(() => daylightChromaticity(3000)).toThrow(RangeError);
    expect(() => daylightChromaticity(30000)).toThrow(RangeError);
  });
  test('correlated colour temperature of D65 and A (McCamy 1992)', () => {
    expect(cctMcCamy(CIE_D65)).toBeGreaterThan(6500);
    expect(cctMcCamy(CIE_D65)).toBeLessThan(6510);
    expect(Math.abs(cctMcCamy(CIE_A) - 2856)).toBeLessThan(10);
  });
});

describe('transfer curve (IEC 61966-2-1)', () => {
  const toLinear = converter('lrgb');
  test('agrees with culori on every byte', () => {
    for (let v = 0; v < 256; v++) {
      const theirs = toLinear({ mode: 'rgb', r: v / 255, g: 0, b: 0 }).r;
      expect(decodeSrgb(v / 255)).toBeCloseTo(theirs, 9);
      expect(Math.round(255 * encodeSrgb(decodeSrgb(v / 255)))).toBe(v);
    }
  });
});

describe('matrices', () => {
  test('a matrix times its inverse is the identity', () => {
    const m = multiplyMat(xyzToCamera, invert(xyzToCamera));
    m.forEach((v, i) => expect(v).toBeCloseTo(i % 4 === 0 ? 1 : 0, 10));
    expect(() => invert([1, 2, 3, 2, 4, 6, 0, 0, 1])).toThrow(RangeError);
  });
  test('Bradford takes one white exactly to the other', () => {
    const a = xyzFromChromaticity(CIE_A);
    const d65 = xyzFromChromaticity(CIE_D65);
    multiplyVec(bradfordAdaptation(a, d65), a).forEach((v, i) => expect(v).toBeCloseTo(d65[i], 10));
  });
  test('as-shot neutral and white point undo each other', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4000, max: 12000 }), (kelvin) => {
        const white = daylightChromaticity(kelvin);
        const back = whiteFromNeutral(profile, asShotNeutral(profile, white));
        expect(back.x).toBeCloseTo(white.x, 6);
        expect(back.y).toBeCloseTo(white.y, 6);
      }),
    );
  });
  test('a neutral surface develops to equal red, green and blue under any light', () => {
    for (const white of [CIE_A, CIE_D50, CIE_D75]) {
      const rgb = multiplyVec(balancedCameraToSrgb(profile, white), [1, 1, 1]);
      rgb.forEach((v) => expect(v).toBeCloseTo(1, 3));
    }
    expect(chromaticityFromXyz([1, 1, 1]).x).toBeCloseTo(1 / 3, 12);
  });
});

describe('development', () => {
  test.each([1.41, 0.7, 1])(
    'clipped raw is white and nothing below it is, at clip level %d',
    (clip) => {
      const curve = renderingCurve(clip);
      expect(curve(clip)).toBe(1);
      expect(curve(0)).toBe(0);
      expect(curve(0.18)).toBeCloseTo(0.18, 6);
      let last = -1;
      for (let i = 0; i <= 1000; i++) {
        const v = curve((clip * i) / 1000);
        expect(v).toBeGreaterThan(last);
        if (i < 1000) expect(v).toBeLessThan(1);
        last = v;
      }
    },
  );
  test('mid-grey comes out at sRGB 118, clipped raw at 255 in every channel', () => {
    const developer = createDeveloper({
      profile,
      white: CIE_D50,
      blackLevel: 256,
      whiteLevel: 4095,
      baselineExposure: Math.log2(0.18 / (10 / 78)),
    });
    const neutral = asShotNeutral(profile, CIE_D50);
    const mid = neutral.map((n) => 256 + Math.round(3839 * (10 / 78) * n));
    const out = new Uint8ClampedArray(8);
    developRgb(Uint16Array.from([...mid, 4095, 4095, 4095]), developer, out);
    // 18 % grey is 0.4613 in sRGB: 118 of 255.
    for (let c = 0; c < 3; c++) expect(Math.abs(out[c] - 118)).toBeLessThanOrEqual(1);
    expect([...out.slice(4)]).toEqual([255, 255, 255, 255]);
  });
});
