import { asShotNeutral } from '../colour/cameraProfile';
import { whiteChromaticity, type WhitePoint } from '../colour/whitePoint';
import { dioptresOfClick, focusClickRange } from '../optics/focus/focusScale';
import {
  BRACKET_FRAMES,
  BRACKET_STEP_CLICKS,
  bracketFrames,
  type Bracket,
} from '../series/bracket';
import type { SimulatedShot } from '../simulate/simulatedPlan';
import { SIMULATED_ISO, SIMULATED_TIME } from '../simulate/simulatedSolver';
import type { Criterion } from './criterion';
import type { Drill } from './drill';
import { chosen, foreseenFrame, lightOf, type Choice } from './foreseen';
import type { FrameLook } from './frameLook';

/** What a frame more than one costs, in stops. */
export const FRAME_STOPS = 1 / 3;

/** The best that could have been made where a shot stood. */
export interface Best {
  readonly choice: Choice;
  /** How the frames lie about the choice's exposure; null: one frame. */
  readonly bracket: Bracket | null;
  /** Stops lost, weighted: of all, and of each criterion. */
  readonly total: number;
  readonly losses: readonly number[];
}

/** Weighted loss of each criterion in one frame. */
export const lossesOf = (criteria: readonly Criterion[], frame: FrameLook): number[] =>
  criteria.map(({ loss, weight }) => weight * loss(frame));

export const sum = (values: readonly number[]): number => values.reduce((a, v) => a + v, 0);

/** Kelvin in even steps of mired, as fine as the tape has them. */
const KELVIN = Array.from({ length: 84 }, (_, i) => 1e6 / (84 + 5 * i));
/** Tints of every lamp and of daylight, and some more. */
const TINTS = Array.from({ length: 21 }, (_, i) => i - 10);

/** The frame that a choice would make where one stands. */
type FrameOf = (choice: Choice) => FrameLook;

function bestWhite(frame: FrameLook, criterion: Criterion, at: Choice): WhitePoint {
  let best = at.white;
  let least = Infinity;
  for (const kelvin of KELVIN)
    for (const tint of TINTS) {
      const white = whiteChromaticity({ kelvin, tint });
      const neutral = asShotNeutral(frame.profile, white);
      const loss = criterion.loss({ ...frame, white, neutral });
      if (loss < least) [best, least] = [{ kelvin, tint }, loss];
    }
  return best;
}

/** Focus that loses least, by itself: nothing else depends on it. */
function bestFocus(criteria: readonly Criterion[], at: Choice, frameOf: FrameOf): number {
  const { lens } = frameOf(at).plan;
  const { min, max } = focusClickRange(lens);
  let best = at.focusDioptres;
  let least = Infinity;
  for (let click = min; click <= max; click++) {
    const focusDioptres = dioptresOfClick(lens, click);
    const frame = frameOf({ ...at, focusDioptres });
    // Of equally good ones that with the least blur.
    const blur = sum(criteria.map(({ region }) => frame.look(region!).blurPx));
    const loss = sum(lossesOf(criteria, frame)) + 1e-6 * blur;
    if (loss < least) [best, least] = [focusDioptres, loss];
  }
  return best;
}

/** Every exposure of the camera, with what it loses. */
function* exposures(criteria: readonly Criterion[], at: Choice, frameOf: FrameOf) {
  for (let isoClick = SIMULATED_ISO.min; isoClick <= SIMULATED_ISO.max; isoClick++)
    for (let timeClick = SIMULATED_TIME.min; timeClick <= SIMULATED_TIME.max; timeClick++) {
      const choice = { ...at, timeClick, isoClick };
      yield { choice, losses: lossesOf(criteria, frameOf(choice)) };
    }
}

/**
 * The best settings for a drill where a shot stood, by looking at every click of Time and ISO, of
 * Focus and of White; of a drill whose frames share the work, at every bracket. Throws RangeError
 * where something that matters is not in the picture.
 */
export function bestOf({ criteria, shares }: Drill, shot: SimulatedShot): Best {
  const light = lightOf(shot);
  const frameOf: FrameOf = (choice) => foreseenFrame(chosen(shot, choice), light);
  let at: Choice = {
    timeClick: SIMULATED_TIME.min,
    isoClick: 0,
    focusDioptres: shot.focusDioptres,
    white: shot.white,
  };
  const byFocus = criteria.filter(({ by }) => by === 'focus');
  if (byFocus.length > 0) at = { ...at, focusDioptres: bestFocus(byFocus, at, frameOf) };
  const all = [...exposures(criteria, at, frameOf)];
  if (shares) return bestBracket(criteria.length, all);
  const found = all.reduce((a, b) => (sum(b.losses) < sum(a.losses) - 1e-9 ? b : a));
  const byWhite = criteria.find(({ by }) => by === 'white');
  const choice = byWhite
    ? { ...found.choice, white: bestWhite(frameOf(found.choice), byWhite, found.choice) }
    : found.choice;
  const losses = lossesOf(criteria, frameOf(choice));
  return { choice, bracket: null, total: sum(losses), losses };
}

type Exposed = { readonly choice: Choice; readonly losses: readonly number[] };

function bestBracket(criteria: number, all: readonly Exposed[]): Best {
  const ranges = { time: SIMULATED_TIME, iso: SIMULATED_ISO };
  const key = (timeClick: number, isoClick: number): number => 1000 * isoClick + timeClick;
  const byExposure = new Map(
    all.map((exposed) => [key(exposed.choice.timeClick, exposed.choice.isoClick), exposed]),
  );
  let best: Best | null = null;
  for (let frames: number = BRACKET_FRAMES.min; frames <= BRACKET_FRAMES.max; frames++)
    for (let step: number = BRACKET_STEP_CLICKS.min; step <= BRACKET_STEP_CLICKS.max; step++) {
      const bracket: Bracket = { frames, stepClicks: step, order: 'middle-first' };
      for (const { choice } of all) {
        const losses = new Array<number>(criteria).fill(Infinity);
        for (const { timeClick, isoClick } of bracketFrames(bracket, choice, ranges)) {
          const one = byExposure.get(key(timeClick, isoClick))!.losses;
          for (let c = 0; c < criteria; c++) losses[c] = Math.min(losses[c], one[c]);
        }
        const total = sum(losses) + FRAME_STOPS * (frames - 1);
        if (!best || total < best.total - 1e-9) best = { choice, bracket, total, losses };
      }
    }
  return best!;
}
