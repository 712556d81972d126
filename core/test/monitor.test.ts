import { cv } from 'opencv-wasm';
import { centreWeights } from '../src/exposure';
import {
  binStops,
  createMonitorResult,
  LADDER_BINS,
  ladderBin,
  ladderBinTable,
  MARK_CLIPPED,
  MARK_CRUSHED,
  monitorPass,
  printMarks,
  rawStatistics,
  surveyLight,
  type MonitorTables,
} from '../src/monitor';

const WIDTH = 64;
const HEIGHT = 48;
const tables: MonitorTables = {
  bins: ladderBinTable(256, 4095, 10 / 78),
  whiteLevel: 4095,
  crushedLevel: 260,
  luma: [54, 183, 19],
};

/** Raw values with clipped and crushed pixels among them. */
const raw = Uint16Array.from({ length: 3 * WIDTH * HEIGHT }, (_, i) => {
  const v = ((i * 2654435761) >>> 9) % 5200;
  return v > 4600 ? 250 : Math.min(4095, v);
});
const weights = centreWeights(WIDTH, HEIGHT);
const result = createMonitorResult(WIDTH * HEIGHT);
monitorPass(raw, weights, tables, result);

describe('ladder scale', () => {
  test('raw clipping stands 2.96 stops over mid-grey at base ISO (ISO 12232: log2(78/10))', () => {
    const bins = ladderBinTable(256, 4095, 10 / 78);
    expect(Math.abs(binStops(bins[4095]) - Math.log2(7.8))).toBeLessThan(1 / 6);
    expect(Math.abs(binStops(bins[256 + Math.round((3839 * 10) / 78)]))).toBeLessThan(1 / 6);
  });
  test('every stop has six bins, and tones off the scale fall into the ends', () => {
    expect(ladderBin(1) - ladderBin(0)).toBe(6);
    expect([ladderBin(-99), ladderBin(-Infinity), ladderBin(NaN), ladderBin(99)]).toEqual([
      0,
      0,
      0,
      LADDER_BINS - 1,
    ]);
  });
});

describe('monitor pass', () => {
  test('histograms equal OpenCV’s, channel by channel', () => {
    const image = cv.matFromArray(HEIGHT, WIDTH, cv.CV_16UC3, raw);
    const planes = new cv.MatVector();
    cv.split(image, planes);
    for (let c = 0; c < 3; c++) {
      const source = new cv.MatVector();
      source.push_back(planes.get(c));
      const histogram = new cv.Mat();
      cv.calcHist(source, [0], new cv.Mat(), histogram, [4096], [0, 4096]);
      const expected = new Uint32Array(LADDER_BINS);
      for (let dn = 0; dn < 4096; dn++) expected[tables.bins[dn]] += histogram.data32F[dn];
      expect(Array.from(result.histogram.subarray(c * LADDER_BINS, (c + 1) * LADDER_BINS))).toEqual(
        Array.from(expected),
      );
    }
  });

  test('clip counts and meter equal OpenCV’s', () => {
    const image = cv.matFromArray(HEIGHT, WIDTH, cv.CV_16UC3, raw);
    const planes = new cv.MatVector();
    cv.split(image, planes);
    const mask = cv.matFromArray(HEIGHT, WIDTH, cv.CV_32FC1, weights);
    let metered = 0;
    for (let c = 0; c < 3; c++) {
      const plane = new cv.Mat();
      planes.get(c).convertTo(plane, cv.CV_32F);
      const clipped = new cv.Mat();
      cv.threshold(plane, clipped, 4094.5, 1, cv.THRESH_BINARY);
      expect(result.counts[c]).toBe(cv.countNonZero(clipped));
      metered += (tables.luma[c] / 256) * plane.dot(mask);
    }
    expect(result.meterLevel).toBeCloseTo(metered, 1);
  });

  test('a pixel is marked clipped in the channels that clip, crushed only when all three are', () => {
    const one = createMonitorResult(3);
    const pixels = Uint16Array.from([4095, 10, 10, 200, 250, 260, 200, 250, 900]);
    monitorPass(pixels, new Float32Array(3).fill(1 / 3), tables, one);
    expect(Array.from(one.marks)).toEqual([1, MARK_CRUSHED, 0]);
    expect(Array.from(one.counts)).toEqual([1, 0, 0, 1, 1]);
  });

  test('sizes that do not fit are refused', () => {
    expect(() => monitorPass(raw, weights.subarray(1), tables, result)).toThrow(RangeError);
  });
});

describe('meter pattern', () => {
  test('weights sum to 1, are symmetric, and favour the centre', () => {
    const sum = weights.reduce((s, w) => s + w, 0);
    expect(sum).toBeCloseTo(1, 5);
    expect(weights[0]).toBeCloseTo(weights[WIDTH * HEIGHT - 1], 10);
    expect(weights[(HEIGHT / 2) * WIDTH + WIDTH / 2]).toBeGreaterThan(20 * weights[0]);
  });
});

describe('light survey', () => {
  test('highlights are what all but a thousandth of the frame stays under: glints do not rule', () => {
    const light = new Float32Array(3 * 10000).fill(100);
    for (let i = 0; i < 5; i++) light[3 * i * 100] = 1e6;
    const even = surveyLight(light, new Float32Array(10000).fill(1e-4), [0, 1, 0]);
    expect(Math.abs(Math.log2(even.highlights[0] / 100))).toBeLessThan(0.02);
    expect(even.meterLuminance).toBeCloseTo(100, 2);
    for (let i = 0; i < 50; i++) light[3 * i * 100] = 1e6;
    const bright = surveyLight(light, new Float32Array(10000).fill(1e-4), [0, 1, 0]);
    expect(Math.abs(Math.log2(bright.highlights[0] / 1e6))).toBeLessThan(0.02);
  });
});

describe('clip marks', () => {
  test('clipped and crushed are told apart by pattern, not only by colour', () => {
    const area = (mark: number): number => {
      const rgba = new Uint8ClampedArray(4 * 48 * 48);
      printMarks(new Uint8Array(48 * 48).fill(mark), 48, 48, 6, rgba);
      return rgba.filter((v, i) => i % 4 < 3 && v > 0).length;
    };
    expect(area(0)).toBe(0);
    expect(area(MARK_CLIPPED)).toBeGreaterThan(1.8 * area(MARK_CRUSHED));
    expect(area(MARK_CRUSHED)).toBeGreaterThan(0);
  });
});

describe('statistics of a stored raw', () => {
  test('mosaic channels are kept apart', () => {
    const mosaic = Uint16Array.from([1256, 4095, 1256, 2256, 2256, 4095, 256, 4095]);
    const s = rawStatistics(mosaic, 4, 1, {
      blackLevel: 256,
      whiteLevel: 4095,
      midGreyShare: 0.128,
    });
    expect(s.mean).toEqual([1000, (3839 + 2000 + 2000 + 0) / 4, 3839]);
    expect(s.clippedShare).toEqual([0, 0.25, 1]);
    expect(s.histogram.reduce((a, b) => a + b, 0)).toBe(8);
  });
});
