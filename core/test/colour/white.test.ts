import fc from 'fast-check';
import {
  asShotNeutral,
  cctMcCamy,
  CIE_A,
  CIE_D50,
  CIE_D55,
  CIE_D65,
  CIE_D75,
  correlatedTemperature,
  multiplyVec,
  planckChromaticity,
  profileAt,
  SOURCE_A,
  SOURCE_D50,
  SOURCE_D55,
  SOURCE_D65,
  sourceChromaticity,
  whiteChromaticity,
  whiteFromNeutral,
  whitePointOf,
} from '../../src/colour';
import { findLens } from '../../src/optics';
import { cameraProfile, cameraResponse } from '../../src/sensor';

const { sensitivities } = findLens('main')!.sensor;
const profile = cameraProfile(sensitivities);

describe('spectra give the published chromaticities (CIE 15, table of standard illuminants)', () => {
  test.each([
    ['A', SOURCE_A, CIE_A],
    ['D50', SOURCE_D50, CIE_D50],
    ['D55', SOURCE_D55, CIE_D55],
    ['D65', SOURCE_D65, CIE_D65],
    ['D75', { locus: 'daylight', kelvin: (7500 * 1.4388) / 1.438 } as const, CIE_D75],
  ])('%s', (_name, source, published) => {
    // Sums of 10 nm steps: the tables' own chromaticities are of 1 or 5 nm ones.
    const { x, y } = sourceChromaticity(source);
    expect(Math.abs(x - published.x)).toBeLessThan(1.5e-4);
    expect(Math.abs(y - published.y)).toBeLessThan(1.5e-4);
  });
  test('a black body of unlimited temperature (memory: CIE, x 0.2399, y 0.2341)', () => {
    const { x, y } = planckChromaticity(1e9);
    expect(x).toBeCloseTo(0.2399, 3);
    expect(y).toBeCloseTo(0.2342, 3);
  });
});

describe('correlated colour temperature', () => {
  test('two methods agree near the locus: McCamy 1992 and Ohno 2013', () => {
    // McCamy's cubic was fitted from 2856 to 6500 K; by 10000 K it is 1.3 % off.
    for (let kelvin = 2800; kelvin <= 8000; kelvin += 100) {
      const at = whiteChromaticity({ kelvin, tint: 0 });
      expect(Math.abs(cctMcCamy(at) / correlatedTemperature(at).kelvin - 1)).toBeLessThan(0.004);
    }
  });
  test('black bodies lie on the locus, at their own temperature', () => {
    for (let kelvin = 1500; kelvin < 20000; kelvin *= 1.07) {
      const found = correlatedTemperature(planckChromaticity(kelvin));
      expect(Math.abs(found.kelvin / kelvin - 1)).toBeLessThan(5e-4);
      expect(Math.abs(found.duv)).toBeLessThan(2e-5);
    }
  });
  test('D65 lies 0.0032 above it (memory: ANSI C78.377)', () => {
    expect(correlatedTemperature(CIE_D65).duv).toBeCloseTo(0.0032, 4);
  });
});

describe('the white point a photographer dials', () => {
  const dialled = fc.record({
    kelvin: fc.integer({ min: 2000, max: 12000 }),
    tint: fc.integer({ min: -20, max: 20 }),
  });
  test('kelvin and tint undo their chromaticity', () => {
    fc.assert(
      fc.property(dialled, (white) => {
        const back = whitePointOf(whiteChromaticity(white));
        // Far off the locus isotherms are not quite straight lines in the method.
        expect(Math.abs(1e6 / back.kelvin - 1e6 / white.kelvin)).toBeLessThan(1.5);
        expect(Math.abs(back.tint - white.tint)).toBeLessThan(0.3);
      }),
    );
  });
  test('daylight and filament have no tint', () => {
    for (const white of [CIE_A, CIE_D50, CIE_D55, CIE_D65, CIE_D75])
      expect(Math.abs(whitePointOf(white).tint)).toBeLessThan(0.15);
  });
  test('a positive tint is a greener light', () => {
    const green = whiteChromaticity({ kelvin: 5500, tint: 10 });
    const magenta = whiteChromaticity({ kelvin: 5500, tint: -10 });
    expect(green.y).toBeGreaterThan(magenta.y + 0.01);
  });
  test('what the camera calls neutral leads back to the light', () => {
    fc.assert(
      fc.property(dialled, (white) => {
        const light = whiteChromaticity(white);
        const back = whiteFromNeutral(profile, asShotNeutral(profile, light));
        expect(Math.hypot(back.x - light.x, back.y - light.y)).toBeLessThan(1e-5);
      }),
    );
  });
});

describe('camera colour from sensitivities', () => {
  test('forward matrices take balanced white to the D50 of the profile connection space (DNG, ICC.1)', () => {
    for (const { forwardMatrix } of profile) {
      const [x, y, z] = multiplyVec(forwardMatrix!, [1, 1, 1]);
      expect(x).toBeCloseTo(0.9642, 6);
      expect(y).toBeCloseTo(1, 6);
      expect(z).toBeCloseTo(0.8249, 6);
    }
  });
  test('between A and D65 the matrices are close to the true ones of that light', () => {
    const about = profileAt(profile, 5003).colorMatrix;
    const exactly = cameraResponse(sensitivities, SOURCE_D50);
    about.forEach((v, i) => expect(Math.abs(v - exactly[i])).toBeLessThan(0.01));
    // And are not simply one matrix twice.
    const [warm, cool] = profile;
    expect(Math.abs(warm.colorMatrix[0] - cool!.colorMatrix[0])).toBeGreaterThan(0.03);
  });
});
