/** Clicks a second squared by which a flung tape slows down. */
const FRICTION = 90;
/** Below this speed, in clicks a second, the tape settles on the nearest detent. */
const SETTLE_SPEED = 6;
const SETTLE_MS = 110;

/** A tape that has been let go and goes on by itself. */
export interface Glide {
  stop(): void;
}

/** True where the system was asked for less motion. */
export const prefersStillness = (): boolean =>
  window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/**
 * Lets a tape run on after a fling and settle on a detent.
 *
 * @param position where it is, in clicks
 * @param velocity clicks a second
 * @param step clicks from detent to detent, counted from the range's lower end
 * @param move called with each new position; the last one is a detent
 */
export function glide(
  position: number,
  velocity: number,
  range: { min: number; max: number },
  step: number,
  move: (position: number) => void,
): Glide {
  const clamp = (v: number): number => Math.min(range.max, Math.max(range.min, v));
  const detent = (v: number): number =>
    clamp(range.min + Math.round((clamp(v) - range.min) / step) * step);
  if (prefersStillness()) {
    move(detent(position));
    return { stop: () => {} };
  }
  let stopped = false;
  let last = performance.now();
  let at = position;
  let speed = velocity;
  const settle = (from: number, started: number): void => {
    const target = detent(from);
    const ease = (now: number): void => {
      if (stopped) return;
      const t = Math.min(1, Math.max(0, (now - started) / SETTLE_MS));
      move(t === 1 ? target : from + (target - from) * (1 - (1 - t) ** 3));
      if (t < 1) requestAnimationFrame(ease);
    };
    requestAnimationFrame(ease);
  };
  const run = (now: number): void => {
    if (stopped) return;
    const dt = Math.max(0, now - last) / 1000;
    last = now;
    const slower = Math.max(0, Math.abs(speed) - FRICTION * dt);
    speed = Math.sign(speed) * slower;
    at = clamp(at + speed * dt);
    if (slower < SETTLE_SPEED || at === range.min || at === range.max) {
      settle(at, now);
      return;
    }
    move(at);
    requestAnimationFrame(run);
  };
  requestAnimationFrame(run);
  return {
    stop: () => {
      stopped = true;
    },
  };
}
