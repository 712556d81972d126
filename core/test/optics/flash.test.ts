import { findLens, flashReachM, flashStops, halfLongTangent } from '../../src/optics';
import { findScene, renderFlash, TEST_WALL_PATCHES, WALL_M } from '../../src/scene';
import { createLightPlane } from '../../src/sensor';
import { FLASH_GUIDE_NUMBER, plainShot, planSimulated } from '../../src/simulate';
import { flashRows } from '../../src/simulate/flashLight';
import { meanOver, patchBox, rawOf, run, shoot } from '../support/shots';

const IDENTITY = [1, 0, 0, 0, 1, 0, 0, 0, 1] as const;
const main = findLens('main')!;
const grey = TEST_WALL_PATCHES.find((p) => p.id === 'grey-18')!;

const LEVEL = {
  yawRad: 0,
  pitchRad: 0,
  halfLongTangent: halfLongTangent(main, 1),
  layout: 'level',
} as const;

/** Green of the grey card over black, in raw steps. */
function greyOf(path: string): number {
  const { raw, width, height } = rawOf(path);
  const box = patchBox(grey, width, height, halfLongTangent(main, 2));
  return meanOver(raw, width, box, (x, y) => ((x ^ y) & 1) === 1) - main.sensor.blackLevel;
}

const wall = (...args: string[]): string =>
  shoot('--scene', 'test-wall', '--mp', '3', '--iso', '100', ...args);

describe('the guide number (GN = f-number times distance at ISO 100, by its definition)', () => {
  const shot = { guideNumber: 4, fNumber: 2, isoClick: 0, filterStops: 0 };
  test('light falls with the square of the distance; ISO and filters count in stops', () => {
    expect(flashStops(shot, 2)).toBeCloseTo(0, 12);
    expect(flashStops(shot, 4)).toBeCloseTo(-2, 12);
    expect(flashStops({ ...shot, isoClick: 6 }, 4)).toBeCloseTo(0, 12);
    expect(flashStops({ ...shot, filterStops: 3 }, 2)).toBeCloseTo(-3, 12);
    expect(flashReachM(shot, -2)).toBeCloseTo(4, 12);
  });

  test('a grey card sends what a card metered at K = 12.5 would (ISO 2720) where the number is right', () => {
    const framing = { ...LEVEL, longPx: 200, shortPx: 150 };
    const plane = createLightPlane(200, 150);
    renderFlash(findScene('test-wall')!, framing, plane, IDENTITY, 1, FLASH_GUIDE_NUMBER);
    const perMetre = 200 / (2 * framing.halfLongTangent * WALL_M);
    const [column, row] = [100 + grey.x * perMetre, 75 - grey.y * perMetre].map(Math.floor);
    // Off the axis the surface is farther, and the lamp's cone weaker: cos^5 and 1/d^2.
    const cosine = 1 / Math.hypot(1, Math.hypot(grey.x, grey.y) / WALL_M);
    const stops = flashStops(
      { guideNumber: FLASH_GUIDE_NUMBER, fNumber: 1, isoClick: 0, filterStops: 0 },
      WALL_M / cosine,
    );
    const expected = (12.5 / 100) * 2 ** stops * cosine ** 5;
    expect(plane.rgb[3 * (row * 200 + column) + 1] / expected).toBeCloseTo(1, 1.5);
  });

  test('however long the shutter is open, the flash adds the same', () => {
    const added = ['1/125', '1/30'].map(
      (time) => greyOf(wall('--time', time, '--flash', 'begin')) - greyOf(wall('--time', time)),
    );
    expect(added[1] / added[0]).toBeCloseTo(1, 1);
  });
});

describe('what moves', () => {
  const sluice = { ...plainShot('sluice-at-dusk'), sizeMp: 3 as const };
  const rowsOf = (shot: Partial<typeof sluice>): Float32Array =>
    flashRows(planSimulated({ ...sluice, ...shot } as typeof sluice), 700, 64).rgb;
  const differing = (a: Float32Array, b: Float32Array): number =>
    a.reduce((n, v, i) => n + (Math.abs(v - b[i]) > 0.05 * v ? 1 : 0), 0) / a.length;

  test('is met where it is as the shutter opens, or just before it closes', () => {
    const early = rowsOf({ flash: 'begin', startS: 3, timeS: 2 });
    const late = rowsOf({ flash: 'end', startS: 3, timeS: 2 });
    expect(differing(late, rowsOf({ flash: 'begin', startS: 5, timeS: 0.01 }))).toBe(0);
    expect(differing(early, late)).toBeGreaterThan(0.02);
  });
});

test('ExifTool reads whether the flash fired (Exif 2.32, Flash)', () => {
  const said = (path: string): string => run('exiftool', ['-s3', '-Flash', path]).toString().trim();
  expect(said(wall('--flash', 'begin'))).toBe('On, Fired');
  expect(said(wall())).toBe('Off, Did not fire');
});
