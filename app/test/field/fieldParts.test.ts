import type { Band } from '@velmo/core/consequence';
import { findScene, framingSize } from '@velmo/core/scene';
import { findLens } from '@velmo/core/optics';
import { hastened, keepOpen, nowMs, sceneTimeS } from '../../src/camera/simulated/light/sceneClock';
import { draggedAim, liveFraming, reprojected } from '../../src/camera/simulated/simulatedView';
import { inPictureOf } from '../../src/camera/device/pictureInWindow';
import { bandSegments } from '../../src/instruments/tape/bandSegments';
import { measureField } from '../../src/screens/field/layout';

describe('bands on a tape', () => {
  const band = (id: Band['id'], from: number, to: number): Band => ({
    id,
    from,
    to,
    label: id,
    detail: '',
    weight: 'fault',
  });
  test('where several hold, the one that has just begun shows, and gives way when it ends', () => {
    const smears = band('smears', 2, 9);
    const shakes = band('shakes', 5, 6);
    expect(bandSegments([smears, shakes], { min: 0, max: 10 })).toEqual([
      { band: smears, from: 2, to: 4 },
      { band: shakes, from: 5, to: 6 },
      { band: smears, from: 7, to: 9 },
    ]);
  });
});

describe('layouts', () => {
  const HEIGHTS = { verdict: 48, status: 44 };
  const TAPES = 5;
  test.each([
    [390, 844],
    [360, 640],
    [412, 915],
  ])('phone %dx%d: everything is on the screen', (width, height) => {
    const m = measureField(width, height);
    const controls = HEIGHTS.verdict + TAPES * (m.tapeHeight + m.gap) + m.barHeight + 3 * m.gap;
    expect(m.layout).toBe('phone');
    expect(HEIGHTS.status + m.pictureHeight + controls).toBeLessThanOrEqual(height);
    expect(m.pictureWidth / m.pictureHeight).toBeCloseTo(3 / 4, 1);
    expect(m.tapeHeight).toBeGreaterThanOrEqual(44);
    expect(m.pictureHeight).toBeGreaterThan(height * 0.4);
    expect(m.pictureWidth + (m.ladderOver ? 0 : m.ladderWidth)).toBeLessThanOrEqual(width);
  });
  test.each([
    [0, 0],
    [1, 1],
    [300, 200],
    [2000, 1],
    [1, 2000],
  ])(
    'a window of %d x %d, as while it is being opened, gives no lengths that cannot be',
    (width, height) => {
      const m = measureField(width, height);
      // The ladder gives up 44 px to a button under it.
      expect(m.pictureHeight - 44).toBeGreaterThan(60);
      expect(m.pictureWidth).toBeGreaterThan(80);
      expect(m.columnWidth).toBeGreaterThan(200);
    },
  );
  test('a phone on its side has the Window at full height and the tapes beside it', () => {
    const m = measureField(844, 390);
    expect(m).toMatchObject({ layout: 'side', upright: false });
    expect(m.pictureWidth + m.columnWidth).toBeLessThanOrEqual(844);
    expect(m.pictureHeight).toBeGreaterThan(370);
    expect(44 + 48 + TAPES * (m.tapeHeight + m.gap) + m.barHeight + 3 * m.gap).toBeLessThanOrEqual(
      390,
    );
  });
  // Phones whose browser keeps its bars: 640x360 of many, and what is left of 844x390 and 667x375.
  test.each([
    [640, 360],
    [844, 340],
    [667, 331],
  ])('a phone on its side of %d x %d has all of its tapes and its bar', (width, height) => {
    const m = measureField(width, height);
    expect(m).toMatchObject({ layout: 'side', statusOn: 'picture' });
    expect(48 + TAPES * (m.tapeHeight + m.gap) + m.barHeight + 3 * m.gap).toBeLessThanOrEqual(
      height,
    );
    expect(m.tapeHeight).toBeGreaterThanOrEqual(44);
    expect(HEIGHTS.status + m.pictureHeight).toBeLessThanOrEqual(height);
    expect(m.pictureWidth).toBeGreaterThan(300);
    expect(m.pictureWidth + m.columnWidth).toBeLessThanOrEqual(width);
  });
  test('1280x800 is wide, with the tapes in a column beside the ladder', () => {
    const m = measureField(1280, 800);
    expect(m.layout).toBe('wide');
    expect(m.pictureWidth + m.ladderWidth + m.columnWidth).toBeLessThanOrEqual(1280);
  });
});

