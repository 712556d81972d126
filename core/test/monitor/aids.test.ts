import fc from 'fast-check';
import { FRAME_SHAPES, frameBox, gridLines, GRIDS, levelOf, upOfOrientation } from '../../src/aids';

const placesAcross = (grid: 'thirds' | 'golden', width: number, height: number) => {
  const lines = gridLines(grid, width, height);
  return {
    x: lines.filter((l) => l.x1 === l.x2).map((l) => l.x1 / width),
    y: lines.filter((l) => l.y1 === l.y2).map((l) => l.y1 / height),
  };
};

describe('grids', () => {
  test('thirds divide both sides in three', () => {
    const { x, y } = placesAcross('thirds', 390, 520);
    for (const shares of [x, y]) expect(shares).toEqual([1 / 3, 2 / 3]);
  });
  test('golden: the shorter part is to the longer as that is to the whole', () => {
    for (const shares of Object.values(placesAcross('golden', 640, 480))) {
      const [first, second] = shares;
      expect(first / second).toBeCloseTo(second / 1, 12);
      expect(first).toBeCloseTo(1 - second, 12);
      // 1/phi^2 (Euclid, Elements VI.30, as a decimal).
      expect(first).toBeCloseTo(0.381966, 6);
    }
  });
  test('diagonals go from corner to corner', () =>
    expect(gridLines('diagonals', 400, 300)).toEqual([
      { x1: 0, y1: 0, x2: 400, y2: 300 },
      { x1: 0, y1: 300, x2: 400, y2: 0 },
    ]));
  test('squares are square, and one line of each runs through the middle', () => {
    const lines = gridLines('squares', 400, 300);
    const xs = lines.filter((l) => l.x1 === l.x2).map((l) => l.x1);
    const ys = lines.filter((l) => l.y1 === l.y2).map((l) => l.y1);
    for (const at of [xs, ys])
      for (let i = 1; i < at.length; i++) expect(at[i] - at[i - 1]).toBeCloseTo(50, 9);
    expect(xs).toContain(200);
    expect(ys).toContain(150);
  });
  test('lie within the picture and are the same from either side', () => {
    const side = fc.integer({ min: 60, max: 2000 });
    fc.assert(
      fc.property(fc.constantFrom(...GRIDS), side, side, (grid, width, height) => {
        const lines = gridLines(grid, width, height);
        expect(lines.length).toBeGreaterThan(1);
        const key = (x1: number, y1: number, x2: number, y2: number): string =>
          [`${x1.toFixed(3)},${y1.toFixed(3)}`, `${x2.toFixed(3)},${y2.toFixed(3)}`]
            .sort()
            .join(' ');
        const all = new Set(lines.map((l) => key(l.x1, l.y1, l.x2, l.y2)));
        for (const { x1, y1, x2, y2 } of lines) {
          for (const x of [x1, x2]) expect(x >= 0 && x <= width).toBe(true);
          for (const y of [y1, y2]) expect(y >= 0 && y <= height).toBe(true);
          expect(all.has(key(width - x1, y1, width - x2, y2))).toBe(true);
        }
      }),
    );
  });
});

describe('frame lines', () => {
  test.each(FRAME_SHAPES)(
    '%s: its ratio, as large as fits, in the middle, lying or standing',
    (shape) => {
      const [long, short] = shape.split(':').map(Number);
      for (const [width, height] of [
        [640, 480],
        [390, 520],
      ]) {
        const box = frameBox(shape, width, height);
        const ratio = width > height ? long / short : short / long;
        expect(box.width / box.height).toBeCloseTo(ratio, 9);
        expect(box.x * 2 + box.width).toBeCloseTo(width, 9);
        expect(box.y * 2 + box.height).toBeCloseTo(height, 9);
        expect(Math.min(box.x, box.y)).toBeCloseTo(0, 9);
      }
    },
  );
});

describe('level', () => {
  test.each([
    // Angles of the W3C's Device Orientation and Motion, "Device orientation": how a device lies.
    ['flat on a table, screen up', 0, 0, [0, 0, 1]],
    ['upright', 90, 0, [0, 1, 0]],
    ['upside down', -90, 0, [0, -1, 0]],
    ['on its right edge', 0, 90, [-1, 0, 0]],
    ['on its left edge', 0, -90, [1, 0, 0]],
    ['screen down', 180, 0, [0, 0, -1]],
  ] as const)('%s', (_how, beta, gamma, up) => {
    for (const [i, v] of upOfOrientation(beta, gamma).entries()) expect(v).toBeCloseTo(up[i], 12);
  });

  test('upright and true: no roll, no tilt', () => {
    const level = levelOf([0, 1, 0], 0);
    expect(level).toMatchObject({ rollDeg: 0, off: null, isTrue: true });
    expect(level.tiltDeg).toBeCloseTo(0, 12);
  });

  /** A device turned about its own axis of view, then looking up: up along its axes. */
  const heldAs = (rollDeg: number, tiltDeg: number): [number, number, number] => {
    const [r, t] = [(rollDeg * Math.PI) / 180, (tiltDeg * Math.PI) / 180];
    // True up leans to the left of a top that leans to the right.
    return [-Math.sin(r) * Math.cos(t), Math.cos(r) * Math.cos(t), -Math.sin(t)];
  };

  test('roll and tilt are what the device was turned by, on a screen turned any way', () => {
    const angle = fc.double({ min: -179, max: 179, noNaN: true });
    const tilt = fc.double({ min: -60, max: 60, noNaN: true });
    fc.assert(
      fc.property(angle, tilt, fc.constantFrom(0, 90, 180, 270), (rollDeg, tiltDeg, screen) => {
        // A screen that is turned by so much shows the picture turned back: the device rolls on.
        const level = levelOf(heldAs(rollDeg - screen, tiltDeg), screen);
        const off = ((level.rollDeg! - rollDeg + 540) % 360) - 180;
        expect(off).toBeCloseTo(0, 6);
        expect(level.tiltDeg).toBeCloseTo(tiltDeg, 6);
      }),
    );
  });

  test('is true within half a degree, and not beyond', () => {
    expect(levelOf(heldAs(0.45, 20), 0).isTrue).toBe(true);
    expect(levelOf(heldAs(-0.45, 0), 0).isTrue).toBe(true);
    expect(levelOf(heldAs(0.55, 0), 0).isTrue).toBe(false);
  });

  test('over a page it looks for the vertical instead', () => {
    const down = levelOf([0, 0, 1], 0);
    expect(down).toMatchObject({ rollDeg: null, tiltDeg: -90, isTrue: true });
    // Its top lifted by two degrees, its right side by one.
    const [a, b] = [Math.tan((2 * Math.PI) / 180), Math.tan(Math.PI / 180)];
    const n = Math.hypot(a, b, 1);
    const { off, isTrue } = levelOf([b / n, a / n, 1 / n], 0);
    expect(off!.topDeg).toBeCloseTo(2, 9);
    expect(off!.rightDeg).toBeCloseTo(1, 9);
    expect(isTrue).toBe(false);
  });
});
