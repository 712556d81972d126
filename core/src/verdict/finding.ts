import type { Solution } from '../exposure/solver';
import type { Settings } from '../settings/settings';

/** What the rules look at. */
export interface VerdictInput {
  readonly settings: Settings;
  readonly solution: Solution;
  /** Share of the frame clipped in red, green, blue, 0..1, from raw values. */
  readonly clippedShare: readonly [number, number, number];
  /**
   * Stops by which the brightest tones (all but a thousandth of the frame) pass clipping, per channel; null where
   * the device cannot see past its own clipping.
   */
  readonly overClipStops: readonly [number, number, number] | null;
}

/** The one-tap way out of a finding. */
export type Repair =
  | { readonly kind: 'exposure'; readonly label: string; readonly clicks: number }
  | { readonly kind: 'release'; readonly label: string; readonly control: 'time' | 'iso' };

export interface Finding {
  readonly id: string;
  /** Higher comes first. */
  readonly weight: number;
  readonly text: string;
  readonly repair?: Repair;
}

/** One rule, one file: what it found, or null. */
export type Rule = (input: VerdictInput) => Finding | null;
