import type { RankedFrame } from '@velmo/core/rank';
import type { ComparedFrames } from '../../src/frame/compareFrames';
import { figuresWords, firstWords, laterWords, shareWords } from '../../src/screens/best/bestWords';
import { comparedIds, comparedParams } from '../../src/screens/compare/compared';
import { compareWords, movedWords } from '../../src/screens/compare/compareWords';

const ranked = (part: Partial<RankedFrame>): RankedFrame => ({
  index: 0,
  compared: 'most',
  detail: 1,
  smear: 1,
  clipped: 0,
  noise: 0.02,
  ...part,
});

describe('why a frame stands where it stands', () => {
  test('the first: how much sharper, and what speaks against it', () => {
    const next = ranked({ detail: 1 / 1.4 });
    expect(firstWords([ranked({}), next])).toBe('Sharpest: 1.40 times the next.');
    expect(firstWords([ranked({ clipped: 0.002 }), next])).toBe(
      'Sharpest: 1.40 times the next; 0.2 % more clipped.',
    );
    expect(firstWords([ranked({}), ranked({ detail: 0.99, clipped: 0.01, noise: 0.04 })])).toBe(
      'As sharp as the next; 1 % less clipped; noise 2.0 times less.',
    );
    expect(firstWords([ranked({ detail: 0.8 }), ranked({ clipped: 0.3 })])).toBe(
      'Less sharp than the next, 1.25 times; 30 % less clipped.',
    );
    expect(firstWords([ranked({}), ranked({ detail: 0 })])).toBe('The only one with detail.');
    expect(firstWords([ranked({})])).toBe('The only one with a raw.');
  });

  test('the others: what they lack', () => {
    expect(laterWords(ranked({ detail: 0.71, smear: 1.6 }), ranked({}))).toBe(
      '71 % of the first’s detail; smeared 1.60 times one way.',
    );
    expect(laterWords(ranked({ detail: 0, smear: Infinity }), ranked({}))).toBe(
      'Black or clipped nearly everywhere.',
    );
    expect(figuresWords(ranked({ clipped: 0.00004, noise: 0.026 }))).toBe(
      'detail 100 · smear 1.0 · clipped under 0.01 % · noise 1/38 of the light',
    );
    expect(figuresWords(ranked({ noise: Infinity, smear: Infinity }))).toContain('not known');
    expect([0, 0.5, 0.0123].map(shareWords)).toEqual(['0 %', '50 %', '1.2 %']);
  });
});

describe('what differs in two raws', () => {
  const compared = (
    stops: readonly [number, number, number],
    part: Partial<NonNullable<ComparedFrames['raw']>> = {},
    shownStops = 0,
  ): ComparedFrames => ({
    raw: {
      channels: [
        { stops: stops[0], differing: 0.5 },
        { stops: stops[1], differing: 0.5 },
        { stops: stops[2], differing: 0.5 },
      ],
      differing: 0.5,
      largest: 40,
      range: 3839,
      overNoise: 1,
      ...part,
    },
    shownStops,
    histograms: [new Uint32Array(3), new Uint32Array(3)],
  });
  const first = (c: ComparedFrames): string => compareWords(c)[0];

  test('the same data, the same light, or another exposure', () => {
    expect(compareWords(compared([0, 0, 0], { largest: 0, differing: 0 }))).toEqual([
      'The same raw data.',
      'Largest difference 0 of 3839, in 0 % of photosites.',
    ]);
    expect(first(compared([0, 0, 0]))).toMatch(/^The same light in both raws/);
    expect(first(compared([0, 0, 0], { overNoise: 3 }))).toMatch(/not the same picture/);
    expect(first(compared([0, 0, 0], { overNoise: null }))).toMatch(/their files do not tell/);
    expect(first(compared([-1 / 3, -1 / 3, -1 / 3]))).toBe(
      'In the raw B is 1/3 stop darker than A, and differs by nothing else but noise.',
    );
    expect(first(compared([2, 2, 2], { overNoise: 9 }))).toBe(
      'In the raw B is 2 stops brighter than A.',
    );
    expect(first(compared([NaN, NaN, NaN]))).toMatch(/^Nowhere/);
  });

  test('channels that differ, and how the picture is shown', () => {
    expect(compareWords(compared([0.5, 0.33, NaN]))).toContain(
      'By channel: red 0.50, green 0.33, blue not known stops.',
    );
    expect(compareWords(compared([0, 0, 0], {}, -1)).at(-1)).toMatch(/^B is shown 1 stop darker/);
    expect(first({ ...compared([0, 0, 0]), raw: null })).toMatch(/different sizes or kinds/);
  });

  test('of another than B, and where it lay before it was aligned', () => {
    expect(compareWords(compared([-1, -1, -1], { overNoise: 9 }), 'D')[0]).toBe(
      'In the raw D is 1 stop darker than A.',
    );
    const size = { width: 4000, height: 3000 };
    expect(movedWords('C', { x: 0.003, y: -0.01 }, size)).toBe(
      'C lay 12 right, 30 up of A, in photosites.',
    );
    expect(movedWords('C', { x: -0.01, y: 0 }, size)).toBe('C lay 40 left of A, in photosites.');
    expect(movedWords('B', { x: 0.0001, y: 0.0001 }, size)).toBe('B lies as A does.');
    expect(movedWords('B', null, size)).toMatch(/too little in common/);
  });

  test('an address names two to four frames, each once', () => {
    expect(comparedIds({ a: 'x', b: 'x', c: '', d: 'y' })).toEqual(['x', 'y']);
    expect(comparedIds(comparedParams(['1', '2', '3', '4', '5']))).toEqual(['1', '2', '3', '4']);
  });
});
