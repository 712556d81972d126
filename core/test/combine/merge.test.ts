import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  ALL_FRAMES,
  canonicalMoved,
  combinedDng,
  CombineError,
  combinedShot,
  decimated,
  fitsWhole,
  mergedVariance,
  mergeRows,
  movedAt,
  planMerge,
  stackRaw,
  statedExposure,
  withFrame,
  beginCombining,
  NO_CORRECTIONS,
  type StackRaw,
} from '../../src/combine';
import { meanSquares } from '../../src/combine/merge/disagreement';
import { halfBits } from '../../src/files/dng/floatBlock';
import { decodeDng, decodeStored, readDng, type RawFile } from '../../src/files';
import { hash32 } from '../../src/sensor';
import { fileOf, readMapFile, run, shootAs } from '../support/shots';

interface Outcome {
  readonly median: number;
  readonly p95: number;
  readonly judged: number;
  readonly noise: number;
  readonly rangeStops: number;
  readonly movedShare: number;
  readonly disagree: number;
  readonly mixed: number;
  readonly own?: { readonly median: number; readonly p95: number };
  readonly peer?: { readonly median: number; readonly p95: number };
}

const outcomes = <T = Outcome>(trials: object[]): T[] =>
  JSON.parse(
    run(process.execPath, [
      '--import',
      'tsx',
      join(__dirname, 'mergeTrials.ts'),
      JSON.stringify(trials),
    ]).toString(),
  );

describe('merging a bracket of the simulated camera', () => {
  const FIVE = [1 / 4096, 1 / 512, 1 / 64, 1 / 8, 1];
  const [shed, sluice] = outcomes([
    { scene: 'drying-shed', crop: 2, times: FIVE, apartS: 0.3, peer: true },
    { scene: 'sluice-at-dusk', crop: 2, times: [1 / 512, 1 / 64, 1 / 8], apartS: 0.5 },
  ]);

  test("finds the shed's own light over more than 14 stops: median under 0.02, 95 % under 0.1 stop", () => {
    expect(shed.rangeStops).toBeGreaterThan(14);
    expect(shed.judged).toBeGreaterThan(0.98);
    expect(shed.median).toBeLessThan(0.02);
    expect(shed.p95).toBeLessThan(0.1);
  });

  test('has the noise the model says is possible, within 10 %', () => {
    // Two merges of the same light with other noise: what photosites differ by is in both.
    expect(Math.abs(shed.noise - 1)).toBeLessThan(0.1);
  });

  test('is closer to the light than OpenCV’s merge (Debevec and Malik 1997) of the same frames', () => {
    expect(shed.own!.median).toBeLessThan(shed.peer!.median);
    expect(shed.own!.p95).toBeLessThan(shed.peer!.p95);
    // The peer does what it is known for: it is no straw man.
    expect(shed.peer!.median).toBeLessThan(0.05);
  });

  test('takes nothing for moved in a still shed, and finds the water and the wheel', () => {
    expect(shed.movedShare).toBe(0);
    expect(sluice.movedShare).toBeGreaterThan(0.1);
    expect(sluice.movedShare).toBeLessThan(0.9);
  });

  test('mixes no two positions of what moves', () => {
    expect(sluice.disagree).toBeGreaterThan(20_000);
    expect(sluice.mixed).toBe(0);
  });
});

describe('brackets of the shed on a tripod', () => {
  const SHED = { scene: 'drying-shed', crop: 2 };
  // Noise with which one in twenty was once laid anew, and another had a corner of the door for
  // moved: what clips beside what does not, and cells of which clipping leaves few samples.
  const [darker, brighter] = outcomes<{ aligned: number; moved: number }>([
    { ...SHED, times: [1 / 4096, 1 / 1024, 1 / 256], still: [27, 39, 54, 82, 84, 87] },
    { ...SHED, times: [1 / 1000, 1 / 250, 1 / 60, 1 / 15], still: [87, 91, 1009, 1037, 1142] },
  ]);

  test('are taken as they are, whatever their noise', () => {
    expect([darker.aligned, brighter.aligned]).toEqual([0, 0]);
  });

  test('hold nothing that moved', () => {
    expect([darker.moved, brighter.moved]).toEqual([0, 0]);
  });
});

/** No multiple of a cell, nor of four. */
const SIZE = [118, 98] as const;
const [WIDE, HIGH] = SIZE;

