import { cv } from 'opencv-wasm';
import { centreWeights } from '../../src/exposure';
import {
  binStops,
  CLIPPED_PINK,
  COUNT,
  createMonitorResult,
  createPictureMonitor,
  createComponentCounts,
  CRUSHED_TEAL,
  LADDER_BINS,
  ladderBin,
  ladderBinTable,
  MARK_CLIPPED,
  MARK_CRUSHED,
  MARK_SPECK,
  MARK_TONE,
  MARK_ZEBRA,
  meterLevel,
  monitorPass,
  monitorPicture,
  NOTHING_WATCHED,
  printClipView,
  printMarks,
  pushRight,
  rawStatistics,
  ConnectedComponents,
  surveyLight,
  toneLevels,
  zebraByte,
  zebraRawLevel,
  type MarkStyle,
  type MonitorTables,
} from '../../src/monitor';

const WIDTH = 64;
const HEIGHT = 48;
const tables: MonitorTables = {
  bins: ladderBinTable(256, 4095, 10 / 78),
  whiteLevel: 4095,
  crushedLevel: 260,
  luma: [54, 183, 19],
  zebraLevel: 3400,
  toneFrom: 1200,
  toneTo: 1500,
};

/** Raw values with clipped and crushed pixels among them. */
const raw = Uint16Array.from({ length: 3 * WIDTH * HEIGHT }, (_, i) => {
  const v = ((i * 2654435761) >>> 9) % 5200;
  return v > 4600 ? 250 : Math.min(4095, v);
});
const weights = centreWeights(WIDTH, HEIGHT);
const result = createMonitorResult(WIDTH * HEIGHT);
monitorPass(raw, tables, result);

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
    expect(meterLevel(raw, weights, tables.luma)).toBeCloseTo(metered, 1);
  });

  test('a pixel is marked clipped in the channels that clip, crushed only when all three are', () => {
    const one = createMonitorResult(3);
    const pixels = Uint16Array.from([4095, 10, 10, 200, 250, 260, 200, 250, 900]);
    monitorPass(pixels, { ...tables, ...NOTHING_WATCHED }, one);
    expect(Array.from(one.marks)).toEqual([1, MARK_CRUSHED, 0]);
    expect(Array.from(one.counts)).toEqual([1, 0, 0, 1, 1, 0, 0]);
  });

  test('sizes that do not fit are refused', () => {
    expect(() => monitorPass(raw.subarray(3), tables, result)).toThrow(RangeError);
  });
});

describe('zebra and second band', () => {
  test('pixels under them equal OpenCV’s', () => {
    const image = cv.matFromArray(HEIGHT, WIDTH, cv.CV_16UC3, raw);
    const planes = new cv.MatVector();
    cv.split(image, planes);
    const any = new cv.Mat(HEIGHT, WIDTH, cv.CV_8UC1, new cv.Scalar(0));
    for (let c = 0; c < 3; c++) {
      const low = new cv.Mat(HEIGHT, WIDTH, cv.CV_16UC1, new cv.Scalar(tables.zebraLevel));
      const high = new cv.Mat(HEIGHT, WIDTH, cv.CV_16UC1, new cv.Scalar(65535));
      const mask = new cv.Mat();
      cv.inRange(planes.get(c), low, high, mask);
      cv.bitwise_or(any, mask, any);
    }
    expect(result.counts[COUNT.zebra]).toBe(cv.countNonZero(any));
    expect(result.counts[COUNT.zebra]).toBe(result.marks.filter((m) => m & MARK_ZEBRA).length);
    const tone = result.marks.filter((m) => m & MARK_TONE).length;
    expect(result.counts[COUNT.tone]).toBe(tone);
    expect(tone).toBeGreaterThan(20);
  });
  test('a third of a stop under clipping is 2^(-1/3) of the range; nothing is watched where nothing is asked', () => {
    const levels = { blackLevel: 256, whiteLevel: 4095 };
    expect(zebraRawLevel({ on: 'raw', clicksUnder: 0 }, levels)).toBe(4095);
    expect(zebraRawLevel({ on: 'raw', clicksUnder: 1 }, levels)).toBe(
      Math.round(256 + 3839 * 2 ** (-1 / 3)),
    );
    expect(zebraRawLevel(null, levels)).toBeGreaterThan(4095);
    const { toneFrom, toneTo } = toneLevels(3, 10 / 78, levels);
    // One stop over mid-grey, a sixth of a stop to either side.
    const stops = (dn: number) => Math.log2((dn - 256) / (3839 * (10 / 78)));
    expect(stops(toneFrom)).toBeCloseTo(1 - 1 / 6, 2);
    expect(stops(toneTo + 1)).toBeCloseTo(1 + 1 / 6, 2);
    const nothing = toneLevels(null, 10 / 78, levels);
    expect(nothing.toneFrom).toBeGreaterThan(nothing.toneTo);
  });
  test('percent of the JPEG’s scale are those of BT.709: 235 is 100 %, 255 is 109 %', () => {
    expect(zebraByte({ on: 'picture', percent: 100 })).toBe(235);
    expect(zebraByte({ on: 'picture', percent: 109 })).toBe(255);
    expect(zebraByte({ on: 'picture', percent: 70 })).toBe(169);
    expect(zebraByte({ on: 'raw', clicksUnder: 0 })).toBe(256);
  });
});

