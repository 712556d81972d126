import {
  compReach,
  isoNoise,
  noiseAt,
  timeBands,
  type ExposureContext,
} from '../../src/consequence';
import { nominalTime, timeSFromClick, TIME_CLICKS } from '../../src/exposure';
import {
  BANDING_LIMIT,
  bandingContrast,
  blurRows,
  circlePx,
  croppedSize,
  fiveHundredRuleS,
  findLens,
  handheldTimeClick,
  pixelAngleRad,
  shakeKernel,
  shakePx,
  SKY_RATE_RAD_S,
  smearPx,
  zoomTo,
} from '../../src/optics';
import { rowShares, simulatedContext, striped } from '../../src/simulate';
import { findScene } from '../../src/scene';
import { DEFAULT_SETTINGS, type Settings } from '../../src/settings';

const main = findLens('main')!;
const TIME = TIME_CLICKS;
const ISO = { min: -3, max: 18 };

const context = (sceneId: string, change: Partial<Settings> = {}): ExposureContext =>
  simulatedContext(
    findScene(sceneId)!,
    { ...DEFAULT_SETTINGS, ...change },
    sceneId.startsWith('stars') ? 1 : null,
  );

const bandOf = (id: string, where: ExposureContext) =>
  timeBands(where, TIME).find((band) => band.id === id);

describe('shake', () => {
  test.each([
    [26, '1/30'],
    [78, '1/80'],
    [13, '1/15'],
  ])('reciprocal rule: %d mm is held to %s s (common practice)', (focal, label) => {
    expect(nominalTime(handheldTimeClick(focal))).toBe(label);
  });
  test('each stop of stabiliser doubles the time', () => {
    expect(handheldTimeClick(78, 3)).toBe(handheldTimeClick(78) + 9);
  });
  test('at the reciprocal time the picture moves by the circle of confusion, whatever the lens', () => {
    for (const id of ['ultrawide', 'main', 'tele']) {
      const lens = findLens(id)!;
      const px = shakePx(1 / lens.focalLength35Mm, 0, pixelAngleRad(lens, 1));
      // 0.030 mm on a frame of 43.27 mm diagonal, in pixels of 4032 x 3024.
      expect(px / circlePx(5040)).toBeCloseTo(1, 2);
    }
  });
  test('the band begins a click past the limit, and a tripod takes it away', () => {
    expect(bandOf('shakes', context('pans-at-noon'))?.from).toBe(handheldTimeClick(26) + 1);
    expect(bandOf('shakes', context('pans-at-noon', { support: 'tripod' }))).toBeUndefined();
  });
  test('zoom and crop count as focal length', () => {
    const cropped = context('pans-at-noon', { lens: 'tele', crop: 2 });
    expect(bandOf('shakes', cropped)?.from).toBe(handheldTimeClick(156) + 1);
  });
});

describe('shake blur', () => {
  const pixel = pixelAngleRad(main, 1);
  test('its mean length is what shake is computed to be', () => {
    // The spread of a kernel along its longer axis grows with the way; averaged over many hands.
    let sum = 0;
    const hands = 200;
    for (let seed = 0; seed < hands; seed++) {
      const k = shakeKernel(seed, 1 / 15, 0, pixel)!;
      let way = 0;
      k.share.forEach((share, i) => (way += share * (k.dx[i] ** 2 + k.dy[i] ** 2)));
      // A straight line of length L spreads by L^2 / 12; bilinear placing adds at most a quarter of
      // a pixel squared.
      sum += Math.sqrt(12 * Math.max(0, way - 0.3)) / hands;
    }
    expect(sum / shakePx(1 / 15, 0, pixel)).toBeGreaterThan(0.75);
    expect(sum / shakePx(1 / 15, 0, pixel)).toBeLessThan(1.15);
  });
  test('short times blur nothing', () => expect(shakeKernel(1, 1 / 4000, 0, pixel)).toBeNull());
  test('keeps the light of the picture, and equals a plain convolution away from its edges', () => {
    const [w, h] = [40, 30];
    const rgb = Float32Array.from({ length: 3 * w * h }, (_, i) => ((i * 7919) % 101) / 101);
    const kernel = shakeKernel(3, 1 / 30, 0, pixel)!;
    expect(kernel.share.reduce((a, b) => a + b)).toBeCloseTo(1, 5);
    const out = new Float32Array(3 * w * h);
    blurRows(rgb, w, h, kernel, 0, h, out);
    const [x, y, c] = [20, 15, 1];
    let wanted = 0;
    kernel.share.forEach(
      (share, k) => (wanted += share * rgb[3 * ((y + kernel.dy[k]) * w + x + kernel.dx[k]) + c]),
    );
    expect(out[3 * (y * w + x) + c]).toBeCloseTo(wanted, 5);
    const flat = new Float32Array(3 * w * h).fill(0.7);
    blurRows(flat, w, h, kernel, 0, h, out);
    expect(out.every((v) => Math.abs(v - 0.7) < 1e-5)).toBe(true);
  });
});

