import {
  laidWords,
  makingWords,
  movedWords,
  nextFrame,
  takenWords,
  wayWords,
} from '../src/screens/combine/combineWords';

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
});
