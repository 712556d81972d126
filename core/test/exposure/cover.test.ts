import { darkestLight } from '../../src/monitor';
import { findLens } from '../../src/optics';
import { photositeResponse, shareOfSnr, signalToNoise } from '../../src/sensor';

describe('the share of saturation that gives an SNR', () => {
  const { sensor } = findLens('main')!;

  test.each([
    [100, 1],
    [100, 2],
    [800, 1],
    [3200, 2],
  ] as const)('at ISO %i, binned %i: the noise model gives that SNR back', (iso, binning) => {
    const response = photositeResponse(sensor, iso, binning);
    for (const snr of [1, 2, 4, 10, 30])
      expect(signalToNoise(shareOfSnr(response, snr) * response.saturationE, response)).toBeCloseTo(
        snr,
        9,
      );
  });

  test('is none where photosites differ by more', () => {
    const response = { ...photositeResponse(sensor, 100, 1), prnu: 0.05 };
    expect(shareOfSnr(response, 21)).toBe(Infinity);
    expect(shareOfSnr(response, 19)).toBeLessThan(Infinity);
  });
});

test('the darkest hundredth of the light is found within a 128th of a stop, whatever lies above', () => {
  const light = new Float32Array(3 * 30_000).fill(5000);
  for (let p = 0; p < 300; p++) light.fill(0.001, 3 * p, 3 * p + 3);
  for (let p = 300; p < 1200; p++) light.fill(0.37, 3 * p, 3 * p + 3);
  expect(Math.abs(Math.log2(darkestLight(light) / 0.37))).toBeLessThan(1 / 128);
});
