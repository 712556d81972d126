import fc from 'fast-check';
import { placeLabel } from '../../src/instruments/tape/placeLabel';

const SEEN = { from: 0, to: 200 };
const INDEX = 100;

describe('a label on a tape', () => {
  test.each([
    ['at the beginning of its band', { from: 10, to: 90 }, 40, 15],
    ['at the edge of what is seen', { from: -300, to: 90 }, 40, 5],
    ['beyond the index where there is no room before it', { from: 70, to: 190 }, 40, 105],
    ['nowhere where it would be cut', { from: 150, to: 400 }, 60, null],
    ['nowhere where it would lie under the index', { from: 80, to: 130 }, 40, null],
    ['nowhere out of sight', { from: 300, to: 400 }, 40, null],
  ])('stands %s', (_where, band, width, x) => expect(placeLabel(band, width, SEEN, INDEX)).toBe(x));

  test('is whole, within what is seen of its band, clear of the index; and is there where there is room', () => {
    const place = fc.integer({ min: -400, max: 400 });
    fc.assert(
      fc.property(
        place,
        fc.integer({ min: 1, max: 400 }),
        fc.integer({ min: 5, max: 90 }),
        (from, long, width) => {
          const to = from + long;
          const x = placeLabel({ from, to }, width, SEEN, INDEX);
          if (x === null) {
            const before = Math.min(to, SEEN.to, INDEX) - Math.max(from, SEEN.from);
            const after = Math.min(to, SEEN.to) - Math.max(from, SEEN.from, INDEX);
            expect(Math.max(before, after)).toBeLessThan(width + 10);
            return;
          }
          expect(x).toBeGreaterThanOrEqual(Math.max(from, SEEN.from));
          expect(x + width).toBeLessThanOrEqual(Math.min(to, SEEN.to));
          expect(x + width < INDEX || x > INDEX).toBe(true);
        },
      ),
    );
  });
});
