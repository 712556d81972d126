import { readFileSync } from 'node:fs';
import { differenceCiede2000 } from 'culori';
import fc from 'fast-check';
import { decodeSrgb, iccProfile, type OutputSpace } from '../../src/colour';
import { whiteFromNeutral, whitePointOf } from '../../src/colour';
import {
  decodeDng,
  rawDeveloper,
  readDng,
  writeDevelopedTiff,
  type DecodedRaw,
} from '../../src/files';
import { developFrame } from '../../src/files';
import {
  AS_EXPOSED,
  developBytes,
  developWords,
  isAsExposed,
  isSameDevelopment,
  lookOf,
  LOOKS,
  RawDeveloping,
  withLook,
  type Development,
} from '../../src/recipe';
import { BandPlanes } from '../../src/recipe/develop/bandPlanes';
import { fillDemosaiced } from '../../src/recipe/develop/lightOfRaw';
import { movedStops } from '../../src/recipe/develop/plainLoops';
import { gainNumbers, planTone } from '../../src/recipe/develop/tonePlan';
import { demosaicDirected } from '../../src/sensor/demosaicDirected';
import { fileOf, readMapFile, readPortableMap, run, shoot } from '../support/shots';
import { lab, patchIndex, patchMeans, patches } from '../support/wallColours';

/** A raw developed by a recipe: against LibRaw, ImageMagick and ExifTool, and against itself. */

const signal = (v: number): number => decodeSrgb(v / 65535);
const decoded = (file: string): DecodedRaw =>
  decodeDng(readDng(new Uint8Array(readFileSync(file))));
const words = (raw: DecodedRaw, recipe: Partial<Development> = {}, space: OutputSpace = 'srgb') =>
  developWords(raw, { ...AS_EXPOSED, ...recipe }, { space });
const means = ({ data, width, height }: ReturnType<typeof words>) =>
  patchMeans(data, width, height, signal);

/** Dark enough that even white lies where the rendering curve is the identity. */
const WALL = ['--scene', 'test-wall', '--white', '5003', '--time', '1/250', '--seed', '3'];
const wall = decoded(shoot(...WALL));
const distance = differenceCiede2000();

describe('against other developers', () => {
  test('LibRaw develops every patch as we do: mean CIEDE2000 under 2', () => {
    const copy = fileOf(readFileSync(shoot(...WALL)));
    // Camera white balance, linear 16-bit sRGB, no automatic brightness.
    run('dcraw_emu', ['-w', '-W', '-4', '-o', '1', copy]);
    const map = readMapFile(`${copy}.ppm`);
    const theirs = patches(map.data, map.width, map.height);
    const { data, width, height } = words(wall);
    const all = patches(data, width, height, signal).map((rgb, i) =>
      distance(lab(rgb), lab(theirs[i])),
    );
    expect(all.reduce((a, b) => a + b) / all.length).toBeLessThan(2);
  });

  test('Display P3, brought to sRGB by its profile by ImageMagick, is what we make in sRGB', () => {
    const { data, width, height } = words(wall, {}, 'display-p3');
    const raw = new Uint8Array(readFileSync(shoot(...WALL)));
    const parts = writeDevelopedTiff(data, raw, { width, height, space: 'display-p3' });
    const tiff = fileOf(Buffer.concat(parts), 'p3.tif');
    const profile = fileOf(iccProfile('srgb'), 'srgb.icc');
    const map = readPortableMap(
      run('convert', [tiff, '-profile', profile, '-strip', '-depth', '16', 'ppm:-']),
    );
    const theirs = patchMeans(map.data, map.width, map.height, signal);
    const ours = means(words(wall));
    const p3 = means({ data, width, height, channels: 3 });
    const apart = (a: typeof ours, b: typeof ours) =>
      Math.max(...a.map((rgb, i) => distance(lab(rgb), lab(b[i]))));
    expect(apart(ours, theirs)).toBeLessThan(0.5);
    // The numbers do differ: painted boards are less saturated in the wider space.
    expect(apart(ours, p3)).toBeGreaterThan(2);
  });

  test('ExifTool reads the profile and how it was taken', () => {
    const { data, width, height } = words(wall);
    const raw = new Uint8Array(readFileSync(shoot(...WALL)));
    for (const [space, name, code] of [
      ['srgb', 'sRGB', 1],
      ['display-p3', 'Display P3', 65535],
    ] as const) {
      const tiff = fileOf(
        Buffer.concat(writeDevelopedTiff(data, raw, { width, height, space })),
        'a.tif',
      );
      const [said] = JSON.parse(
        run('exiftool', ['-j', '-n', '-validate', '-warning', tiff]).toString(),
      ) as Record<string, unknown>[];
      expect(said).not.toHaveProperty('Warning');
      expect(run('exiftool', ['-j', '-n', tiff]).toString()).toContain(name);
      const [all] = JSON.parse(run('exiftool', ['-j', '-n', tiff]).toString()) as Record<
        string,
        unknown
      >[];
      expect(all).toMatchObject({
        ProfileDescription: name,
        ColorSpace: code,
        ISO: 100,
        Orientation: 1,
        ImageWidth: width,
        BitsPerSample: '16 16 16',
        Model: 'Simulated phone camera',
      });
    }
  });
});