describe('the developed picture', () => {
  const rgba = Uint8ClampedArray.from({ length: 4 * WIDTH * HEIGHT }, (_, i) =>
    i % 4 === 3 ? 255 : ((i * 2654435761) >>> 11) % 256,
  );
  test('its histograms equal OpenCV’s; luma is BT.709’s', () => {
    const picture = createPictureMonitor();
    const marks = new Uint8Array(WIDTH * HEIGHT);
    monitorPicture(rgba, 250, marks, picture);
    const image = cv.matFromArray(HEIGHT, WIDTH, cv.CV_8UC4, rgba);
    const planes = new cv.MatVector();
    cv.split(image, planes);
    for (let c = 0; c < 3; c++) {
      const source = new cv.MatVector();
      source.push_back(planes.get(c));
      const histogram = new cv.Mat();
      cv.calcHist(source, [0], new cv.Mat(), histogram, [256], [0, 256]);
      expect(Array.from(picture.histogram[c])).toEqual(Array.from(histogram.data32F));
    }
    const luma = new Array<number>(256).fill(0);
    for (let i = 0; i < rgba.length; i += 4)
      luma[Math.round(0.2126 * rgba[i] + 0.7152 * rgba[i + 1] + 0.0722 * rgba[i + 2])]++;
    expect(Array.from(picture.histogram[3])).toEqual(luma);
    expect(picture.zebra).toBe(luma.slice(250).reduce((a, b) => a + b));
    expect(picture.zebra).toBe(marks.filter((m) => m & MARK_ZEBRA).length);
  });
});

describe('specks', () => {
  /**
   * Blots of random size, so that groups of every shape touch, also by their corners and across
   * rows.
   */
  const marks = new Uint8Array(WIDTH * HEIGHT);
  for (let i = 0; i < 260; i++) {
    const at = (i * 2654435761) >>> 8;
    const x = at % WIDTH;
    const y = (at >>> 7) % HEIGHT;
    for (let k = 0; k <= i % 5; k++)
      marks[
        Math.min(HEIGHT - 1, y + (k >> 1)) * WIDTH + Math.min(WIDTH - 1, x + (k & 1) + (k >> 1))
      ] = 1 + (i % 7);
  }
  test.each([1, 3, 8, 40])('pixels in groups of up to %d equal OpenCV’s', (most) => {
    const mask = cv.matFromArray(
      HEIGHT,
      WIDTH,
      cv.CV_8UC1,
      marks.map((m) => (m > 0 ? 255 : 0)),
    );
    const [labels, stats, centres] = [new cv.Mat(), new cv.Mat(), new cv.Mat()];
    const groups = cv.connectedComponentsWithStats(mask, labels, stats, centres, 8, cv.CV_32S);
    let expected = 0;
    for (let g = 1; g < groups; g++) {
      const area = stats.intAt(g, cv.CC_STAT_AREA);
      if (area <= most) expected += area;
    }
    const counts = createComponentCounts();
    const own = marks.slice();
    new ConnectedComponents().find(own, WIDTH, MARK_CLIPPED, most, MARK_SPECK, counts);
    expect(counts.any).toBe(expected);
    expect(own.filter((m) => m & MARK_SPECK).length).toBe(expected);
    const red = own.filter((m) => (m & MARK_SPECK) !== 0 && (m & 1) !== 0).length;
    expect(counts.channels[0]).toBe(red);
  });
  test('a whole frame is one group, and an empty one none', () => {
    const counts = createComponentCounts();
    const finder = new ConnectedComponents();
    finder.find(new Uint8Array(WIDTH * HEIGHT).fill(7), WIDTH, MARK_CLIPPED, 8, 0, counts);
    expect(counts.any).toBe(0);
    finder.find(new Uint8Array(WIDTH * HEIGHT), WIDTH, MARK_CLIPPED, 8, 0, counts);
    expect(counts.any).toBe(0);
  });
});

