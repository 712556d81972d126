import { join } from 'node:path';
import { beginCombining, CombineError, NO_CORRECTIONS, type StackRaw } from '../../src/combine';
import {
  composed,
  inverse,
  moved,
  STILL,
  type Homography,
} from '../../src/combine/align/homography';
import { findStars, type Star } from '../../src/combine/stars/findStars';
import { SkyMotion } from '../../src/combine/stars/skyMotion';
import type { RawFile } from '../../src/files';
import { hash32 } from '../../src/sensor';
import { run } from '../support/shots';

describe('eight frames of the sky over the pans, forty seconds apart', () => {
  const outcome = JSON.parse(
    run(process.execPath, ['--import', 'tsx', join(__dirname, 'starTrials.ts')]).toString(),
  ) as {
    leftOut: number[];
    stars: number;
    offMedian: number;
    widthTrue: number;
    widthStacked: number;
    noiseSingle: number;
    noiseStacked: number;
    skyShare: number;
    groundShare: number;
  };

  test('stars stay points where they stood in the first', () => {
    expect(outcome.leftOut).toEqual([]);
    expect(outcome.stars).toBeGreaterThan(40);
    expect(outcome.offMedian).toBeLessThan(0.15);
    expect(outcome.widthStacked).toBeLessThan(1.15 * outcome.widthTrue);
  });

  test('noise of the sky falls by the square root of their number', () => {
    expect(outcome.noiseSingle / outcome.noiseStacked).toBeGreaterThan(0.95 * Math.sqrt(8));
  });

  test('sky and ground are told apart', () => {
    expect(outcome.skyShare).toBeGreaterThan(0.85);
    expect(outcome.groundShare).toBeGreaterThan(0.92);
  });
});

const [WIDTH, HEIGHT] = [400, 300];
/** Turns about a place beside the picture, as the sky does about its pole. */
function turned(angle: number): Homography {
  const [re, im, px, py] = [Math.cos(angle), Math.sin(angle), -260, 40];
  return [re, -im, px - re * px + im * py, im, re, py - im * px - re * py, 0, 0, 1];
}

const SKY = Array.from({ length: 90 }, (_, k): Star => {
  const h = hash32(5, k);
  return {
    x: ((h & 1023) / 1023 - 0.5) * 360,
    y: (((h >>> 10) & 1023) / 1023 - 0.5) * 260,
    light: 1 + ((h >>> 20) & 255),
  };
});
const LAMPS = SKY.slice(0, 25).map(({ x, y }): Star => ({ x: 0.9 * x + 7, y: -y, light: 500 }));

const seen = (motion: Homography): Star[] => [
  ...LAMPS,
  ...SKY.map((star) => {
    const [x, y] = moved(motion, star.x, star.y);
    return { ...star, x, y };
  }),
];

describe('the motion of the sky', () => {
  const most = (a: Homography, b: Homography): number =>
    Math.max(
      ...[-180, 180].map((x) => {
        const [p, q] = [moved(a, x, 100), moved(b, x, 100)];
        return Math.hypot(p[0] - q[0], p[1] - q[1]);
      }),
    );

  test('is found beside lamps that stand, and followed', () => {
    const sky = new SkyMotion(seen(STILL), 1000);
    for (let k = 1; k < 9; k++) {
      const motion = sky.next(seen(turned(0.01 * k)));
      expect(motion).not.toBeNull();
      expect(most(motion!, turned(0.01 * k))).toBeLessThan(0.1);
    }
  });

  test('a frame of clouds is left out, and the next one found', () => {
    const sky = new SkyMotion(seen(STILL), 1000);
    expect(sky.next(seen(turned(0.01)))).not.toBeNull();
    expect(sky.next([])).toBeNull();
    expect(sky.next([])).toBeNull();
    expect(most(sky.next(seen(turned(0.04)))!, turned(0.04))).toBeLessThan(0.1);
    // The next one comes late: it is looked for anew.
    expect(most(sky.next(seen(turned(0.06)))!, turned(0.06))).toBeLessThan(0.1);
    expect(most(composed(turned(0.02), inverse(turned(0.02))), STILL)).toBeLessThan(1e-9);
  });

  test('is not found where nothing moves', () => {
    expect(new SkyMotion(seen(STILL), 1000).next(seen(STILL))).toBeNull();
  });
});

