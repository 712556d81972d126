import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import {
  createMonitorResult,
  createPictureMonitor,
  ladderBinTable,
  markPeaking,
  monitorPass,
  monitorPicture,
  peakingTable,
} from '../src/monitor';
import {
  baselineExposureFor,
  createDeveloper,
  DevelopingTable,
  whiteChromaticity,
} from '../src/colour';
import { blurRows, DefocusBlur, findLens, shakeKernel } from '../src/optics';
import {
  binMosaic,
  cameraProfile,
  createLightPlane,
  exposeLive,
  exposeMosaic,
  photositeResponse,
} from '../src/sensor';
import { clippedPhotosites } from '../src/sensor/clippedPhotosites';
import { striped } from '../src/simulate';
import { tentBlur } from '../src/simulate/lensBlur';
import { hasVectors } from '../src/wasm';

describe('vectors', () => {
  test('are there in Node, and missed where there is no WebAssembly, or none with them', () => {
    expect(hasVectors()).toBe(true);
    const real = globalThis.WebAssembly;
    for (const stand of [undefined, { validate: () => false }]) {
      Object.defineProperty(globalThis, 'WebAssembly', { value: stand, configurable: true });
      expect(hasVectors()).toBe(false);
    }
    Object.defineProperty(globalThis, 'WebAssembly', { value: real, configurable: true });
  });
});

