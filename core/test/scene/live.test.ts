import { tentBlur } from '../../src/simulate/lensBlur';
import { findLens, halfLongTangent, LENSES } from '../../src/optics';
import {
  binMosaic,
  electronsPerLuminance,
  exposeLive,
  isExtendedIso,
  photositeResponse,
  signalToNoise,
} from '../../src/sensor';

const main = findLens('main')!;

const whole = (width: number, height: number) => ({ x: 0, y: 0, width, height });

describe('live frames', () => {
  const binning = 6.3;
  const response = photositeResponse(main.sensor, 400, binning);
  const perLight = electronsPerLuminance(main.sensor, binning, 1 / 60, main.fNumber);
  const expose = (light: number, seed: number): Uint16Array => {
    const out = new Uint16Array(90000);
    exposeLive(new Float32Array(90000).fill(light), 300, response, perLight, seed, out);
    return out;
  };

  test.each([0.02, 0.2, 0.6])(
    'noise at %d of saturation is the sensor’s own (EMVA 1288)',
    (share) => {
      const out = expose((share * response.saturationE) / perLight, 3);
      const mean = out.reduce((s, v) => s + v, 0) / out.length;
      const variance = out.reduce((s, v) => s + (v - mean) ** 2, 0) / out.length;
      const snr = (mean - response.blackLevel) / Math.sqrt(variance - 1 / 12);
      // The live frame leaves the fixed pattern out: it has no photosites of its own.
      const expected = signalToNoise(share * response.saturationE, { ...response, prnu: 0 });
      expect(snr / expected).toBeCloseTo(1, 1);
      expect((mean - response.blackLevel) / 3839).toBeCloseTo(share, 3);
    },
  );
  test('every frame has noise of its own, and the same seed the same', () => {
    expect(
      Buffer.compare(Buffer.from(expose(30, 1).buffer), Buffer.from(expose(30, 1).buffer)),
    ).toBe(0);
    expect(
      Buffer.compare(Buffer.from(expose(30, 1).buffer), Buffer.from(expose(30, 2).buffer)),
    ).not.toBe(0);
  });
  test('light past saturation is exactly white level', () => {
    const out = expose((3 * response.saturationE) / perLight, 1);
    expect(out.every((v) => v === 4095)).toBe(true);
  });
});

describe('lenses', () => {
  test('35 mm-equivalent angle of view: a frame of the same diagonal as 36 x 24 mm', () => {
    for (const lens of LENSES) {
      const halfWidth = halfLongTangent(lens, 1);
      const halfDiagonal = halfWidth * Math.hypot(1, 3 / 4);
      expect(halfDiagonal).toBeCloseTo(43.27 / 2 / lens.focalLength35Mm, 6);
    }
  });
  test('every lens has an aperture and noise of its own, and base ISO 100', () => {
    expect(new Set(LENSES.map((l) => l.fNumber)).size).toBe(LENSES.length);
    expect(new Set(LENSES.map((l) => l.sensor.saturationE)).size).toBe(LENSES.length);
    expect(isExtendedIso(main.sensor, 50)).toBe(true);
    expect(isExtendedIso(main.sensor, 100)).toBe(false);
  });
});

describe('from light to small pictures', () => {
  test('the lens’s blur keeps the light and spreads a point as a tent', () => {
    const width = 7;
    const rows = 5;
    const light = new Float32Array(3 * width * (rows + 2));
    light[3 * (3 * width + 3) + 1] = 16;
    const out = new Float32Array(3 * width * rows);
    tentBlur(light, width, rows, out);
    expect(out.reduce((s, v) => s + v, 0)).toBeCloseTo(16, 5);
    const at = (x: number, y: number) => out[3 * (y * width + x) + 1];
    expect([at(3, 2), at(2, 2), at(3, 1), at(2, 1), at(1, 2)]).toEqual([4, 2, 2, 1, 0]);
  });
  test('binning averages each colour of a block, leaves out what is beside whole blocks, refuses an odd factor', () => {
    const mosaic = Uint16Array.from([100, 200, 300, 400, 210, 50, 410, 70]);
    const out = new Uint16Array(6);
    binMosaic(mosaic, 4, whole(4, 2), 2, out);
    expect([...out]).toEqual([100, 205, 50, 300, 405, 70]);
    const odd = Uint16Array.from([100, 200, 999, 210, 50, 999]);
    binMosaic(odd, 3, whole(3, 2), 2, out.fill(0));
    expect([...out]).toEqual([100, 205, 50, 0, 0, 0]);
    expect(() => binMosaic(mosaic, 4, whole(4, 2), 3, out)).toThrow(RangeError);
  });
  test('a response without sense is refused', () => {
    expect(() => photositeResponse(main.sensor, 0, 1)).toThrow(RangeError);
    expect(() => photositeResponse(main.sensor, 100, 0.5)).toThrow(RangeError);
  });
});
