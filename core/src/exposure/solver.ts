import { clicksFromStops } from './clicks';

/** Inclusive range of clicks a control can be moved in. */
export interface ClickRange {
  readonly min: number;
  readonly max: number;
}

export interface SolverInput {
  /** Held time in clicks, or null when the camera may move it. */
  readonly timeClick: number | null;
  readonly isoClick: number | null;
  /** Compensation in clicks: positive makes the picture brighter. */
  readonly compClicks: number;
  /**
   * Metered light as the exposure (clicks of time + clicks of ISO) that would render it mid-grey.
   */
  readonly lightClicks: number;
  readonly timeRange: ClickRange;
  readonly isoRange: ClickRange;
  /** The lowest ISO auto will choose: base, never extended. */
  readonly baseIsoClick: number;
  /** Longest time auto chooses before it raises ISO; null on a tripod. */
  readonly handheldTimeClick: number | null;
}

export interface Solution {
  readonly timeClick: number;
  readonly isoClick: number;
  /** Clicks the exposure is above (+) or below (-) what meter and compensation ask for. */
  readonly differenceClicks: number;
  /** The auto controls ran into their ends; false when nothing was left open. */
  readonly outOfRange: boolean;
}

/** The nearest click a control can be moved to. */
export const clampClick = (value: number, range: ClickRange): number =>
  Math.min(range.max, Math.max(range.min, value));

/**
 * Clicks of exposure (time clicks + ISO clicks) that render a surface of this EV100 mid-grey at the
 * aperture. With t = 1 s and ISO 100 both zero: log2(N^2) - EV100, in clicks.
 */
export const lightClicksFromEv100 = (ev100: number, fNumber: number): number =>
  clicksFromStops(2 * Math.log2(fNumber) - ev100);

/**
 * Fills the tapes that were left open. Order of preference with both open: base ISO and a time no
 * longer than can be hand-held, then higher ISO, then a longer time; on a tripod base ISO and any
 * time, then higher ISO. Never moves a held value. All numbers are clicks (thirds of a stop); half
 * clicks pass through, so that compensation in half stops is met exactly.
 */
export function solveExposure(input: SolverInput): Solution {
  const wanted = input.lightClicks + input.compClicks;
  let timeClick: number;
  let isoClick: number;
  if (input.timeClick !== null && input.isoClick !== null) {
    timeClick = input.timeClick;
    isoClick = input.isoClick;
  } else if (input.timeClick !== null) {
    timeClick = input.timeClick;
    isoClick = clampClick(wanted - timeClick, { min: input.baseIsoClick, max: input.isoRange.max });
  } else if (input.isoClick !== null) {
    isoClick = input.isoClick;
    timeClick = clampClick(wanted - isoClick, input.timeRange);
  } else {
    const longest = clampClick(input.handheldTimeClick ?? input.timeRange.max, input.timeRange);
    isoClick = clampClick(input.baseIsoClick, input.isoRange);
    timeClick = clampClick(wanted - isoClick, input.timeRange);
    if (timeClick > longest || timeClick + isoClick < wanted) {
      timeClick = longest;
      isoClick = clampClick(wanted - timeClick, { min: isoClick, max: input.isoRange.max });
      timeClick = clampClick(wanted - isoClick, input.timeRange);
    }
  }
  const differenceClicks = timeClick + isoClick - wanted;
  const open = input.timeClick === null || input.isoClick === null;
  return { timeClick, isoClick, differenceClicks, outOfRange: open && differenceClicks !== 0 };
}

/** Clicks of exposure that reach the raw: ISO under base only renders it differently. */
export const rawClicks = (
  { timeClick, isoClick }: Pick<Solution, 'timeClick' | 'isoClick'>,
  baseIsoClick: number,
): number => timeClick + Math.max(baseIsoClick, isoClick);