describe('a recipe', () => {
  test('without changes gives the picture the camera made, but for the last steps of a byte', () => {
    const { raw } = wall.file;
    const camera = developFrame(
      { ...raw, raw: wall.data },
      rawDeveloper(wall.file),
      raw.crop,
      wall.file.orientation === 6,
    );
    const ours = developBytes(wall, AS_EXPOSED, { space: 'srgb' });
    expect([ours.width, ours.height]).toEqual([camera.width, camera.height]);
    const apart = ours.data.map((v, i) => Math.abs(v - camera.data[i])).sort();
    // Edges are demosaiced otherwise.
    expect(apart[Math.floor(0.5 * apart.length)]).toBeLessThanOrEqual(1);
    expect(apart[Math.floor(0.9 * apart.length)]).toBeLessThanOrEqual(4);
  });

  test('one stop brighter is the next frame of a bracket, within noise', () => {
    const next = decoded(shoot(...WALL.slice(0, 4), '--time', '1/125', '--seed', '4'));
    const [brighter, longer, same] = [words(wall, { exposure: 1 }), words(next), words(wall)].map(
      means,
    );
    brighter.forEach((rgb, i) => {
      expect(distance(lab(rgb), lab(longer[i]))).toBeLessThan(1);
    });
    const grey = patchIndex('grey-18');
    expect(brighter[grey][1] / same[grey][1]).toBeCloseTo(2, 1);
  });

  test('white of a neutral place makes it, and what was wrong with it all, neutral', () => {
    // By lamp, taken for daylight.
    const wrong = decoded(
      shoot('--scene', 'test-wall-lamp', '--white', '6504', '--time', '1/250', '--seed', '3'),
    );
    const right = decoded(
      shoot('--scene', 'test-wall-lamp', '--white', '2856', '--time', '1/250', '--seed', '3'),
    );
    const white = whitePointOf(whiteFromNeutral(right.file.profile, right.file.asShotNeutral));
    const chroma = (rgb: [number, number, number]) => Math.hypot(lab(rgb).a, lab(rgb).b);
    const grey = patchIndex('grey-18');
    const before = means(words(wrong));
    const after = means(words(wrong, { white }));
    expect(chroma(before[grey])).toBeGreaterThan(20);
    expect(chroma(after[grey])).toBeLessThan(1.5);
    // Just as if it had been taken so.
    const taken = means(words(right));
    after.forEach((rgb, i) => expect(distance(lab(rgb), lab(taken[i]))).toBeLessThan(0.3));
  });

  test('shadows brighten what is dark alone, highlights darken what is bright alone', () => {
    const plain = means(words(wall, { exposure: 2 }));
    const opened = means(words(wall, { exposure: 2, shadows: 1 }));
    const pressed = means(words(wall, { exposure: 2, highlights: -1 }));
    const [white, black] = [patchIndex('white-90'), patchIndex('black-3')];
    const stops = (a: typeof plain, i: number) => Math.log2(a[i][1] / plain[i][1]);
    expect(stops(opened, black)).toBeGreaterThan(0.3);
    expect(Math.abs(stops(opened, white))).toBeLessThan(0.05);
    expect(stops(pressed, white)).toBeLessThan(-0.1);
    expect(Math.abs(stops(pressed, black))).toBeLessThan(0.05);
  });

  test('no saturation and greys have no colour; greys weigh the channels', () => {
    for (const recipe of [
      { saturation: -1 },
      { greys: [0.2, 0.7, 0.1] as const },
      { greys: [1, 0, 0] as const, contrast: 0.5 },
    ]) {
      const { data } = words(wall, recipe);
      let most = 0;
      for (let i = 0; i < data.length; i += 3)
        most = Math.max(most, Math.abs(data[i] - data[i + 1]), Math.abs(data[i] - data[i + 2]));
      expect(most).toBeLessThan(20);
    }
    const colour = means(words(wall));
    const red = means(words(wall, { greys: [1, 0, 0] }));
    colour.forEach(([r], i) => expect(red[i][1]).toBeCloseTo(Math.max(0, r), 2));
  });

  test('leaves the raw as it is', () => {
    const before = wall.data.slice();
    words(wall, { exposure: 2, noise: 1, sharpening: 1, shadows: 1 });
    expect(Buffer.compare(Buffer.from(before.buffer), Buffer.from(wall.data.buffer))).toBe(0);
  });

  test('tones keep their order, whatever is set', () => {
    const share = fc.double({ min: -1, max: 1, noNaN: true });
    fc.assert(
      fc.property(share, share, share, (contrast, highlights, shadows) => {
        const { local } = planTone(wall.file, { ...AS_EXPOSED, contrast, highlights, shadows });
        if (!local) return;
        const shown = Array.from({ length: 3000 }, (_, i) => {
          const stops = i / 128 - 15;
          return stops + movedStops(stops, stops, gainNumbers(local));
        });
        const steps = shown.slice(1).map((stops, i) => stops - shown[i]);
        expect(Math.min(...steps)).toBeGreaterThan(0);
      }),
    );
  });

  test('looks are recipes: told again from what they set, and taken back', () => {
    const base = { ...AS_EXPOSED, exposure: 1, noise: 0.5 };
    for (const look of LOOKS) {
      const dressed = withLook(base, look);
      expect(lookOf(dressed)).toBe(look);
      expect(dressed).toMatchObject({ exposure: 1, noise: 0.5 });
      expect(isSameDevelopment(withLook(dressed, null), base)).toBe(true);
      expect(lookOf({ ...dressed, contrast: 0.77 })).toBeNull();
    }
    expect(isAsExposed(AS_EXPOSED)).toBe(true);
    expect(isAsExposed(base)).toBe(false);
  });
});

