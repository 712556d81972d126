import { sourceFile, sourceKind } from '../../src/combine/sourceFile';
import { exposureBars, focusBars, pictureBars } from '../../src/screens/combine/barsOfStack';
import type { ListedFrame } from '../../src/storage/frames/madeFrame';
import {
  laidWords,
  makingWords,
  movedWords,
  nextFrame,
  paintedWords,
  paintWords,
  takenWords,
  wayWords,
} from '../../src/screens/combine/combineWords';

describe('what Combine says', () => {
  test('of what moved, and of what is taken there', () => {
    expect(movedWords(null)).toBe('');
    expect(movedWords(0)).toBe('Nothing moved between the frames.');
    expect(movedWords(1)).toMatch(/^Something moved in one place: there one frame is taken alone/);
    expect(movedWords(3)).toMatch(/3 places/);
    expect(takenWords(1, 5)).toMatch(/^Here frame 2 of 5 alone/);
    expect(takenWords(-1, 5)).toMatch(/^Here all frames are merged/);
  });

  test('a tap goes through all frames, then to all of them merged, and begins anew', () => {
    const taps = [0];
    for (let n = 0; n < 4; n++) taps.push(nextFrame(taps[n], 3));
    expect(taps).toEqual([0, 1, 2, -1, 0]);
  });

  test('of frames that moved, and of those that are not in it', () => {
    expect(laidWords(false, [])).toBe('');
    expect(laidWords(true, [])).toBe('The frames had moved, and were laid on one another.');
    expect(laidWords(false, [3])).toMatch(/^Frame 3 could not be laid on the others/);
    expect(laidWords(true, [2, 5, 7])).toMatch(/Frames 2, 5 and 7 could not be/);
  });

  test('how far it is, and how long it takes once that can be told', () => {
    expect(makingWords(0.02, 0.1)).toBe('Making the frame · 2 %');
    expect(makingWords(0.25, 2)).toBe('Making the frame · 25 % · about 6 s left');
    expect(makingWords(0.99, 2)).toMatch(/about 1 s left/);
  });

  test('noise falls by the root of the number', () => {
    expect(wayWords('average', 9)).toMatch(/noise 3\.0 times less/);
  });

  test('what colours stand for, and what a stroke has done', () => {
    expect(paintWords('focus')).toMatch(/which frame is taken where/);
    expect(paintWords('stars')).toMatch(/ground, as it stood/);
    expect(paintedWords('focus', 2, 5)).toBe('Painted: here frame 5 is taken.');
    expect(paintedWords('stars', 1, 2)).toBe('Painted: here is sky.');
    expect(paintedWords('stars', -1, 0)).toBe('Painted back to what was found.');
  });
});

describe('the frames of a stack', () => {
  const frame = (id: string, facts: object, kinds = ['dng']): ListedFrame =>
    ({
      record: {
        id,
        camera: 'simulated',
        timeS: 1 / 60,
        iso: 100,
        focusDioptres: null,
        files: kinds.map((kind) => ({ kind })),
        ...facts,
      },
    }) as unknown as ListedFrame;

  test('stand by what they hold, the least exposed first', () => {
    const frames = [frame('a', { timeS: 1 / 15 }), frame('b', { timeS: 1 / 250 })];
    const bars = exposureBars(frames, new Map([['b', { clipStops: 6, floorStops: -4 }]]));
    expect(bars.map(({ record, number }) => [record.id, number])).toEqual([
      ['b', 2],
      ['a', 1],
    ]);
    expect(bars[0]).toMatchObject({ holds: 'holds +6 to −4 stops', bar: { top: 0, height: 1 } });
    expect(bars[1]).toMatchObject({ holds: '', bar: null });
    expect(pictureBars(frames).map(({ bar }) => bar!.top)).toEqual([0, 0.5]);
  });

  test('or by where they are focused, the nearest first and lowest, each in its colour', () => {
    const frames = [1, 4, 2].map((d) => frame(`d${d}`, { focusDioptres: d }));
    const bars = focusBars(frames, new Set(['d2']));
    expect(bars.map(({ words }) => words)).toEqual(['0.25 m', '0.5 m', '1 m']);
    expect(bars.map(({ bar }) => bar?.top)).toEqual([0.5, undefined, 0]);
    expect(new Set(bars.map(({ colour }) => colour)).size).toBe(3);
    const unknown = focusBars([frame('x', {}), frame('y', { focusDioptres: 1 })], new Set());
    expect(unknown.map(({ holds }) => holds)).toEqual(['', '']);
  });

  test('are combined by their raws where two have one, else by their pictures', () => {
    const raws = [frame('a', {}, ['dng', 'jpeg']), frame('b', {}), frame('c', {}, ['jpeg'])];
    expect(sourceKind(raws)).toBe('raw');
    expect(raws.map((one) => sourceFile(one, 'raw')?.kind)).toEqual(['dng', 'dng', undefined]);
    const pictures = [raws[0], raws[2]];
    expect(sourceKind(pictures)).toBe('picture');
    expect(pictures.map((one) => sourceFile(one, 'picture')?.kind)).toEqual(['jpeg', 'jpeg']);
  });
});
