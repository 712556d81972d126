import { readFileSync } from 'node:fs';
import { differenceCiede2000 } from 'culori';
import { decodeSrgb } from '../../src/colour';
import {
  applyGains,
  decodeRaw,
  developDeepFrame,
  rawDeveloper,
  decodeDng,
  readDng,
  TAG,
} from '../../src/files';
import type { TiffField } from '../../src/files/tiff/types';
import { toRationals, toTenThousandths } from '../../src/files/tiff/rational';
import { binMosaic, cameraProfile, demosaicMalvar } from '../../src/sensor';
import { findLens } from '../../src/optics';
import { EVEN, foreign, numbers, packed, stripOf } from '../support/foreignTiff';
import { fileOf, readMapFile, run, shoot } from '../support/shots';
import { lab, patches } from '../support/wallColours';

/** What a picture made of another maker's DNG looks like. */

test('blue first, in 14 bits, blacks by place, masked borders, analogue balance: developed as LibRaw develops it, mean CIEDE2000 under 3', () => {
  const velmo = readDng(
    new Uint8Array(
      readFileSync(
        shoot('--scene', 'test-wall', '--white', '5003', '--time', '1/250', '--mp', '3'),
      ),
    ),
  );
  const raw = decodeRaw(velmo);
  const balance = [1.25, 1, 0.8];
  const blacks = [1000, 1012, 1008, 1004];
  const [top, left] = [4, 6];
  // From the second row and column on: blue first.
  const [w, h] = [velmo.raw.width - 1, velmo.raw.height - 1];
  const size = { width: w + left, height: h + top };
  const data = new Uint16Array(size.width * size.height).fill(900);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const colour = 2 - (y & 1) - (x & 1);
      const light = 4 * balance[colour] * (raw[(y + 1) * (w + 1) + x + 1] - 256);
      data[(y + top) * size.width + x + left] = Math.max(
        0,
        Math.round(light + blacks[2 * (y & 1) + (x & 1)]),
      );
    }
  const [profile] = cameraProfile(findLens('main')!.sensor.sensitivities).slice(1);
  const neutral = velmo.asShotNeutral.map((v, c) => v * balance[c]);
  const largest = Math.max(...neutral);
  const file = foreign(size, data, [
    numbers(TAG.BitsPerSample, [14], 'SHORT'),
    numbers(TAG.CFAPattern, [2, 1, 1, 0], 'BYTE'),
    numbers(TAG.BlackLevelRepeatDim, [2, 2], 'SHORT'),
    numbers(TAG.BlackLevel, blacks, 'SHORT'),
    numbers(TAG.WhiteLevel, [16383]),
    numbers(TAG.ActiveArea, [top, left, top + h, left + w]),
    numbers(TAG.CalibrationIlluminant1, [21], 'SHORT'),
    { tag: TAG.ColorMatrix1, type: 'SRATIONAL', values: toTenThousandths(profile.colorMatrix) },
    { tag: TAG.AnalogBalance, type: 'RATIONAL', values: toRationals(balance, 1e6) },
    {
      tag: TAG.AsShotNeutral,
      type: 'RATIONAL',
      values: toRationals(
        neutral.map((v) => v / largest),
        1e6,
      ),
    },
    ...stripOf(packed(data, size, 14)),
  ]);
  const path = fileOf(file);
  run('dcraw_emu', ['-w', '-W', '-4', '-o', '1', path]);
  const map = readMapFile(`${path}.ppm`);
  const dng = readDng(file);
  const { crop } = dng.raw;
  const ours = developDeepFrame(
    { ...dng.raw, raw: decodeRaw(dng) },
    rawDeveloper(dng),
    crop,
    false,
  );
  const mine = patches(ours.data, crop.width, crop.height, (v) => decodeSrgb(v / 65535));
  const theirs = patches(map.data, map.width, map.height);
  const distance = differenceCiede2000();
  const all = mine.map((rgb, i) => distance(lab(rgb), lab(theirs[i])));
  expect(all.reduce((a, b) => a + b, 0) / all.length).toBeLessThan(3);
});