describe('turning the simulated camera', () => {
  const lens = findLens('main')!;
  const opening = { yawRad: 0, pitchRad: 0 };
  const framing = liveFraming('pans-at-noon', opening, lens, 1, false);

  test('what is under the finger stays under it', () => {
    const aim = draggedAim(opening, framing, 0.1, 0.05);
    const after = liveFraming('pans-at-noon', aim, lens, 1, false);
    const moved = reprojected({ x: 0.5, y: 0.5 }, framing, after);
    expect(moved.x).toBeCloseTo(0.6, 1);
    expect(moved.y).toBeCloseTo(0.55, 1);
    const back = reprojected(moved, after, framing);
    expect(back.x).toBeCloseTo(0.5, 6);
    expect(back.y).toBeCloseTo(0.5, 6);
  });
  test('it ends where the place ends', () => {
    let aim = opening;
    for (let i = 0; i < 50; i++) aim = draggedAim(aim, framing, -0.5, -0.5);
    expect(aim.yawRad).toBeLessThan(1);
    expect(aim.pitchRad).toBeGreaterThan(-0.5);
  });
  test('opens where the scene says', () => {
    expect(framing.yawRad).toBe(findScene('pans-at-noon')!.framing.yawRad);
    expect(framingSize(framing)).toEqual({ width: 640, height: 480 });
  });
});

describe('a picture that does not fill the Window', () => {
  test('is read where it is seen: a lying picture in a standing Window', () => {
    const at = (y: number) => inPictureOf({ x: 0.25, y }, 3 / 4, 4 / 3);
    expect(at(0.5)).toEqual({ x: 0.25, y: 0.5 });
    // It covers 9/16 of the height, from 7/32 to 25/32.
    expect(at(7 / 32).y).toBeCloseTo(0, 6);
    expect(at(25 / 32).y).toBeCloseTo(1, 6);
    expect(at(0.05).y).toBe(0);
  });
  test('of the same shape lies where the Window lies', () => {
    const point = { x: 0.3, y: 0.9 };
    const { x, y } = inPictureOf(point, 4 / 3, 4 / 3);
    expect([x, y]).toEqual([expect.closeTo(0.3, 9), expect.closeTo(0.9, 9)]);
  });
});

describe('scene time', () => {
  test('runs on from where it was when it is hastened', () => {
    const now = jest.spyOn(performance, 'now').mockReturnValue(5000);
    try {
      const clock = { epochMs: nowMs() - 2000, sceneS: 5, factor: 1 };
      expect(sceneTimeS(clock)).toBeCloseTo(7, 3);
      const fast = hastened(clock, 60);
      expect(sceneTimeS(fast)).toBeCloseTo(7, 3);
      now.mockReturnValue(6000);
      expect(sceneTimeS(fast)).toBeCloseTo(67, 3);
    } finally {
      now.mockRestore();
    }
  });
  test('a shutter stays open for its time, hastened or not', async () => {
    const gone: number[] = [];
    const open = await keepOpen(12, 60, (s) => gone.push(s), new AbortController().signal);
    expect(open).toBe(12);
    expect(gone[0]).toBe(0);
    expect(gone.every((s, i) => i === 0 || s >= gone[i - 1])).toBe(true);
  });
  test('closed early it tells how long it was open', async () => {
    const stop = new AbortController();
    const open = keepOpen(1000, 100, () => {}, stop.signal);
    setTimeout(() => stop.abort(), 60);
    const seconds = await open;
    expect(seconds).toBeGreaterThan(4);
    expect(seconds).toBeLessThan(60);
  });
});