describe('smear', () => {
  test('a walker at 5 m crosses v t / d radians', () => {
    // 1.4 m/s for 1/60 s at 5 m: 4.67 mrad, of 0.330 mrad a pixel.
    expect(smearPx(1.4, 5, 1 / 60, pixelAngleRad(main, 1))).toBeCloseTo(14.1, 0);
  });
  test('faster subjects smear earlier, a still one never', () => {
    const from = (subject: Settings['subject']) =>
      bandOf('smears', context('pans-at-noon', { subject }))?.from;
    expect(from('walking')!).toBeGreaterThan(from('running')!);
    expect(from('running')!).toBeGreaterThan(from('vehicle')!);
    expect(from('still')).toBeUndefined();
    expect(from('scene')).toBeUndefined();
  });
  test('the wheel at the sluice smears by its own speed', () => {
    expect(bandOf('smears', context('sluice-at-dusk'))?.label).toBe('Wheel smears');
  });
});

describe('stars', () => {
  test('the sky turns by 15.04 arcseconds a second (86164.1 s sidereal day)', () => {
    expect((SKY_RATE_RAD_S * 180 * 3600) / Math.PI).toBeCloseTo(15.041, 3);
  });
  test('the 500 rule gives 19 s for 26 mm (common practice)', () => {
    expect(Math.round(fiveHundredRuleS(26))).toBe(19);
  });
  test('20 s is clear of the band, 30 s is in it, and the label has the second opinion', () => {
    const band = bandOf('trails', context('stars-over-the-pans', { support: 'tripod' }))!;
    expect(timeSFromClick(band.from)).toBeGreaterThan(21);
    expect(timeSFromClick(band.from)).toBeLessThan(30);
    expect(band.label).toContain('500/f: 19 s');
  });
});

describe('lamps on the mains', () => {
  test.each([
    ['1/100', 50, true],
    ['1/50', 50, true],
    ['1/125', 50, false],
    ['1/200', 50, false],
    ['1/60', 60, true],
    ['1/125', 60, true],
    ['1/100', 60, false],
    ['1/1000', 60, false],
  ] as const)('%s s on %d Hz leaves no stripes: %s (common practice)', (label, hz, clean) => {
    const [, under] = label.split('/').map(Number);
    const click = Math.round(-3 * Math.log2(under));
    expect(bandingContrast(timeSFromClick(click), hz, 0.35) <= BANDING_LIMIT).toBe(clean);
  });
  test('whole multiples of half a mains period leave nothing at all', () => {
    for (const n of [1, 2, 5]) expect(bandingContrast(n / 100, 50, 1)).toBeCloseTo(0, 9);
  });
  test('stripes lie along the sensor’s rows', () => {
    const shares = Float32Array.of(0.8, 0.9, 1.1, 1.2);
    const flat = new Float32Array(3 * 5 * 4).fill(2);
    const lit = striped(flat, 5, shares);
    for (const x of [0, 4]) expect(lit[3 * (2 * 5 + x) + 2]).toBeCloseTo(2 * shares[2], 5);
    expect(flat[0]).toBe(2);
  });
  test('the stripes of a rolling shutter are as deep as the band says', () => {
    const timeS = 1 / 250;
    const rows = rowShares(400, { startS: 0, timeS, mainsHz: 50, modulation: 0.35 });
    const depth = (Math.max(...rows) - Math.min(...rows)) / 2;
    expect(depth).toBeCloseTo(bandingContrast(timeS, 50, 0.35), 3);
  });
});