describe('gain maps', () => {
  /** What a lens leaves of the light: less towards the corners, most in the middle. */
  const shade = (v: number, h: number): number => 1 / (1 + (v - 0.5) ** 2 + (h - 0.5) ** 2);
  const POINTS = 17;

  /** An opcode of the list (DNG 1.4, chapter 7): big-endian, whatever the file. */
  function opcode(id: number, flags: number, body: Uint8Array): Uint8Array {
    const bytes = new Uint8Array(16 + body.length);
    const view = new DataView(bytes.buffer);
    [id, 0x01030000, flags, body.length].forEach((v, i) => view.setUint32(4 * i, v));
    bytes.set(body, 16);
    return bytes;
  }

  function gainMap(top: number, left: number, { width, height } = EVEN, strength = 1): Uint8Array {
    const body = new Uint8Array(76 + 4 * POINTS * POINTS);
    const view = new DataView(body.buffer);
    [top, left, height, width, 0, 1, 2, 2, POINTS, POINTS].forEach((v, i) =>
      view.setUint32(4 * i, v),
    );
    [1 / (POINTS - 1), 1 / (POINTS - 1), 0, 0].forEach((v, i) => view.setFloat64(40 + 8 * i, v));
    view.setUint32(72, 1);
    for (let i = 0; i < POINTS * POINTS; i++) {
      const [v, h] = [Math.floor(i / POINTS) / (POINTS - 1), (i % POINTS) / (POINTS - 1)];
      view.setFloat32(76 + 4 * i, strength / shade(v, h));
    }
    return opcode(9, 0, body);
  }

  const list = (...opcodes: Uint8Array[]): number[] => [
    ...[0, 0, 0, opcodes.length],
    ...opcodes.flatMap((bytes) => [...bytes]),
  ];
  const LIGHT = 2000;
  const shaded = Uint16Array.from({ length: 64 * 32 }, (_, i) =>
    Math.round(256 + LIGHT * shade((Math.floor(i / 64) + 0.5) / 32, ((i % 64) + 0.5) / 64)),
  );
  const four = [gainMap(0, 0), gainMap(0, 1), gainMap(1, 0), gainMap(1, 1)];
  const withMaps = (bytes: number[], ...others: TiffField[]): Uint8Array =>
    foreign(EVEN, shaded, [numbers(TAG.OpcodeList2, bytes, 'BYTE'), ...others]);

  /** RGB over black of a part, after the maps: least and most of it. */
  function corrected(file: Uint8Array, factor: 1 | 2): number[][] {
    const dng = readDng(file);
    const { width, height, whiteLevel } = dng.raw;
    const raw = decodeRaw(dng);
    const box = { x: 8, y: 4, width: width - 16, height: height - 8 };
    const rgb = new Uint16Array((3 * box.width * box.height) / factor ** 2);
    if (factor === 1) demosaicMalvar(raw, width, height, whiteLevel, box, rgb);
    else binMosaic(raw, width, box, 2, rgb);
    applyGains(rgb, decodeDng(dng).gains!, box, factor, dng.raw);
    return [0, 1, 2].map((c) => {
      const values = rgb.filter((_, i) => i % 3 === c).map((v) => v - 256);
      return [Math.min(...values), Math.max(...values)];
    });
  }

  test.each([1, 2] as const)('even light is even again, at %i photosites a pixel', (factor) => {
    for (const [least, most] of corrected(withMaps(list(...four)), factor)) {
      expect(least).toBeGreaterThan(0.985 * LIGHT);
      expect(most).toBeLessThan(1.015 * LIGHT);
    }
  });
  test('each map is for its own colour, also where the pattern begins with blue', () => {
    const maps = [gainMap(0, 0, EVEN, 0.5), gainMap(0, 1), gainMap(1, 0), gainMap(1, 1)];
    const bggr = numbers(TAG.CFAPattern, [2, 1, 1, 0], 'BYTE');
    const middle = (file: Uint8Array): number[] =>
      corrected(file, 1).map(([least, most]) => Math.round((10 * (least + most)) / 2 / LIGHT) / 10);
    expect(middle(withMaps(list(...maps)))).toEqual([0.5, 1, 1]);
    expect(middle(withMaps(list(...maps), bggr))).toEqual([1, 1, 0.5]);
  });
  test('the raw itself stays what the sensor held; other corrections are named unless they are optional', () => {
    const file = withMaps(
      list(...four),
      numbers(
        TAG.OpcodeList3,
        list(
          opcode(1, 0, new Uint8Array(8)),
          opcode(3, 1, new Uint8Array(8)),
          opcode(99, 0, new Uint8Array(0)),
        ),
        'BYTE',
      ),
    );
    const dng = readDng(file);
    expect(decodeRaw(dng)).toEqual(shaded);
    expect(dng.corrections.unapplied).toEqual(['WarpRectilinear', 'opcode 99']);
    expect(decodeDng(readDng(foreign(EVEN, shaded))).gains).toBeNull();
  });
  test('a broken map is named as left out, and harms nothing', () => {
    const broken = gainMap(0, 0);
    new DataView(broken.buffer).setUint32(16 + 32, 0xffffffff);
    const dng = readDng(withMaps(list(broken, four[1])));
    expect(dng.corrections.gainMaps).toHaveLength(1);
    expect(dng.corrections.unapplied).toEqual(['GainMap']);
    const cut = readDng(withMaps(list(...four).slice(0, 700)));
    expect(cut.corrections.gainMaps).toHaveLength(0);
  });
});
