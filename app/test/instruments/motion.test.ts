import { TapeMotion, CLICK_PX, type TapeMoves } from '../../src/instruments/tape/TapeMotion';
import { glide } from '../../src/instruments/tape/glide';

const range = { min: -39, max: 18 };
let still = false;
let frames: ((now: number) => void)[] = [];
let now = 0;

/** Runs animation frames of 16 ms until none is asked for. */
function play(limit = 600): number {
  let n = 0;
  for (; frames.length > 0 && n < limit; n++) {
    now += 16;
    const due = frames;
    frames = [];
    for (const frame of due) frame(now);
  }
  return n;
}

beforeEach(() => {
  still = false;
  frames = [];
  now = 0;
  jest.spyOn(performance, 'now').mockImplementation(() => now);
  window.matchMedia = ((query: string) => ({
    matches: still,
    media: query,
  })) as typeof window.matchMedia;
  window.requestAnimationFrame = (frame) => frames.push(frame);
  globalThis.requestAnimationFrame = window.requestAnimationFrame;
});
afterEach(() => jest.restoreAllMocks());

describe('glide', () => {
  const run = (position: number, velocity: number, step = 1): number[] => {
    const seen: number[] = [];
    glide(position, velocity, range, step, (p) => seen.push(p));
    play();
    return seen;
  };
  test('carries on in the direction of the fling and settles on a detent', () => {
    const seen = run(-20.4, 40);
    expect(seen.at(-1)).toBe(Math.round(seen.at(-1)!));
    expect(seen.at(-1)).toBeGreaterThan(-19);
    expect(frames).toHaveLength(0);
  });
  test('a faster fling goes further', () => {
    expect(run(0, -60).at(-1)).toBeLessThan(run(0, -30).at(-1)!);
  });
  test('without a fling it goes to the nearest detent', () => {
    expect(run(-20.4, 0).at(-1)).toBe(-20);
    expect(run(-20.6, 0).at(-1)).toBe(-21);
  });
  test('settles on the detents of half and whole stops', () => {
    expect(run(-20.4, 0, 1.5).at(-1)).toBe(-21);
    expect(run(-20.2, 0, 1.5).at(-1)).toBe(-19.5);
    expect(run(1.4, 0, 3).at(-1)).toBe(0);
  });
  test('never leaves the scale', () => {
    const seen = run(10, 500);
    expect(Math.max(...seen)).toBeLessThanOrEqual(18);
    expect(seen.at(-1)).toBe(18);
  });
  test('stops when taken in hand', () => {
    const seen: number[] = [];
    const running = glide(0, 60, range, 1, (p) => seen.push(p));
    play(3);
    running.stop();
    const count = seen.length;
    play();
    expect(seen).toHaveLength(count);
  });
  test('with reduced motion it is there at once', () => {
    still = true;
    expect(run(3.4, 60)).toEqual([3]);
  });
});

describe('a tape in hand', () => {
  const hold = (change: Partial<TapeMoves> = {}) => {
    const moves = {
      range,
      click: -21,
      held: true,
      step: 1,
      releasable: true,
      onChange: jest.fn(),
      onRelease: jest.fn(),
      ...change,
    };
    const ruler = document.createElement('div');
    const motion = new TapeMotion();
    motion.follow(moves, ruler);
    return { moves, ruler, motion };
  };
  const offset = (ruler: HTMLElement): number => Number(/-?[\d.]+/.exec(ruler.style.transform)![0]);

  test('the ruler stands where the value is', () => {
    const { ruler } = hold();
    expect(offset(ruler)).toBe(-(-21 - -39) * CLICK_PX);
  });
  test('dragging left brings higher values, click by click', () => {
    const { moves, motion } = hold();
    motion.onStart();
    motion.onMove(-CLICK_PX * 0.4);
    expect(moves.onChange).not.toHaveBeenCalled();
    motion.onMove(-CLICK_PX * 2);
    expect(moves.onChange).toHaveBeenLastCalledWith(-19);
  });
  test('asks once for what has not been rendered yet, and again for what came back', () => {
    const { moves, ruler, motion } = hold();
    motion.onStart();
    motion.onMove(-CLICK_PX * 2);
    motion.onMove(-CLICK_PX * 2);
    expect(moves.onChange).toHaveBeenCalledTimes(1);
    motion.onMove(0);
    expect(moves.onChange).toHaveBeenLastCalledWith(-21);
    motion.follow({ ...moves, click: -20 }, ruler);
    motion.onMove(0);
    expect(moves.onChange).toHaveBeenCalledTimes(3);
  });
  test('in half stops, values move by one and a half clicks', () => {
    const { moves, motion } = hold({ range: { min: -18, max: 18 }, click: 0, step: 1.5 });
    motion.onStart();
    motion.onMove(-CLICK_PX * 1.2);
    expect(moves.onChange).toHaveBeenLastCalledWith(1.5);
  });
  test('taking an auto tape in hand sets it where it stands', () => {
    const { moves, motion } = hold({ held: false });
    motion.onStart();
    expect(moves.onChange).toHaveBeenCalledWith(-21);
  });
  test('a value that moves meanwhile does not pull the ruler out of the hand', () => {
    const { moves, ruler, motion } = hold();
    motion.onStart();
    motion.onMove(-CLICK_PX * 0.4);
    const held = offset(ruler);
    motion.follow({ ...moves, click: -3 }, ruler);
    expect(offset(ruler)).toBe(held);
  });
  test('let go, it settles, and follows its value again', () => {
    const { moves, ruler, motion } = hold();
    motion.onStart();
    motion.onMove(-CLICK_PX * 1.4);
    motion.onEnd(0);
    play();
    expect(moves.onChange).toHaveBeenLastCalledWith(-20);
    motion.follow({ ...moves, click: 0 }, ruler);
    expect(offset(ruler)).toBe(-39 * CLICK_PX);
  });
  test('a double tap gives it back, where it can be given back', () => {
    const { moves, motion } = hold();
    motion.onDoubleTap();
    expect(moves.onRelease).toHaveBeenCalledTimes(1);
    const fixed = hold({ releasable: false });
    fixed.motion.onDoubleTap();
    expect(fixed.moves.onRelease).not.toHaveBeenCalled();
  });
});