describe('noise along the ISO tape', () => {
  const where = context('pans-at-noon');
  test('photon transfer: SNR at mid-grey and three stops under it (EMVA 1288)', () => {
    const { midGrey, shadows } = noiseAt(where.optics!, 0);
    // 12000 e at saturation, mid-grey at 10/78 of it; read noise hypot(1.4, 5) e, PRNU 0.4 %.
    const s = (12000 * 10) / 78;
    const snr = (e: number) => e / Math.sqrt(e + 1.4 ** 2 + 25 + (0.004 * e) ** 2);
    expect(midGrey).toBeCloseTo(snr(s), 6);
    expect(shadows).toBeCloseTo(snr(s / 8), 6);
  });
  test('classes only get worse with ISO; below base it is extended', () => {
    const bands = isoNoise(where, ISO);
    expect(bands[0]).toMatchObject({ id: 'extended', from: -3, to: -1 });
    const grades = bands.slice(1).map((b) => b.grade!);
    expect(grades[0]).toBe(0);
    for (let i = 1; i < grades.length; i++) expect(grades[i]).toBeGreaterThan(grades[i - 1]);
    expect(bands.at(-1)!.to).toBe(ISO.max);
  });
  test('a crop is noisier to look at than the whole sensor at the same ISO', () => {
    const cropped = context('pans-at-noon', { crop: 3 });
    expect(noiseAt(cropped.optics!, 9).grade).toBeGreaterThan(noiseAt(where.optics!, 9).grade);
  });
});

describe('reach of compensation', () => {
  const input = {
    timeClick: null,
    isoClick: null,
    compClicks: 0,
    lightClicks: -36,
    timeRange: TIME,
    isoRange: ISO,
    baseIsoClick: 0,
    handheldTimeClick: -15,
  };
  const COMP = { min: -18, max: 18 };
  test('ends where the auto tapes run out', () => {
    const bands = compReach(input, COMP);
    // 1/4000 s at base ISO: one stop down to 1/8000 s, and no further.
    expect(bands).toHaveLength(1);
    expect(bands[0]).toMatchObject({ from: -18, to: -4, label: 'Time and ISO run out' });
    expect(compReach({ ...input, timeClick: -36 }, COMP)[0]).toMatchObject({
      to: -1,
      label: 'ISO runs out',
    });
  });
  test('with both set it says in words what Comp still does', () => {
    const [band] = compReach({ ...input, timeClick: -36, isoClick: 0 }, COMP);
    expect(band.label).toContain('target only');
  });
});

describe('zoom', () => {
  test('takes the longest lens that is not too long, and crops the rest', () => {
    expect(zoomTo(26)).toEqual({ lens: 'main', crop: 1 });
    expect(zoomTo(52)).toEqual({ lens: 'main', crop: 2 });
    expect(zoomTo(20).lens).toBe('ultrawide');
    expect(zoomTo(156)).toEqual({ lens: 'tele', crop: 2 });
    expect(zoomTo(5)).toEqual({ lens: 'ultrawide', crop: 1 });
    expect(zoomTo(9999)).toEqual({ lens: 'tele', crop: 4 });
  });
  test('a crop says honestly how many pixels are left', () => {
    expect(croppedSize(main, 1, 1)).toEqual({ widthPx: 4032, heightPx: 3024 });
    const { widthPx, heightPx } = croppedSize(main, 2, 1);
    expect((widthPx * heightPx) / (4032 * 3024)).toBeCloseTo(0.25, 2);
    expect(widthPx % 8).toBe(0);
  });
});
