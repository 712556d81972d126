import fc from 'fast-check';
import {
  CombineError,
  StackGatherer,
  waysFor,
  type Gathering,
  type StackFacts,
  type StackRaw,
} from '../../src/combine';
import { hash32 } from '../../src/sensor';

/** Frames of a few photosites with these raw values above black. */
const frame = (values: readonly number[]): StackRaw => ({
  data: Uint16Array.from(values, (v) => 100 + v),
  width: values.length,
  height: 1,
  samplesPerPixel: 1,
  blackLevel: 100,
  whiteLevel: 1100,
  noise: { scale: 1e-4, offset: 1e-6 },
  exposure: 1,
});

function gathered(gathering: Gathering, frames: readonly (readonly number[])[]): StackGatherer {
  const gatherer = new StackGatherer(gathering);
  for (const values of frames) gatherer.add(frame(values));
  return gatherer;
}

const lightOf = (gathering: Gathering, frames: readonly (readonly number[])[]): number[] =>
  Array.from(gathered(gathering, frames).light(), (v) => Math.round(1000 * v * 100) / 100);

describe('gathering a stack', () => {
  const three = [
    [100, 900, 0],
    [200, 100, 3],
    [600, 200, 0],
  ];
  test.each([
    ['mean', [300, 400, 1]],
    ['median', [200, 200, 0]],
    ['brightest', [600, 900, 3]],
    ['sum', [300, 400, 1]],
  ] as const)('%s', (gathering, light) => {
    expect(lightOf(gathering, three)).toEqual(light);
  });

  test('a sum is the mean, shown brighter by the number of frames', () => {
    expect(gathered('sum', [...three, three[0]]).brighter).toBe(2);
    expect(gathered('mean', three).brighter).toBe(0);
  });

  test('the median is exact up to seven frames, whatever their order', () => {
    const value = fc.integer({ min: 0, max: 1000 });
    fc.assert(
      fc.property(fc.array(value, { minLength: 1, maxLength: 6 }), (values) => {
        const sorted = [...values].sort((a, b) => a - b);
        const n = sorted.length;
        const median = (sorted[(n - 1) >> 1] + sorted[n >> 1]) / 2;
        expect(
          lightOf(
            'median',
            values.map((v) => [v]),
          )[0],
        ).toBeCloseTo(median, 1);
      }),
    );
  });

  test('beyond that it is close (Rousseeuw and Bassett 1990), and not moved by who passes through', () => {
    const noisy = Array.from({ length: 100 }, (_, k) => [
      400 + (hash32(k, 3) % 41) - 20,
      k % 4 === 0 ? 1000 : 400 + (hash32(k, 5) % 41) - 20,
    ]);
    const [still, passed] = lightOf('median', noisy);
    expect(Math.abs(still - 400)).toBeLessThan(6);
    expect(Math.abs(passed - 400)).toBeLessThan(12);
  });

  test('noise falls by the number of frames, of a median by less', () => {
    const eight = Array.from({ length: 8 }, () => [5]);
    expect(gathered('mean', eight).noise().offset).toBeCloseTo(1e-6 / 8, 12);
    expect(gathered('median', eight).noise().offset).toBeCloseTo((Math.PI / 2) * (1e-6 / 8), 12);
    expect(gathered('brightest', eight).noise().offset).toBe(1e-6);
  });

  test('refuses a frame of another size in words', () => {
    const gatherer = gathered('mean', [[1, 2]]);
    expect(() => gatherer.add(frame([1, 2, 3]))).toThrow(CombineError);
    expect(() => new StackGatherer('mean').light()).toThrow(RangeError);
  });
});

describe('what fits a stack', () => {
  const facts = (n: number, of: (i: number) => Partial<StackFacts>): StackFacts[] =>
    Array.from({ length: n }, (_, i) => ({
      timeS: 1 / 60,
      iso: 100,
      focusDioptres: 0,
      raw: true,
      ...of(i),
    }));
  test.each<[string, StackFacts[], string]>([
    ['a bracket', facts(3, (i) => ({ timeS: 2 ** (2 * i) / 60 })), 'merge'],
    ['a bracket by ISO', facts(3, (i) => ({ iso: 100 * 4 ** i })), 'merge'],
    ['a burst', facts(6, () => ({})), 'average'],
    ['the dark', facts(30, () => ({ timeS: 8, iso: 800 })), 'brightest'],
  ])('%s', (_, stack, way) => {
    expect(waysFor(stack)[0]).toBe(way);
  });

  test('frames focused apart become sharp all over; where that is not known, they may be', () => {
    expect(waysFor(facts(3, (i) => ({ focusDioptres: i })))[0]).toBe('focus');
    expect(waysFor(facts(3, () => ({})))).not.toContain('focus');
    expect(waysFor(facts(3, () => ({ focusDioptres: null }))).at(-1)).toBe('focus');
  });

  test('frames focused apart are not averaged, nor are exposures apart', () => {
    expect(waysFor(facts(4, (i) => ({ focusDioptres: i })))).not.toContain('average');
    expect(waysFor(facts(3, (i) => ({ timeS: 2 ** (2 * i) / 60 })))).toEqual(['merge']);
    expect(waysFor(facts(2, () => ({})))).not.toContain('median');
  });
});
