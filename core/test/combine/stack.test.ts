import { readFileSync } from 'node:fs';
import jpeg from 'jpeg-js';
import { assembleLinearDng, decodeRaw, readDng } from '../../src/files';
import { FrameStack, greenPlane, TranslationAligner, type StackedFrame } from '../../src/combine';
import { LINEAR_WHITE, linearTable, SRGB_RESPONSE, type VideoResponse } from '../../src/response';
import { CURVES, dice, filmFrame, lightOf, patches } from '../support/films';
import { fileOf, readMapFile, readPortableMap, run } from '../support/shots';

const [WIDTH, HEIGHT] = [240, 180];
const SRGB_TABLE = linearTable(SRGB_RESPONSE, LINEAR_WHITE);

/**
 * A smooth scene as a function of place, so that it can be seen from anywhere without being
 * interpolated.
 */
function scene(dx: number, dy: number, width = WIDTH, height = HEIGHT): Float32Array {
  const { uniform } = dice(11);
  const waves = Array.from({ length: 24 }, () => {
    const [angle, length] = [2 * Math.PI * uniform(), 7 + 40 * uniform()];
    const k = (2 * Math.PI) / length;
    return { kx: k * Math.cos(angle), ky: k * Math.sin(angle), phase: 7 * uniform() };
  });
  return Float32Array.from({ length: width * height }, (_, p) => {
    const [x, y] = [(p % width) - dx, Math.floor(p / width) - dy];
    const sum = waves.reduce((s, { kx, ky, phase }) => s + Math.sin(kx * x + ky * y + phase), 0);
    return 0.18 * 2 ** (0.35 * sum);
  });
}

/** Averages frames of the film camera. */
function stackOf(frames: readonly Uint8ClampedArray[], table = SRGB_TABLE): StackedFrame {
  const stack = new FrameStack(frames[0], WIDTH, HEIGHT, table);
  for (const frame of frames.slice(1)) stack.add(frame);
  return stack.finish();
}

/**
 * Standard deviation of an average against the light it is of, over the patches' inner pixels, as a
 * share of the light.
 */
function relativeError(data: ArrayLike<number>, light: Float32Array, white: number): number {
  let [sum, n] = [0, 0];
  for (let p = 0; p < light.length; p++) {
    if (light[p] > 0.7 || light[p] < 0.05) continue;
    for (let c = 0; c < 3; c++, n++)
      sum += (data[3 * p + c] / white / light[p] - 1) ** 2 * light[p];
  }
  return Math.sqrt(sum / n);
}

describe('averaging frames', () => {
  const light = patches(WIDTH, HEIGHT, 30, 4).map((v) => 0.22 * v);
  const NOISE = 0.03;
  const { normal } = dice(3);
  const film = Array.from({ length: 64 }, () => filmFrame(light, 1, [CURVES.sRgb], NOISE, normal));

  test.each([4, 9, 16, 36, 64])(
    'of %i frames from a tripod: noise falls by the square root of their number within 5 %%, and says so',
    (n) => {
      const stacked = stackOf(film.slice(0, n));
      const alone = relativeError(stackOf(film.slice(0, 1)).data, light, LINEAR_WHITE);
      const error = relativeError(stacked.data, light, LINEAR_WHITE);
      const gain = alone / error / Math.sqrt(n);
      expect(gain).toBeGreaterThan(0.95);
      expect(gain).toBeLessThan(1.05);
      const { noise } = stacked;
      expect(noise!.timesLess / Math.sqrt(n)).toBeGreaterThan(0.95);
      expect(noise!.timesLess / Math.sqrt(n)).toBeLessThan(1.05);
      // The film's variance is NOISE^2 of the light, wherever it does not clip.
      expect(noise!.before.scale).toBeGreaterThan(0.9 * NOISE ** 2);
      expect(noise!.before.scale).toBeLessThan(1.1 * NOISE ** 2);
      expect((noise!.after.scale * n) / NOISE ** 2).toBeGreaterThan(0.88);
      expect((noise!.after.scale * n) / NOISE ** 2).toBeLessThan(1.12);
      expect(stacked.rejectedShare).toBeLessThan(0.002);
    },
  );

  test('clipping is judged on linear light: what most frames clip is white, and counted', () => {
    const bright = light.map((v, p) => (p % WIDTH < WIDTH / 4 ? 1.5 : v));
    const { data, clippedShare } = stackOf(
      Array.from({ length: 6 }, () => filmFrame(bright, 1, [CURVES.sRgb], NOISE, normal)),
    );
    expect(data[3 * (5 * WIDTH + 10)]).toBe(LINEAR_WHITE);
    for (const share of clippedShare) {
      expect(share).toBeGreaterThan(0.249);
      expect(share).toBeLessThan(0.33);
    }
  });

  test('something that walks through is left out', () => {
    const still = Array.from({ length: 12 }, (_, k) => {
      const walked = light.slice();
      for (let y = 60; y < 120; y++)
        for (let x = 18 * k; x < 18 * k + 16; x++) walked[y * WIDTH + x] = 0.9;
      return filmFrame(walked, 1, [CURVES.sRgb], 0.01, normal);
    });
    const stacked = stackOf(still);
    // A twelfth of the light of a passer-by would stay without rejection.
    let worst = 0;
    for (let y = 70; y < 110; y += 3)
      for (let x = 40; x < 200; x += 3) {
        const p = y * WIDTH + x;
        // Where patches meet, what is left of the alignment shows; what walked through would show
        // in their middles.
        if (light[p - 3] !== light[p + 3] || light[p - 3 * WIDTH] !== light[p + 3 * WIDTH])
          continue;
        worst = Math.max(worst, Math.abs(stacked.data[3 * p] / LINEAR_WHITE - light[p]));
      }
    expect(worst).toBeLessThan(0.03);
    expect(stacked.rejectedShare).toBeGreaterThan(0.01);
  });

  test('a camera with another curve is averaged on its own light', () => {
    const curve = Float32Array.from({ length: 256 }, (_, v) => lightOf(CURVES.film, v / 255));
    const response: VideoResponse = [curve, curve, curve];
    const frames = Array.from({ length: 16 }, () =>
      filmFrame(light, 1, [CURVES.film], NOISE, normal),
    );
    const right = stackOf(frames, linearTable(response, LINEAR_WHITE));
    expect(relativeError(right.data, light, LINEAR_WHITE)).toBeLessThan(0.01);
    expect(relativeError(stackOf(frames).data, light, LINEAR_WHITE)).toBeGreaterThan(0.03);
  });

  test('a frame of something else is left out and counted', () => {
    const stack = new FrameStack(film[0], WIDTH, HEIGHT, SRGB_TABLE);
    const blank = new Uint8ClampedArray(4 * WIDTH * HEIGHT).fill(90);
    expect(stack.add(blank)).toBe(false);
    expect(stack.add(film[1])).toBe(true);
    expect(stack.finish()).toMatchObject({ frames: 2, leftOut: 1 });
  });
});