/** A mosaic of even light with a little noise, exposed for so long. */
function evenFrame(exposure: number, seed: number, light = 0.02, moved = false): StackRaw {
  const [width, height] = SIZE;
  const data = new Uint16Array(width * height);
  for (let i = 0; i < data.length; i++) {
    const [x, y] = [i % width, Math.floor(i / width)];
    const bright = moved && x >= 24 && x < 40 && y >= 16 && y < 32 ? 1 / 4 : 1;
    const share = Math.min(1, light * bright * exposure);
    const noise = ((hash32(seed, i) % 2001) / 1000 - 1) * 4;
    data[i] = share === 1 ? 4095 : Math.min(4095, Math.round(256 + 3839 * share + noise));
  }
  return {
    data,
    width,
    height,
    samplesPerPixel: 1,
    blackLevel: 256,
    whiteLevel: 4095,
    noise: { scale: 1e-5, offset: (2.3 / 3839) ** 2 },
    exposure,
  };
}

/** The largest difference of two planes. */
const furthest = (a: Float32Array, b: Float32Array): number =>
  a.reduce((most, v, i) => Math.max(most, Math.abs(v - b[i])), 0);

const merged = (stack: readonly StackRaw[]): Float32Array => {
  const light = new Float32Array(stack[0].data.length);
  mergeRows(planMerge(stack), 0, stack[0].height, light);
  return light;
};

describe('merging', () => {
  test('is the inverse-variance mean of what holds the light (Hasinoff, Durand, Freeman 2010)', () => {
    const stack = [evenFrame(1, 1), evenFrame(4, 2), evenFrame(16, 3)];
    const light = merged(stack);
    const share = (k: number, i: number): number => (stack[k].data[i] - 256) / 3839;
    for (const i of [0, 77, 3000]) {
      const weights = [1, 4, 16].map((e) => (e * e) / (1e-5 * e * 0.02 + (2.3 / 3839) ** 2));
      const sum = weights.reduce((a, w, k) => a + (w * share(k, i)) / 4 ** k, 0);
      expect(light[i]).toBeCloseTo(sum / weights.reduce((a, b) => a + b), 5);
    }
  });

  test('leaves out what clips, and says white where all do', () => {
    const held = merged([evenFrame(1, 1, 0.3), evenFrame(8, 2, 0.3)]);
    expect(held[500]).toBeCloseTo(0.3, 2);
    expect(merged([evenFrame(1, 1, 2), evenFrame(8, 2, 2)])[500]).toBeCloseTo(1, 6);
  });

  test('measures exposures where files state them wrongly', () => {
    const wrong = { ...evenFrame(5, 2, 0.1), exposure: 4 };
    const { frames } = planMerge([evenFrame(1, 1, 0.1), wrong]);
    expect(frames[1].given).toBeCloseTo(5, 1);
    // Too little in common: what the files say.
    const dark = [evenFrame(1, 1, 0.0005), { ...evenFrame(5, 2, 0.0005), exposure: 4 }];
    expect(planMerge(dark).frames[1].given).toBe(4);
  });

  test('takes one frame for what moved, the fullest that does not clip, and another when told to', () => {
    const stack = [evenFrame(16, 3), evenFrame(1, 1, 0.02, true), evenFrame(4, 2, 0.02, true)];
    const plan = planMerge(stack);
    expect(plan.frames.map(({ index }) => index)).toEqual([1, 2, 0]);
    expect(plan.moved.regions).toHaveLength(1);
    const at = { x: 30 / WIDE, y: 20 / HIGH };
    expect(movedAt(plan.moved, at.x, at.y, stack[0])).toBe(0);
    expect(movedAt(plan.moved, 0.95, 0.95, stack[0])).toBeNull();
    expect(plan.moved.regions[0].frame).toBe(2);
    const lightOf = (frame: number): number => {
      const light = new Float32Array(stack[0].data.length);
      mergeRows({ ...plan, moved: withFrame(plan.moved, 0, frame) }, 0, HIGH, light);
      return light[20 * WIDE + 30];
    };
    expect(lightOf(2)).toBeCloseTo((stack[0].data[20 * WIDE + 30] - 256) / 3839 / 16, 6);
    expect(lightOf(1)).toBeCloseTo((stack[2].data[20 * WIDE + 30] - 256) / 3839 / 4, 6);
    expect(lightOf(ALL_FRAMES)).toBeGreaterThan(0.012);
    expect(lightOf(ALL_FRAMES)).toBeLessThan(0.0199);
    const place = canonicalMoved(plan.moved, 0, stack[0]);
    expect(movedAt(plan.moved, place.x, place.y, stack[0])).toBe(0);
    expect(() => withFrame(plan.moved, 1, 0)).toThrow(RangeError);
  });

  test('says in words what cannot be merged', () => {
    expect(() => planMerge([evenFrame(1, 1)])).toThrow(CombineError);
    const small = { ...evenFrame(1, 1), width: 116 };
    expect(() => planMerge([evenFrame(1, 1), small])).toThrow(/differ in size/);
    const linear = { ...evenFrame(1, 1), samplesPerPixel: 3 as const };
    expect(() => planMerge([evenFrame(1, 1), linear])).toThrow(/one camera and kind/);
  });

  test('does the same without WebAssembly', () => {
    const stack = [evenFrame(1, 1), evenFrame(4, 2, 0.02, true), evenFrame(16, 3, 0.03)];
    const plan = planMerge(stack);
    const [fast, plain] = [new Float32Array(WIDE * HIGH), new Float32Array(WIDE * HIGH)];
    mergeRows(plan, 0, HIGH, fast);
    mergeRows(plan, 0, HIGH, plain, true);
    expect(furthest(fast, plain)).toBeLessThan(1e-6);
    const [first, second] = plan.frames;
    const squares = meanSquares(first, second, 15, 13);
    const plainSquares = meanSquares(first, second, 15, 13, true);
    expect(furthest(squares, plainSquares) / Math.max(...plainSquares)).toBeLessThan(1e-5);
    expect(Math.max(...squares)).toBeGreaterThan(10);
  });
});

