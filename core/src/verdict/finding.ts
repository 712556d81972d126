import type { ExposureContext } from '../consequence/exposureContext';
import type { Solution } from '../exposure/solver';
import type { NudgeRanges } from '../settings/nudge';
import type { Settings } from '../settings/settings';

/** What the rules look at. */
export interface VerdictInput {
  readonly settings: Settings;
  readonly solution: Solution;
  readonly ranges: NudgeRanges;
  /** Lowest ISO that auto chooses. */
  readonly baseIsoClick: number;
  /** The rig has a tripod and filters to offer. */
  readonly hasRig: boolean;
  readonly context: ExposureContext;
  /** Share of the frame clipped in red, green, blue, 0..1, from raw values. */
  readonly clippedShare: readonly [number, number, number];
  /** Share of the frame lost in noise, 0..1. */
  readonly crushedShare: number;
  /**
   * Stops by which the brightest tones (all but a thousandth of the frame) pass clipping, per
   * channel; null where the device cannot see past its own clipping.
   */
  readonly overClipStops: readonly [number, number, number] | null;
  /** Stops that the frame's darkest hundredth lies under the noise; null where not known. */
  readonly underFloorStops: number | null;
  /** Distance that is in focus, in metres; null where not known. */
  readonly focusedM: number | null;
  /** What a press would make; null: one frame, as it stands. */
  readonly series: SeriesForecast | null;
}

/** A series as it would be made now. */
export interface SeriesForecast {
  readonly frames: number;
  /** Clicks from the exposure that stands to the darkest and to the brightest frame. */
  readonly darkestClicks: number;
  readonly brightestClicks: number;
  readonly longestTimeClick: number;
  /**
   * Clicks that the camera's time and ISO do not reach: of the darkest and of the brightest frame.
   */
  readonly missingClicks: { readonly dark: number; readonly bright: number };
  /** Dioptres between neighbouring focus steps that none of them holds sharp. */
  readonly focusGapDioptres: number;
  /** Frames that fit into the storage that is left; null where that is not told. */
  readonly room: number | null;
}

/** A one-tap way out of a finding: the settings it leads to, and what it says on the button. */
export interface Repair {
  readonly label: string;
  readonly settings: Settings;
}

export interface Finding {
  readonly id: string;
  /** Higher comes first. */
  readonly weight: number;
  readonly text: string;
  /** Ways out, the one that changes least first; empty when the instrument knows none. */
  readonly repairs: readonly Repair[];
}

/** One rule, one file: what it found, or null. */
export type Rule = (input: VerdictInput) => Finding | null;
