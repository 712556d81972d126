import type { CombineChoices } from '@velmo/core/combine';
import { combinedFrame } from '../../src/combine/combinedFrame';
import type { MadeCombination } from '../../src/combine/combine.worker';
import type { ListedFrame } from '../../src/storage/frames/madeFrame';

const frame = (id: string, capturedAt: number): ListedFrame =>
  ({
    record: { id, capturedAt, stem: id, camera: 'simulated', place: 'x', focusDioptres: 2 },
    decision: { roll: 'Today' },
  }) as unknown as ListedFrame;

const SOURCES = ['a', 'b', 'c'].map((id, k) => frame(id, 1000 + k));
const MADE = { files: [], thumbnail: '', width: 4, height: 3, clippedShare: null };
const painted = [0, 1, 2, -1].map((part) => ({ x: 0.5, y: 0.5, radius: 0.1, frame: part }));
const choices = (way: CombineChoices['way']): CombineChoices => ({
  way,
  moved: [],
  painted,
  finish: null,
  floating: false,
});

const recipeOf = (way: CombineChoices['way']) =>
  combinedFrame(
    SOURCES,
    { reference: 2, leftOut: [1] },
    choices(way),
    MADE as unknown as MadeCombination,
  ).made.facts;

test('what was painted names the frames that are in it, so that it can be made again', () => {
  const { combined, focusDioptres, capturedAt } = recipeOf('focus');
  expect(combined!.sources).toEqual(['a', 'c']);
  expect(combined!.painted!.map((dab) => dab.frame)).toEqual([0, -1, 1, -1]);
  expect([focusDioptres, capturedAt]).toEqual([null, 1003]);
});

test('ground and sky stay what they are', () => {
  expect(recipeOf('stars').combined!.painted!.map((dab) => dab.frame)).toEqual([0, 1, 2, -1]);
  expect(recipeOf('stars').focusDioptres).toBe(2);
});
