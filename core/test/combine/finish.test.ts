import { FIRST_FINISH, planFinish, type FinishChoices } from '../../src/combine';
import { finishLight } from '../../src/combine/finish/pictureOf';
import { boxMean, guidedBase } from '../../src/combine/finish/guidedFilter';
import { CALIBRATION_D65 } from '../../src/colour';
import { decodeSrgb, XYZ_TO_SRGB } from '../../src/colour/srgb';
import { demosaicDirected, hash32 } from '../../src/sensor';

/** A camera whose colours are sRGB's own. */
const FILE = {
  profile: [{ illuminant: CALIBRATION_D65, colorMatrix: XYZ_TO_SRGB, forwardMatrix: null }],
  asShotNeutral: [1, 1, 1],
} as const;
const [WIDE, HIGH] = [96, 64];

/** Grey light of a picture, by place. */
const greyLight = (at: (x: number, y: number) => number) => ({
  width: WIDE,
  height: HIGH,
  data: Float32Array.from({ length: 3 * WIDE * HIGH }, (_, i) => {
    const p = Math.floor(i / 3);
    return at(p % WIDE, Math.floor(p / WIDE));
  }),
});

/** What is shown of it: linear display light of every pixel's green. */
function shown(light: ReturnType<typeof greyLight>, choices: Partial<FinishChoices> = {}) {
  const plan = planFinish(light, FILE, 0);
  const { data } = finishLight(plan, { ...FIRST_FINISH, ...choices }, light);
  return (x: number, y: number): number => decodeSrgb(data[4 * (y * WIDE + x) + 1] / 255);
}

/** A room of five stops, and beside it a window of three, nine stops brighter: fourteen in all. */
const room = greyLight((x, y) =>
  x < 72 ? 2 ** (-14 + (5 * x) / 72) * (1 + 0.1 * (y % 2)) : 2 ** (-2 + (2 * y) / HIGH),
);

describe('finishing', () => {
  test('shows window and room at once, in the order of their light', () => {
    const at = shown(room);
    const seen = [at(2, 10), at(36, 10), at(68, 10), at(84, 10), at(84, 60)];
    expect([...seen].sort((a, b) => a - b)).toEqual(seen);
    expect(seen[0]).toBeGreaterThan(0.005);
    // What lies apart in the window stays apart, and below white.
    expect(at(84, 50) / at(84, 10)).toBeGreaterThan(1.15);
    expect(at(84, 10)).toBeLessThan(0.95);
    // As it is, the window is white all over.
    const plain = shown(room, { range: 0 });
    expect(plain(84, 50) / plain(84, 10)).toBeLessThan(1.1);
  });

  test('keeps small differences where large ones are pressed, and makes more of them when asked to', () => {
    const step = (detail: number): number => {
      const at = shown(room, { detail });
      return at(36, 31) / at(36, 30);
    };
    expect(step(1)).toBeGreaterThan(1.06);
    expect(step(2)).toBeGreaterThan(step(1) + 0.05);
    expect(step(0)).toBeLessThan(1.05);
  });

  test('Brightness goes by stops in the dark, where the curve is straight (Reinhard 2002)', () => {
    const flat = greyLight((x) => 2 ** (-10 + (x % 3) / 3));
    const [as, brighter] = [-4, -3].map((brightness) => shown(flat, { brightness })(40, 30));
    expect(brighter / as).toBeGreaterThan(1.85);
    expect(brighter / as).toBeLessThan(2.05);
  });

  test('leaves no halo beside a hard edge', () => {
    const edge = greyLight((x) => (x < 48 ? 2 ** -12 : 0.5));
    const at = shown(edge);
    for (const x of [30, 40, 46, 47]) expect(at(x, 30) / at(10, 30)).toBeCloseTo(1, 1);
    for (const x of [48, 49, 56, 70]) expect(at(x, 30) / at(90, 30)).toBeCloseTo(1, 1);
  });
});

describe('the guided filter', () => {
  test('its means are those of every square, at the edges too', () => {
    const data = Float32Array.from({ length: 20 * 15 }, (_, i) => hash32(i, 1) % 100);
    const mean = boxMean({ data, width: 20, height: 15 }, 3);
    for (const [x, y] of [
      [0, 0],
      [10, 7],
      [19, 14],
      [2, 13],
    ]) {
      let [sum, n] = [0, 0];
      for (let v = Math.max(0, y - 3); v <= Math.min(14, y + 3); v++)
        for (let u = Math.max(0, x - 3); u <= Math.min(19, x + 3); u++, n++)
          sum += data[v * 20 + u];
      expect(mean[y * 20 + x]).toBeCloseTo(sum / n, 3);
    }
  });

  test('keeps an edge and smooths what is small (He, Sun and Tang 2010)', () => {
    const data = Float32Array.from({ length: 40 * 40 }, (_, i) =>
      i % 40 < 20 ? ((i >> 1) % 2) * 0.1 : 8,
    );
    const { slope, offset } = guidedBase({ data, width: 40, height: 40 }, 4, 0.7);
    const base = (i: number): number => slope[i] * data[i] + offset[i];
    expect(Math.abs(base(20 * 40 + 5) - base(20 * 40 + 7))).toBeLessThan(0.01);
    expect(base(20 * 40 + 20) - base(20 * 40 + 19)).toBeGreaterThan(7.5);
  });
});

describe('demosaic along edges', () => {
  const W = 24;
  const demosaiced = (colourAt: (x: number, y: number, c: number) => number): Float32Array => {
    const raw = Float32Array.from({ length: W * W }, (_, i) => {
      const [x, y] = [i % W, Math.floor(i / W)];
      return colourAt(x, y, (x & 1) + (y & 1));
    });
    const out = new Float32Array(3 * W * W);
    demosaicDirected(raw, W, W, { x: 0, y: 0, width: W, height: W }, out);
    return out;
  };

  test('is exact on even colour and on ramps', () => {
    demosaiced((_x, _y, c) => [0.2, 0.5, 0.1][c]).forEach((v, i) =>
      expect(v).toBeCloseTo([0.2, 0.5, 0.1][i % 3], 6),
    );
    const ramp = demosaiced((x, y) => 0.1 + 0.02 * x + 0.01 * y);
    for (const [x, y] of [
      [5, 5],
      [10, 11],
      [12, 6],
    ])
      for (let c = 0; c < 3; c++)
        expect(ramp[3 * (y * W + x) + c]).toBeCloseTo(0.1 + 0.02 * x + 0.01 * y, 6);
  });

  test.each([
    ['upright', (x: number) => x],
    ['level', (_x: number, y: number) => y],
  ])('leaves grey grey at an edge of twelve stops, %s, with one photosite between', (_, along) => {
    const roots = [2 ** -12, 0.25, 1].map((light) => light ** 0.25);
    const rgb = demosaiced((x, y) => roots[along(x, y) < 11 ? 0 : along(x, y) === 11 ? 1 : 2]);
    for (let p = W * 4 + 4; p < W * (W - 4) - 4; p++) {
      const [x, y] = [p % W, Math.floor(p / W)];
      if (x < 4 || x >= W - 4) continue;
      const [r, g, b] = rgb.subarray(3 * p, 3 * p + 3);
      const wanted = roots[along(x, y) < 11 ? 0 : along(x, y) === 11 ? 1 : 2];
      for (const v of [r, g, b]) expect(Math.abs(v - wanted)).toBeLessThan(0.2 * wanted);
    }
  });
});