/** A frame of stars over a dark sky, and a bright edge below. */
function frameOf(stars: readonly Star[], seed: number): StackRaw {
  const data = new Uint16Array(WIDTH * HEIGHT);
  const light = new Float32Array(WIDTH * HEIGHT).fill(0.02);
  for (const { x, y } of stars) {
    const [cx, cy] = [x + (WIDTH - 1) / 2, y + (HEIGHT - 1) / 2];
    for (let v = Math.floor(cy) - 4; v <= cy + 5; v++)
      for (let u = Math.floor(cx) - 4; u <= cx + 5; u++)
        if (u >= 0 && v >= 0 && u < WIDTH && v < HEIGHT)
          light[v * WIDTH + u] += 0.3 * Math.exp(-((u - cx) ** 2 + (v - cy) ** 2) / 4);
  }
  for (let i = 0; i < data.length; i++) {
    const ground = i >= 270 * WIDTH ? 0.4 : 0;
    data[i] = 256 + 3839 * Math.min(1, light[i] + ground) + (hash32(seed, i) & 15) - 7.5;
  }
  return {
    data,
    width: WIDTH,
    height: HEIGHT,
    samplesPerPixel: 1,
    blackLevel: 256,
    whiteLevel: 4095,
    noise: { scale: 1e-5, offset: 1.5e-6 },
    exposure: 1,
  };
}

const fileOf = (frame: StackRaw): RawFile =>
  ({
    raw: { ...frame, kind: 'cfa', crop: { x: 0, y: 0, width: WIDTH, height: HEIGHT } },
    baselineExposure: 0,
    exif: {},
  }) as unknown as RawFile;

describe('stars of a frame', () => {
  const apart = SKY.filter(
    (star, k) =>
      star.y < 90 && SKY.every((o, n) => n === k || Math.hypot(o.x - star.x, o.y - star.y) > 16),
  );

  test('are found where they are, to a fifth of a photosite; an edge is none', () => {
    const found = findStars(frameOf(apart, 1));
    for (const { x, y } of apart) {
      const off = Math.min(...found.map((star) => Math.hypot(star.x - x, star.y - y)));
      expect(off).toBeLessThan(0.2);
    }
    expect(found).toHaveLength(apart.length);
  });

  test('where there are too few, that is said', () => {
    const combiner = beginCombining('stars', true);
    const frame = frameOf([], 1);
    expect(() => combiner.add(fileOf(frame), frame)).toThrow(/Too few stars are seen/);
  });

  test('that do not move tell nothing: the frames are left out', () => {
    const combiner = beginCombining('stars', true);
    for (const seed of [1, 2]) combiner.add(fileOf(frameOf(apart, seed)), frameOf(apart, seed));
    expect(() => combiner.combine(NO_CORRECTIONS, () => {})).toThrow(CombineError);
  });

  test('what is painted as ground stays as it stood', () => {
    const combiner = beginCombining('stars', true);
    for (let k = 0; k < 3; k++) {
      const stars = apart.map((star) => {
        const [x, y] = moved(turned(0.01 * k), star.x, star.y);
        return { ...star, x, y };
      });
      const frame = frameOf(stars, k);
      combiner.add(fileOf(frame), frame);
    }
    const star = apart.find(({ x, y }) => Math.abs(x) < 120 && Math.abs(y) < 80)!;
    const place = { x: star.x / WIDTH + 0.5, y: star.y / HEIGHT + 0.5 };
    const at = Math.round(star.y + (HEIGHT - 1) / 2) * WIDTH + Math.round(star.x + (WIDTH - 1) / 2);
    const asSky = combiner.combine(NO_CORRECTIONS, () => {});
    const dab = { ...place, radius: 0.1, frame: 0 };
    const asGround = combiner.combine({ moved: [], painted: [dab] }, () => {});
    expect(asSky.result.light[3 * at + 1]).toBeGreaterThan(0.25);
    // Of three frames it shone there in one.
    expect(asGround.result.light[3 * at + 1]).toBeLessThan(0.6 * asSky.result.light[3 * at + 1]);
  });
});