describe('compiled inner loops', () => {
  test('each is what its source compiles to', () => {
    const root = join(__dirname, '../..');
    execFileSync(process.execPath, [join(root, 'tools/wasm.mjs'), '--check'], { cwd: root });
  });

  test('a live exposure is that of the same loop in TypeScript, but for the last count', () => {
    // Rows that are no multiple of four, as no camera has them.
    const [width, height] = [39, 26];
    const light = Float32Array.from({ length: 3 * width * height }, (_, i) => (i * i) % 977);
    const shares = (n: number): Float32Array =>
      Float32Array.from({ length: n }, (_, i) => 1 + (i % 3) / 4);
    const cases = [
      [100, null],
      [6400, { along: 'rows', shares: shares(height) }],
      [6400, { along: 'columns', shares: shares(width) }],
    ] as const;
    const seen: number[] = [];
    for (const [iso, stripes] of cases) {
      const response = photositeResponse(findLens('main')!.sensor, iso, 6.3);
      const [fast, plain] = [new Uint16Array(light.length), new Uint16Array(light.length)];
      const perLight = (1.3 * response.saturationE) / 977;
      exposeLive(light, width, response, perLight, 8, fast, stripes);
      exposeLive(light, width, response, perLight, 8, plain, stripes, true);
      let most = 0;
      plain.forEach((v, i) => (most = Math.max(most, Math.abs(v - fast[i]))));
      expect(most).toBeLessThanOrEqual(1);
      expect(new Set(fast).size).toBeGreaterThan(200);
      expect(Math.max(...fast)).toBe(4095);
      seen.push(fast.reduce((sum, v) => sum + v, 0));
    }
    // A quarter more light in the mean, less what clips.
    expect(seen[1] / seen[0]).toBeGreaterThan(1.05);
    expect(Math.abs(seen[2] / seen[1] - 1)).toBeLessThan(0.02);
  });

  test('a developed frame is that of the tables in TypeScript, but for the last step of a byte now and then', () => {
    const { sensor } = findLens('main')!;
    const developer = createDeveloper({
      profile: cameraProfile(sensor.sensitivities),
      white: whiteChromaticity({ kelvin: 3100, tint: 4 }),
      blackLevel: 256,
      whiteLevel: 4095,
      baselineExposure: baselineExposureFor(10 / 78),
    });
    // Not a multiple of four: what is left over counts as well.
    const pixels = 20003;
    const [fast, plain] = [new DevelopingTable(pixels), new DevelopingTable(pixels, true)];
    for (let i = 0; i < 3 * pixels; i++)
      fast.raw[i] = plain.raw[i] = ((200 + Math.imul(i, 2654435761)) >>> 20) % 4096;
    fast.develop(developer);
    plain.develop(developer);
    let [most, unlike] = [0, 0];
    plain.rgba.forEach((v, i) => {
      most = Math.max(most, Math.abs(v - fast.rgba[i]));
      if (v !== fast.rgba[i]) unlike++;
    });
    expect(most).toBeLessThanOrEqual(1);
    expect(unlike / plain.rgba.length).toBeLessThan(0.002);
    expect(new Set(fast.rgba).size).toBeGreaterThan(240);
    expect(fast.rgba[4 * pixels - 1]).toBe(255);
  });

  test('focus peaking marks the very pixels that the same loops in TypeScript mark', () => {
    const [width, height] = [123, 57];
    let state = 3;
    const raw = Uint16Array.from({ length: 3 * width * height }, (_, i) => {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      const x = Math.floor(i / 3) % width;
      return 300 + (x % 17 < 8 ? 900 : 3000) + (state >>> 24);
    });
    const luma = [54, 183, 19] as const;
    for (const strength of ['low', 'high'] as const) {
      const table = peakingTable(strength, { blackLevel: 256, whiteLevel: 4095 }, () => 5);
      const [fast, plain] = [new Uint8Array(width * height), new Uint8Array(width * height)];
      fast[200] = plain[200] = 4;
      const marked = markPeaking(raw, width, height, luma, table, fast);
      markPeaking(raw, width, height, luma, table, plain, true);
      expect(fast).toEqual(plain);
      expect(marked).toBeGreaterThan(300);
      expect(fast[200] & 4).toBe(4);
    }
  });

  test('the monitors count and mark what the same loops in TypeScript do, whatever the size', () => {
    let state = 77;
    const random = (): number => {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      return state >>> 9;
    };
    for (const pixels of [8 * 40, 8 * 40 + 5, 6]) {
      const raw = Uint16Array.from({ length: 3 * pixels }, () => Math.min(4095, random() % 4700));
      const rgba = Uint8ClampedArray.from({ length: 4 * pixels }, () => random() % 256);
      const tables = {
        bins: ladderBinTable(256, 4095, 10 / 78),
        whiteLevel: 4095,
        crushedLevel: 1500,
        // One weight below zero, as a camera's luminance can have.
        luma: [60, 210, -14] as const,
        zebraLevel: 3800,
        toneFrom: 2000,
        toneTo: 2300,
      };
      const seen = [false, true].map((plain) => {
        const result = createMonitorResult(pixels);
        const picture = createPictureMonitor();
        monitorPass(raw, tables, result, plain);
        monitorPicture(rgba, 200, result.marks, picture, plain);
        return { result, picture };
      });
      expect(seen[0]).toEqual(seen[1]);
      expect(seen[0].result.counts.every((n) => n > 0 || pixels < 9)).toBe(true);
    }
  });

  test('shake blurs as the same loop in TypeScript does, at the edges and in a band of rows as well', () => {
    const [width, height] = [61, 40];
    const rgb = Float32Array.from({ length: 3 * width * height }, (_, i) => (i * i) % 331);
    const kernel = shakeKernel(3, 1 / 2, 0, 0.0005)!;
    expect(kernel.reach).toBeGreaterThan(2);
    for (const [first, rows] of [
      [0, height],
      [7, 9],
    ]) {
      const [fast, plain] = [0, 1].map(() => new Float32Array(3 * width * rows));
      blurRows(rgb, width, height, kernel, first, rows, fast);
      blurRows(rgb, width, height, kernel, first, rows, plain, true);
      plain.forEach((v, i) => expect(Math.abs(v - fast[i])).toBeLessThan(1e-3));
      expect(plain.some((v, i) => Math.abs(v - rgb[3 * width * first + i]) > 50)).toBe(true);
    }
  });

  test('defocus does what the same loops in TypeScript do, on sharp, blurred and widely blurred light', () => {
    const plane = createLightPlane(210, 90, 3, 5);
    let state = 9;
    const random = (): number => {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      return state / 2 ** 32;
    };
    for (let p = 0; p < plane.depthM.length; p++) {
      const x = p % 210;
      plane.depthM[p] = [0.11, 0.3, 0.9, 1, 1.2, 4, Infinity][Math.floor(x / 30)];
      for (let c = 0; c < 3; c++) plane.rgb[3 * p + c] = 10 + 500 * random();
    }
    const part = { column: 10, row: 4, width: 190, height: 80 };
    const defocus = { dioptres: 1, pxPerDioptre: 4 };
    const fast = new Float32Array(3 * part.width * part.height);
    const plain = new Float32Array(fast.length);
    new DefocusBlur().blur(plane, defocus, part, 40, fast);
    new DefocusBlur(true).blur(plane, defocus, part, 40, plain);
    let worst = 0;
    plain.forEach((v, i) => (worst = Math.max(worst, Math.abs(v - fast[i]) / v)));
    expect(worst).toBeLessThan(1e-4);
    // And it was blurred at all.
    expect(fast.some((v, i) => Math.abs(v - plane.rgb[i]) > 50)).toBe(true);
  });

  test('a sensor’s exposure is that of the same loop in TypeScript, photosite by photosite', () => {
    const [width, rows] = [62, 37];
    const { sensor } = findLens('main')!;
    // From hardly a photon, drawn one by one, to far past white.
    for (const level of [0.02, 1, 40, 4000]) {
      const light = Float32Array.from(
        { length: 3 * width * rows },
        (_, i) => (level * ((i * 7919) % 977)) / 977,
      );
      const response = photositeResponse(sensor, 800, 1);
      const exposure = { response, electronsPerLight: 6, seed: 77 };
      const [fast, plain] = [0, 1].map(() => new Uint16Array(width * rows));
      exposeMosaic(light, width, rows, 6, exposure, fast);
      exposeMosaic(light, width, rows, 6, exposure, plain, true);
      expect(fast).toEqual(plain);
      expect(new Set(fast).size).toBeGreaterThan(3);
    }
  });

  test('light that pulses row by row is exposed as the same light with its stripes in it', () => {
    const [width, rows] = [62, 8];
    const response = photositeResponse(findLens('main')!.sensor, 100, 1);
    const light = Float32Array.from({ length: 3 * width * rows }, (_, i) => 20 + (i % 91));
    const shares = Float32Array.from({ length: rows }, (_, y) => 0.7 + 0.08 * y);
    const exposure = { response, electronsPerLight: 60, seed: 5 };
    const [told, laid] = [0, 1].map(() => new Uint16Array(width * rows));
    exposeMosaic(light, width, rows, 0, { ...exposure, shares }, told);
    exposeMosaic(striped(light, width, shares), width, rows, 0, exposure, laid);
    told.forEach((v, i) => expect(Math.abs(v - laid[i])).toBeLessThanOrEqual(1));
    const sumOf = (y: number): number =>
      told.subarray(y * width, (y + 1) * width).reduce((sum, v) => sum + v - 256, 0);
    expect(sumOf(7) / sumOf(1)).toBeGreaterThan(1.4);
  });

  test('photosites are binned and counted as by the same loops in TypeScript', () => {
    const [width, rows] = [70, 24];
    const raw = Uint16Array.from({ length: width * rows }, (_, i) => Math.imul(i, 40503) & 0xffff);
    for (const [factor, box] of [
      [2, { x: 0, y: 0, width, height: rows }],
      [4, { x: 2, y: 4, width: 66, height: 18 }],
      [6, { x: 0, y: 2, width, height: 20 }],
    ] as const) {
      const values = 3 * Math.floor(box.width / factor) * Math.floor(box.height / factor);
      const [fast, plain] = [0, 1].map(() => new Uint16Array(values + 1));
      binMosaic(raw, width, box, factor, fast);
      binMosaic(raw, width, box, factor, plain, true);
      expect(fast).toEqual(plain);
      expect(new Set(fast).size).toBeGreaterThan(20);
      expect(fast[values]).toBe(0);
    }
    for (const level of [1, 30000, 32768, 65535]) {
      const counts = clippedPhotosites(raw, width, level);
      expect(counts).toEqual(clippedPhotosites(raw, width, level, true));
      expect(counts.reduce((sum, n) => sum + n)).toBe(raw.filter((v) => v >= level).length);
    }
  });

  test('the lens’s tent is that of the same loop in TypeScript, at the edges as well', () => {
    const [width, rows] = [61, 9];
    const rgb = Float32Array.from(
      { length: 3 * width * (rows + 2) },
      (_, i) => ((i * i) % 331) / 7,
    );
    const [fast, plain] = [0, 1].map(() => new Float32Array(3 * width * rows));
    tentBlur(rgb, width, rows, fast);
    tentBlur(rgb, width, rows, plain, true);
    plain.forEach((v, i) => expect(Math.abs(v - fast[i])).toBeLessThan(1e-5 * (1 + v)));
    // Its corner is that of the picture, whose edge stands for what lies beyond.
    const at = (x: number, y: number): number => rgb[3 * (y * width + x)];
    const down = (x: number): number => at(x, 0) + 2 * at(x, 1) + at(x, 2);
    expect(fast[0]).toBeCloseTo((3 * down(0) + down(1)) / 16, 4);
  });
});