/** Three exposures of the shed, two stops apart, as files; and what their merge is. */
function shedFiles() {
  const files = [1 / 8, 1 / 32, 1 / 2].map((time) => {
    const args = ['--scene', 'drying-shed', '--mp', '3', '--crop', '3', '--time', String(time)];
    const bytes = new Uint8Array(readFileSync(shootAs('shed.dng', ...args)));
    return decodeDng(readDng(bytes));
  });
  const combiner = beginCombining('merge', true);
  for (const { file, data } of files) combiner.add(file, stackRaw(file, data));
  return { files, combined: combiner.combine(NO_CORRECTIONS, () => {}) };
}

describe('a merged DNG', () => {
  const { files, combined } = shedFiles();
  const { result, reference } = combined;
  const jpeg = Buffer.from(run('convert', ['-size', '64x48', 'xc:gray', 'jpeg:-']));
  const written = (floating: boolean, light = result): string => {
    const preview = { jpeg: new Uint8Array(jpeg), width: 64, height: 48 };
    const moment = { epochMs: 1_000_000, offsetMinutes: 0 };
    const sources = files.map(({ file }) => file);
    const shot = combinedShot('merge', sources[reference], sources, moment, 'Velmo');
    return fileOf(Buffer.concat(combinedDng(light, floating, preview, shot)), 'merged.dng');
  };
  const own = (path: string) => readDng(new Uint8Array(readFileSync(path)));

  test('looks as bright as the frame in the middle', () => {
    expect(reference).toBe(0);
    const file = files[0].file;
    expect(result.baselineExposure).toBeCloseTo(file.baselineExposure + 2, 1);
    expect(statedExposure(files[2].file) / statedExposure(file)).toBeCloseTo(4, 6);
  });

  test('of 16 bits: the same values by dcraw and LibRaw, nothing to say for ExifTool', () => {
    const path = written(false);
    run('unprocessed_raw', [path]);
    const dcraw = fileOf(run('dcraw', ['-D', '-4', '-t', '0', '-c', path]), 'dcraw.pgm');
    const [a, b] = [readMapFile(dcraw).data, readMapFile(`${path}.pgm`).data];
    expect(Buffer.from(a.buffer).equals(Buffer.from(b.buffer))).toBe(true);
    expect(Buffer.from(a.buffer).equals(Buffer.from(decodeStored(own(path)).buffer))).toBe(true);
    expect(run('dcraw_emu', ['-w', '-v', path]).toString()).toMatch(/Writing file/);
    const [tags] = JSON.parse(
      run('exiftool', ['-json', '-n', '-validate', '-All:All', path]).toString(),
    );
    expect(tags).toMatchObject({
      Validate: '0 0 0',
      CompositeImage: 3,
      CompositeImageCount: '3 3',
      WhiteLevel: 65535,
      ExposureTime: 1 / 8,
    });
    expect(tags.ImageDescription).toMatch(/^Simulated.*Merged from 3 exposures/);
    // Period, total of all and of those used, longest twice, shortest twice; one sequence of three.
    const times = tags.CompositeImageExposureTimes.split(' ').map(Number);
    expect(times.slice(3, 7)).toEqual([0.5, 0.5, 1 / 32, 1 / 32]);
    expect(times.slice(-3)).toEqual([1 / 8, 1 / 32, 1 / 2]);
  });

  test('of a width that LibRaw misreads in tiles of ours is read as it is', () => {
    const [width, height] = [1344, 440];
    const box = { x: 0, y: 0, width, height };
    const light = Float32Array.from({ length: width * height }, (_, i) => (i % 997) / 1000);
    const file = { ...result.file, raw: { ...result.file.raw, width, height, crop: box } };
    const path = written(false, { ...result, light, file });
    run('unprocessed_raw', [path]);
    const seen = readMapFile(`${path}.pgm`);
    expect([seen.width, seen.height]).toEqual([width, height]);
    expect(Buffer.from(seen.data.buffer).equals(Buffer.from(decodeStored(own(path)).buffer))).toBe(
      true,
    );
  });

  test('of 16 bits holds the light, right on the mean where its steps are coarser', () => {
    const { file, data } = decodeDng(own(written(false)));
    const { blackLevel, whiteLevel } = file.raw;
    const shares = Float32Array.from(data, (v) => (v - blackLevel) / (whiteLevel - blackLevel));
    expect(furthest(shares, result.light)).toBeLessThan(1.01 / 64511);
    const total = (light: Float32Array): number => light.reduce((sum, v) => sum + v, 0);
    expect(total(shares) / total(result.light)).toBeCloseTo(1, 4);
    expect(file.baselineExposure).toBeCloseTo(result.baselineExposure, 2);
  });

  test('of floating-point numbers: ExifTool finds nothing wrong, our own reader the same numbers', () => {
    const path = written(true);
    expect(run('exiftool', ['-s3', '-validate', path]).toString().trim()).toBe('OK');
    const dng = own(path);
    expect([dng.stored.bits, dng.stored.scale]).toEqual([16, 65535]);
    // Our own reader brings them to 16 bits.
    const read = Float32Array.from(decodeStored(dng), (v) => v / 65535);
    const close = result.light.every(
      (v, i) => Math.abs(read[i] - Math.max(0, v)) < Math.abs(v) / 2048 + 1e-5,
    );
    expect(close).toBe(true);
  });

  test('is of 32 bits where 16 would be too coarse for its noise, and says when 16 whole ones are', () => {
    expect(fitsWhole({ scale: 0, offset: 1e-8 })).toBe(true);
    const fine = { ...result, noise: { scale: 1e-9, offset: 1e-16 } };
    expect(fitsWhole(fine.noise)).toBe(false);
    const dng = own(written(true, fine));
    expect(dng.stored.bits).toBe(32);
    const whole = (v: number): number => Math.min(65535, Math.round(65535 * Math.max(0, v)));
    const wanted = Uint16Array.from(result.light, whole);
    expect(Buffer.from(decodeStored(dng).buffer).equals(Buffer.from(wanted.buffer))).toBe(true);
  });

  test('says what noise is left', () => {
    const [first] = planMerge(files.map(({ file, data }) => stackRaw(file, data))).frames;
    const frames = planMerge(files.map(({ file, data }) => stackRaw(file, data))).frames;
    const { scale, offset } = result.noise;
    const grey = 0.18 / 2 ** result.baselineExposure;
    expect(offset).toBeCloseTo(mergedVariance(frames, 0), 15);
    expect(scale * grey + offset).toBeCloseTo(mergedVariance(frames, grey), 12);
    expect(offset).toBeLessThan(first.noise.offset / 200);
  });
});