/** A raw of any values: a mosaic of a size, seen from an odd place on. */
function madeRaw(
  width: number,
  height: number,
  value: (x: number, y: number) => number,
  orientation = 1,
): DecodedRaw {
  const data = new Uint16Array(width * height);
  for (let y = 0, i = 0; y < height; y++)
    for (let x = 0; x < width; x++, i++)
      data[i] = Math.max(0, Math.min(4095, Math.round(value(x, y))));
  const { raw } = wall.file;
  const crop = { x: 1, y: 3, width: width - 3, height: height - 5 };
  const layout = { ...raw, width, height, crop, blackLevel: 256, whiteLevel: 4095 };
  return { file: { ...wall.file, raw: layout, orientation }, data, gains: null, unapplied: [] };
}

/** The same numbers every time (Lehmer, 1951). */
function noiseOf(seed: number): () => number {
  let state = seed;
  const uniform = () => (state = (state * 48271) % 2147483647) / 2147483647;
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}

const busy = (x: number, y: number) =>
  256 + 1500 * (1 + Math.sin(x / 7) * Math.cos(y / 5)) + ((x * 7919 + y * 104729) % 613);

describe('the loops', () => {
  test('demosaic as the plain demosaic along edges does, wherever a piece begins', () => {
    const raw = madeRaw(75, 60, busy);
    const mosaic = Float32Array.from(raw.data, (v, i) => {
      void i;
      return (v - 256) / 3839 + 1;
    });
    for (const [x, y, width, height] of [
      [0, 0, 72, 55],
      [5, 8, 31, 20],
      [6, 3, 30, 13],
      [71, 54, 1, 1],
    ]) {
      const planes = new BandPlanes(width, height, 4);
      fillDemosaiced(planes, raw, [1, 1, 1], { x, y, width, height, factor: 1 });
      const expected = new Float32Array(3 * width * height);
      demosaicDirected(mosaic, 75, 60, { x: x + 1, y: y + 3, width, height }, expected);
      let most = 0;
      for (let row = 0, i = 0; row < height; row++)
        for (let column = 0; column < width; column++)
          for (let c = 0; c < 3; c++, i++) {
            const ours = planes.floats[(planes.row(c, row) >> 2) + column];
            most = Math.max(most, Math.abs(ours - (expected[i] - 1)));
          }
      expect(most).toBeLessThan(2e-6);
    }
  });

  const recipes: readonly [string, Partial<Development>][] = [
    ['nothing', {}],
    ['tones', { exposure: 1.33, contrast: 0.4, highlights: -0.7, shadows: 0.6, saturation: 0.3 }],
    ['white and greys', { white: { kelvin: 3200, tint: 8 }, greys: [1.1, 0.2, -0.3] }],
    ['what is fine', { noise: 0.8, sharpening: 0.7 }],
  ];

  test.each(recipes)('compiled and plain agree: %s', (_name, recipe) => {
    const raw = madeRaw(70, 50, busy);
    const development = { ...AS_EXPOSED, ...recipe };
    for (const space of ['srgb', 'display-p3'] as const) {
      const fast = developWords(raw, development, { space });
      const plain = developWords(raw, development, { space, plain: true });
      const most = (apart: (v: number, i: number) => number) =>
        fast.data.reduce((so, v, i) => Math.max(so, Math.abs(apart(v, i))), 0);
      // What an entry of a table that rounding misses makes.
      expect(most((v, i) => v - plain.data[i])).toBeLessThan(40);
      const bytes = developBytes(raw, development, { space }).data;
      const byteOf = (i: number) => bytes[4 * Math.floor(i / 3) + (i % 3)];
      expect(most((v, i) => byteOf(i) - v / 257)).toBeLessThan(0.51);
      expect(bytes[3]).toBe(255);
    }
  });

  test.each(recipes)('a piece is what it is in the whole: %s', (_name, recipe) => {
    const raw = madeRaw(210, 190, busy);
    const development = { ...AS_EXPOSED, ...recipe };
    const whole = developWords(raw, development, { space: 'srgb' });
    const piece = { x: 81, y: 70, width: 33, height: 41, factor: 1 };
    const part = new RawDeveloping(raw).develop(development, 'srgb', piece);
    let most = 0;
    for (let y = 0; y < part.height; y++)
      part.words(y).forEach((v, i) => {
        const there = whole.data[3 * ((piece.y + y) * whole.width + piece.x) + i];
        most = Math.max(most, Math.abs(v - there));
      });
    expect(most).toBeLessThan(40);
  });

  test('a turned raw is the same picture, turned', () => {
    const upright = developWords(madeRaw(60, 40, busy), AS_EXPOSED, { space: 'srgb' });
    const turned = developWords(madeRaw(60, 40, busy, 6), AS_EXPOSED, { space: 'srgb' });
    expect([turned.width, turned.height]).toEqual([upright.height, upright.width]);
    // Orientation 6 (TIFF 6.0): the first row is the right edge.
    for (const [x, y] of [
      [0, 0],
      [10, 20],
      [56, 34],
    ])
      for (let c = 0; c < 3; c++)
        expect(turned.data[3 * (x * turned.width + turned.width - 1 - y) + c]).toBe(
          upright.data[3 * (y * upright.width + x) + c],
        );
  });
});

