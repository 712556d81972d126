import {
  avFromFNumber,
  ev100FromExposure,
  ev100FromLuminance,
  focalPlaneExposure,
  formatSignedThirds,
  formatStops,
  formatThirds,
  isoFromClick,
  luminanceFromEv100,
  nominalTime,
  parseIso,
  parseTime,
  saturationExposure,
  svFromIso,
  timeSFromClick,
  TIME_CLICKS,
  tvFromTimeS,
} from '../../src/exposure';

describe('clicks and nominal scales', () => {
  test('a click is a third of a stop: three double the light', () => {
    expect(timeSFromClick(3)).toBeCloseTo(2, 12);
    expect(isoFromClick(3)).toBeCloseTo(200, 9);
  });

  test('engraved series of shutter times (common practice, no source)', () => {
    const from = parseTime('1/13')!;
    expect([0, -1, -2, -3, -4].map((k) => nominalTime(from + k))).toEqual(
      '1/13 1/15 1/20 1/25 1/30'.split(' '),
    );
  });

  test('ISO 100 to 200 is three clicks (common practice, no source)', () => {
    expect(parseIso('200')! - parseIso('100')!).toBe(3);
  });

  test('the scales reach from 1/8000 s to 60 s and ISO 25 to 25600', () => {
    expect(nominalTime(TIME_CLICKS.min)).toBe('1/8000');
    expect(nominalTime(TIME_CLICKS.max)).toBe('60');
    expect(parseIso('25')).toBe(-6);
    expect(parseIso('25600')).toBe(24);
  });

  test('every engraved time lies within a sixth of a stop of the true one', () => {
    for (let k = TIME_CLICKS.min; k <= TIME_CLICKS.max; k++) {
      const text = nominalTime(k);
      const seconds = text.startsWith('1/') ? 1 / Number(text.slice(2)) : Number(text);
      expect(Math.abs(Math.log2(seconds / timeSFromClick(k)))).toBeLessThan(1 / 6);
      expect(parseTime(text)).toBe(k);
    }
  });

  test.each(['', 'fast', '1/0', '0', '-1', '1/99999', '3600', '1/125/2'])(
    '"%s" is no shutter time',
    (text) => expect(parseTime(text)).toBeNull(),
  );
  test.each(['', 'x', '0', '12', '99999', '-100', '1e3'])('"%s" is no ISO speed', (text) =>
    expect(parseIso(text)).toBeNull(),
  );

  test('thirds are written as people say them', () => {
    expect([0, 1, 2, 3, 8].map(formatThirds)).toEqual(['0', '1/3', '2/3', '1', '2 2/3']);
    expect([-2, 0, 4].map(formatSignedThirds)).toEqual(['−2/3', '0', '+1 1/3']);
    expect([1.5, -4.5, 0.5].map(formatThirds)).toEqual(['1/2', '1 1/2', '1/6']);
    expect([1, 3, 4].map(formatStops)).toEqual(['1/3 stop', '1 stop', '1 1/3 stops']);
  });
});

describe('APEX', () => {
  // Exif 3.0 / CIPA DC-008, annex on APEX: f/1 = Av 0, 1 s = Tv 0, ISO 100 = Sv 5.
  test.each([
    [1, 0],
    [1.4, 1],
    [2, 2],
    [2.8, 3],
    [4, 4],
    [16, 8],
  ])('f/%d is Av %d', (n, av) => expect(avFromFNumber(n)).toBeCloseTo(av, 1));
  test('time and speed values', () => {
    expect(tvFromTimeS(1)).toBeCloseTo(0, 12);
    expect(tvFromTimeS(1 / 128)).toBe(7);
    expect(svFromIso(100)).toBe(5);
    expect(svFromIso(400)).toBe(7);
  });
});

describe('reflected metering', () => {
  // ISO 2720 with K = 12.5 cd/m2: EV100 = log2(8 L), so EV100 15 is 4096 cd/m2.
  test('EV100 15 is 4096 cd/m2', () => {
    expect(ev100FromLuminance(4096)).toBe(15);
    expect(luminanceFromEv100(15)).toBe(4096);
  });
  test('sunny 16 is EV100 14.6 to 15 (common practice, no source)', () => {
    const ev = ev100FromExposure(1 / 100, 16, 100);
    expect(ev).toBeGreaterThan(14.6);
    expect(ev).toBeLessThan(15);
  });
  test('focal-plane exposure: H = q L t / N^2 with q = 0.65 (ISO 12232)', () => {
    expect(focalPlaneExposure(4096, 1 / 128, 8)).toBeCloseTo(0.325, 6);
    expect(saturationExposure(100)).toBeCloseTo(0.78, 12);
  });
});