test('numbers of 16 bits are those of IEEE 754', () => {
  // From the standard's table of binary16: 1, the largest, the least normal and subnormal, 1/3.
  const known = [
    [0, 0],
    [1, 0x3c00],
    [-2, 0xc000],
    [65504, 0x7bff],
    [1e9, 0x7bff],
    [2 ** -14, 0x0400],
    [2 ** -24, 0x0001],
    [2 ** -26, 0],
    [1 / 3, 0x3555],
    [2047.6 / 2048, 0x3c00],
  ];
  for (const [value, bits] of known) expect(halfBits(value)).toBe(bits);
});

test('a first look keeps the mosaic in order, and the crop where it was', () => {
  const frame = evenFrame(1, 1);
  const raw = { ...frame, kind: 'cfa' as const, crop: { x: 8, y: 4, width: 60, height: 40 } };
  const { file, frame: small } = decimated({ raw } as unknown as RawFile, frame, 60);
  expect([small.width, small.height]).toEqual([58, 48]);
  expect(file.raw.crop).toEqual({ x: 4, y: 2, width: 30, height: 20 });
  for (const [x, y] of [
    [0, 0],
    [5, 3],
    [57, 47],
  ])
    expect(small.data[y * 58 + x]).toBe(
      frame.data[(4 * (y >> 1) + (y & 1)) * WIDE + 4 * (x >> 1) + (x & 1)],
    );
});