describe('what is fine', () => {
  const profile = { scale: 4e-4, offset: 4e-6 };
  const noisy = (light: (x: number) => number): DecodedRaw => {
    const noise = noiseOf(7);
    const raw = madeRaw(240, 200, (x) => {
      const v = light(x);
      return 256 + 3839 * (v + Math.sqrt(profile.scale * v + profile.offset) * noise());
    });
    return { ...raw, file: { ...raw.file, raw: { ...raw.file.raw, noise: profile } } };
  };
  /** Mean and standard deviation of linear green over columns. */
  const greenOf = (raw: DecodedRaw, recipe: Partial<Development>, from: number, to: number) => {
    const { data, width, height } = words(raw, recipe);
    const values: number[] = [];
    for (let y = 20; y < height - 20; y++)
      for (let x = from; x < to; x++) values.push(signal(data[3 * (y * width + x) + 1]));
    const mean = values.reduce((a, b) => a + b) / values.length;
    const square = values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / values.length;
    return { mean, deviation: Math.sqrt(square) };
  };

  test('noise of a known size goes to a fifth; light, and an edge of a stop, stay', () => {
    const flat = noisy(() => 0.05);
    const before = greenOf(flat, {}, 20, 200);
    const after = greenOf(flat, { noise: 1 }, 20, 200);
    expect(before.deviation / after.deviation).toBeGreaterThan(5);
    expect(Math.abs(after.mean / before.mean - 1)).toBeLessThan(0.005);
    const edge = noisy((x) => (x < 120 ? 0.05 : 0.1));
    const [dark, bright] = [
      greenOf(edge, { noise: 1 }, 110, 116),
      greenOf(edge, { noise: 1 }, 122, 128),
    ];
    expect(bright.mean / dark.mean).toBeGreaterThan(1.95);
    expect(bright.mean / dark.mean).toBeLessThan(2.05);
  });

  test('half of it takes out less', () => {
    const flat = noisy(() => 0.02);
    const [none, half, all] = [0, 0.5, 1].map(
      (noise) => greenOf(flat, { noise }, 20, 200).deviation,
    );
    expect(half).toBeLessThan(0.8 * none);
    expect(all).toBeLessThan(0.6 * half);
  });

  test('sharpening makes an edge steeper without rims, and leaves even tones alone', () => {
    const step = madeRaw(
      80,
      60,
      (x) => 256 + 3839 * (0.05 + 0.35 / (1 + Math.exp((40 - x) / 0.6))),
    );
    const row = (recipe: Partial<Development>) => {
      const { data, width } = words(step, recipe);
      return Array.from({ length: width }, (_, x) => data[3 * (30 * width + x) + 1]);
    };
    const [plain, sharp] = [row({}), row({ sharpening: 1 })];
    const steepest = (values: number[]) =>
      Math.max(...values.slice(1).map((v, i) => v - values[i]));
    expect(steepest(sharp) / steepest(plain)).toBeGreaterThan(1.3);
    expect(Math.max(...sharp) - Math.max(...plain)).toBeLessThan(0.1 * 65535);
    expect(Math.abs(sharp[5] - plain[5])).toBeLessThan(20);
  });
});