describe('frames from the hand', () => {
  const SHIFTS = [
    [0.5, 0.25],
    [-3.3, 2.7],
    [7.75, -5.4],
    [-14.2, -11.6],
    [22.4, 16.9],
    [0.1, -0.9],
  ];
  const { normal } = dice(8);
  const seen = (dx: number, dy: number) => filmFrame(scene(dx, dy), 1, [CURVES.sRgb], 0.04, normal);
  const first = seen(0, 0);

  test('are averaged alike with and without WebAssembly, in pictures of any width', () => {
    const [width, height] = [131, 90];
    const shifts = [...SHIFTS, [2, -1], [0, 0], [-6.4, 3.1]];
    const frames = shifts.map(([dx, dy]) =>
      filmFrame(scene(dx, dy, width, height), 4, [CURVES.sRgb], 0.04, normal),
    );
    // What passes through some of them is left out by both.
    for (const [k, frame] of frames.entries()) if (k > 5) frame.fill(20 * k, 4000, 6000);
    const averaged = [false, true].map((plain) => {
      const stack = new FrameStack(frames[0], width, height, SRGB_TABLE, plain);
      for (const frame of frames.slice(1)) stack.add(frame);
      return stack.finish();
    });
    const [fast, plain] = averaged;
    expect([fast.frames, plain.frames]).toEqual([8, 8]);
    expect(fast.rejectedShare).toBeGreaterThan(0.001);
    expect(fast.rejectedShare).toBeCloseTo(plain.rejectedShare, 4);
    expect(fast.clippedShare.map((share) => share > 0.005)).toEqual([true, true, true]);
    for (const c of [0, 1, 2]) expect(fast.clippedShare[c]).toBeCloseTo(plain.clippedShare[c], 3);
    const apart = fast.data.map((v, i) => Math.abs(v - plain.data[i]));
    expect(apart.filter((v) => v > 1).length / apart.length).toBeLessThan(1e-3);
  });

  test('are aligned within 0.3 px, noise and all', () => {
    const aligner = new TranslationAligner(greenPlane(first, WIDTH, HEIGHT));
    for (const [dx, dy] of SHIFTS) {
      const found = aligner.align(greenPlane(seen(dx, dy), WIDTH, HEIGHT));
      expect(Math.hypot(found!.dx - dx, found!.dy - dy)).toBeLessThan(0.1);
    }
  });

  test('along bare lines nothing tells how far they moved: they are taken to stay', () => {
    const bars = Float32Array.from(
      { length: WIDTH * HEIGHT },
      (_, p) => 0.03 * 2 ** Math.floor((5 * (p % WIDTH)) / WIDTH),
    );
    const frame = () => filmFrame(bars, 1, [CURVES.sRgb], 0.04, normal);
    const aligner = new TranslationAligner(greenPlane(frame(), WIDTH, HEIGHT));
    for (let k = 0; k < 6; k++) {
      const found = aligner.align(greenPlane(frame(), WIDTH, HEIGHT));
      expect(Math.hypot(found!.dx, found!.dy)).toBeLessThan(0.3);
    }
  });

  test('are laid on the first: the average is sharp, and less noisy', () => {
    const frames = [first, ...SHIFTS.map(([dx, dy]) => seen(dx, dy))];
    const { data, shifts } = stackOf(frames);
    expect(shifts).toHaveLength(7);
    const light = scene(0, 0);
    const inner = (values: ArrayLike<number>, white: number): number => {
      let [sum, n] = [0, 0];
      for (let y = 25; y < HEIGHT - 25; y++)
        for (let x = 30; x < WIDTH - 30; x++) {
          const p = y * WIDTH + x;
          if (light[p] > 0.7 || light[p] < 0.05) continue;
          sum += (values[3 * p] / white / light[p] - 1) ** 2;
          n++;
        }
      return Math.sqrt(sum / n);
    };
    const alone = stackOf([first]).data;
    // Seven frames: 2.6 times less; a little of it is lost to the interpolation of a picture of
    // waves.
    expect(inner(alone, LINEAR_WHITE) / inner(data, LINEAR_WHITE)).toBeGreaterThan(2.2);
  });
});

