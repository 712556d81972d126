import type { StackFacts } from './way';

/** All of them have a raw. */
export const areRaws = (stack: readonly StackFacts[]): boolean => stack.every(({ raw }) => raw);

/** How far apart the exposures of a stack lie, in stops; 0 where they are not known. */
export function exposureSpread(stack: readonly StackFacts[]): number {
  const stops = stack.flatMap(({ timeS, iso }) =>
    timeS === null ? [] : [Math.log2(timeS * (iso ?? 100))],
  );
  return stops.length < stack.length ? 0 : Math.max(...stops) - Math.min(...stops);
}

/** How far apart a stack is focused, in dioptres; 0 where that is not known. */
export function focusSpread(stack: readonly StackFacts[]): number {
  const focus = stack.flatMap(({ focusDioptres }) =>
    focusDioptres === null ? [] : [focusDioptres],
  );
  return focus.length < stack.length ? 0 : Math.max(...focus) - Math.min(...focus);
}

/** Exposures no further apart than this, in stops, are the same. */
const SAME_STOPS = 0.35;
/** Focus that differs by less is the same: a hand holds no stiller. */
const SAME_DIOPTRES = 0.02;
/**
 * Frames as long as this were taken in the dark: what shines leaves trails from one to the next.
 */
const DARK_S = 2;
/** Fewer frames than this make no trail. */
const TRAIL_FRAMES = 5;

export const isSameExposure = (stack: readonly StackFacts[]): boolean =>
  exposureSpread(stack) <= SAME_STOPS;

export const isSameFocus = (stack: readonly StackFacts[]): boolean =>
  focusSpread(stack) <= SAME_DIOPTRES;

/** Frames among which what shines leaves trails. */
export const hasTrails = (stack: readonly StackFacts[]): boolean =>
  stack.length >= TRAIL_FRAMES && isLongInTheDark(stack);

/** Frames as long as the dark asks for. */
export const isLongInTheDark = (stack: readonly StackFacts[]): boolean =>
  isSameExposure(stack) && stack.every(({ timeS }) => timeS !== null && timeS >= DARK_S);