describe('push right', () => {
  /** A scene of light 1..1000 that clips, in green first, from so many units of exposure on. */
  const clippingAt = (clicks: number) => {
    let any = 0;
    for (let light = 1; light <= 1000; light++) if (light * 2 ** (clicks / 3) > 400) any++;
    return { any, channels: [0, any, Math.floor(any / 2)] as [number, number, number] };
  };
  test.each([0, 1, 10, 100])('with %d pixels allowed finds what steps by hand find', (allowed) => {
    let byHand = -30;
    while (clippingAt(byHand + 1).any <= allowed) byHand++;
    const found = pushRight(clippingAt, allowed, { min: -45, max: 45 });
    expect(found).toMatchObject({ clicks: byHand, channel: 1, hopeless: false });
    expect(found.roomStops).toBeGreaterThan(0);
    expect(found.roomStops).toBeLessThanOrEqual(1 / 3);
  });
  test('where everything clips whatever is done, it says so', () => {
    const blown = () => ({ any: 5, channels: [5, 0, 0] as [number, number, number] });
    expect(pushRight(blown, 0, { min: -9, max: 9 })).toMatchObject({ hopeless: true, channel: 0 });
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

const STYLE: MarkStyle = {
  over: MARK_CLIPPED,
  under: true,
  zebra: true,
  tone: true,
  peak: null,
  pitch: 6,
  overColour: CLIPPED_PINK,
  underColour: CRUSHED_TEAL,
};

describe('clip marks', () => {
  test('clipped and crushed are told apart by pattern, not only by colour', () => {
    const area = (mark: number): number => {
      const rgba = new Uint8ClampedArray(4 * 48 * 48);
      printMarks(new Uint8Array(48 * 48).fill(mark), 48, 48, STYLE, rgba);
      return rgba.filter((v, i) => i % 4 < 3 && v > 0).length;
    };
    expect(area(0)).toBe(0);
    expect(area(MARK_CLIPPED)).toBeGreaterThan(1.8 * area(MARK_CRUSHED));
    expect(area(MARK_CRUSHED)).toBeGreaterThan(0);
  });
});

describe('marks and views', () => {
  test('zebra, second band and clip marks are told apart by pattern', () => {
    const pattern = (mark: number): string => {
      const rgba = new Uint8ClampedArray(4 * 48 * 48).fill(100);
      printMarks(new Uint8Array(48 * 48).fill(mark), 48, 48, STYLE, rgba);
      return Array.from({ length: 48 * 48 }, (_, p) => (rgba[4 * p] === 100 ? ' ' : 'x')).join('');
    };
    const patterns = [MARK_CLIPPED, MARK_CRUSHED, MARK_ZEBRA, MARK_TONE].map(pattern);
    expect(new Set(patterns).size).toBe(4);
    // A speck under the zebra is left to the clip marks.
    expect(pattern(MARK_ZEBRA | MARK_SPECK).trim()).toBe('');
  });
  test('sparse marks are printed where they are, wherever the frame lies in memory', () => {
    const [width, height] = [52, 40];
    const room = new Uint8Array(width * height + 1);
    let state = 5;
    for (let p = 0; p < room.length; p++) {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      room[p] =
        state >>> 28 === 0
          ? [MARK_CLIPPED, MARK_CRUSHED, MARK_ZEBRA, MARK_TONE][(state >>> 20) & 3]
          : 0;
    }
    const odd = room.subarray(1);
    const printed = [odd, odd.slice()].map((marks) => {
      const rgba = new Uint8ClampedArray(4 * width * height).fill(100);
      printMarks(marks, width, height, STYLE, rgba);
      return rgba;
    });
    // The copy begins at a multiple of four, and is looked at four pixels at a time.
    expect(printed[1]).toEqual(printed[0]);
    const touched = odd.filter((_, p) => printed[1][4 * p] !== 100);
    expect(touched.length).toBeGreaterThan(15);
    expect(touched.every((mark) => mark !== 0)).toBe(true);
  });
  test('dots alone are printed as they are beside marks of other kinds', () => {
    const [width, height] = [52, 40];
    const kinds = [0, 1, MARK_CLIPPED, MARK_CRUSHED, MARK_CRUSHED | 2];
    const marks = Uint8Array.from(
      { length: width * height },
      (_, p) => kinds[((p * 7919) % 11) % 5],
    );
    const printed = [false, true].map((tone) => {
      const rgba = new Uint8ClampedArray(4 * width * height).fill(100);
      printMarks(marks, width, height, { ...STYLE, over: 6, zebra: false, tone }, rgba);
      return rgba;
    });
    expect(printed[0]).toEqual(printed[1]);
    const colours = new Set(Array.from(marks, (_, p) => printed[0][4 * p]));
    expect(colours).toEqual(new Set([100, CLIPPED_PINK[0], CRUSHED_TEAL[0]]));
  });
  test('marks of one channel pass over the others', () => {
    const rgba = new Uint8ClampedArray(4 * 48 * 48);
    printMarks(new Uint8Array(48 * 48).fill(1), 48, 48, { ...STYLE, over: 2 }, rgba);
    expect(rgba.every((v) => v === 0)).toBe(true);
  });
  test('the clip view shows lost channels in their sum, and the rest in dark grey', () => {
    const rgba = Uint8ClampedArray.from([200, 200, 200, 255, 200, 200, 200, 255, 9, 9, 9, 255]);
    printClipView(Uint8Array.from([7, 2, MARK_CRUSHED]), rgba);
    expect([...rgba.slice(0, 3)]).toEqual([255, 255, 255]);
    expect([...rgba.slice(4, 7)]).toEqual([40, 255, 40]);
    expect([...rgba.slice(8, 11)]).toEqual([0, 0, 0]);
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