test('the stacked DNG opens in dcraw and LibRaw with the same values and a neutral grey, and tells time, count and noise', () => {
  // Bars of grey, and a corner that clips.
  const greys = Float32Array.from({ length: WIDTH * HEIGHT }, (_, p) =>
    p % WIDTH > 200 ? 1.4 : 0.02 * 2 ** Math.floor((p % WIDTH) / 40),
  );
  const { normal } = dice(21);
  const stacked = stackOf(
    Array.from({ length: 16 }, () => filmFrame(greys, 1, [CURVES.sRgb], 0.03, normal)),
  );
  const preview = jpeg.encode(
    { data: Buffer.alloc(4 * WIDTH * HEIGHT, 128), width: WIDTH, height: HEIGHT },
    90,
  );
  const file = fileOf(
    Buffer.concat(
      assembleLinearDng(
        { data: stacked.data, width: WIDTH, height: HEIGHT },
        stacked.noise!.after,
        new Uint8Array(preview.data),
        {
          make: 'Browser camera',
          model: 'test',
          software: 'Velmo',
          description: 'Average of 16 processed video frames; not sensor data.',
          capturedAt: { epochMs: 0, offsetMinutes: 0 },
          timeS: 1 / 50,
          composite: { taken: 17, used: 16, periodS: 0.6 },
        },
      ),
    ),
  );
  const dng = readDng(new Uint8Array(readFileSync(file)));
  expect(decodeRaw(dng)).toEqual(stacked.data);
  const map = readPortableMap(
    run('dcraw', ['-4', '-o', '0', '-r', '1', '1', '1', '1', '-c', file]),
  );
  expect([map.width, map.height, map.channels]).toEqual([WIDTH, HEIGHT, 3]);
  for (let i = 0; i < map.data.length; i += 53)
    expect(Math.abs(map.data[i] - stacked.data[i])).toBeLessThanOrEqual(1);

  run('dcraw_emu', ['-w', '-W', '-4', '-o', '1', file]);
  const developed = readMapFile(`${file}.ppm`);
  for (let bar = 0; bar < 5; bar++) {
    const sums = [0, 0, 0];
    let n = 0;
    for (let y = 20; y < HEIGHT - 20; y++)
      for (let x = 40 * bar + 10; x < 40 * bar + 30; x++, n++)
        for (let c = 0; c < 3; c++) sums[c] += developed.data[3 * (y * WIDTH + x) + c];
    const [r, g, b] = sums.map((sum) => sum / n);
    expect(Math.abs(r / g - 1)).toBeLessThan(0.01);
    expect(Math.abs(b / g - 1)).toBeLessThan(0.01);
    expect(g / 65535 / (0.02 * 2 ** bar)).toBeGreaterThan(0.97);
    expect(g / 65535 / (0.02 * 2 ** bar)).toBeLessThan(1.03);
  }

  const [tags] = JSON.parse(
    run('exiftool', ['-json', '-n', '-All:All', '-validate', file]).toString(),
  );
  expect(tags.Validate).toBe('0 0 0');
  expect(tags).toMatchObject({
    CompositeImage: 3,
    CompositeImageCount: '17 16',
    ExposureTime: 0.02,
  });
  expect(tags.CompositeImageExposureTimes.split(' ').map(Number).slice(0, 9)).toEqual([
    0.6, 0.34, 0.32, 0.02, 0.02, 0.02, 0.02, 1, 17,
  ]);
  const [scale] = tags.NoiseProfile.split(' ').map(Number);
  expect((scale * 16) / 0.03 ** 2).toBeGreaterThan(0.85);
  expect((scale * 16) / 0.03 ** 2).toBeLessThan(1.15);
});
