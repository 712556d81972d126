import type { WhitePoint } from '../colour/whitePoint';
import type { Settings } from '../settings/settings';

/** What a frame is exposed with: solved once, when Expose is pressed, held for the whole plan. */
export interface HeldExposure {
  readonly timeClick: number;
  readonly isoClick: number;
  readonly white: WhitePoint;
  readonly focusDioptres: number;
}

/** How the light of one frame is gathered: in one exposure, or averaged over several. */
export type Gathering =
  { readonly kind: 'single' } | { readonly kind: 'average'; readonly frames: number };

/** One frame of a plan. */
export interface CaptureStep {
  /** What moves against the exposure that is held. */
  readonly moves: Partial<HeldExposure>;
  readonly gathering: Gathering;
}

/** What one press of Expose makes. */
export interface CapturePlan {
  /** As they were when Expose was pressed. */
  readonly settings: Settings;
  /** Focus is found anew first, where it is the camera's to find. */
  readonly focusFirst: boolean;
  /** In the order in which they are made. */
  readonly steps: readonly CaptureStep[];
}

/**
 * One frame, or the average that the settings ask for.
 *
 * @param averages the camera can average frames
 */
export function framePlan(
  settings: Settings,
  { focusFirst, averages }: { readonly focusFirst: boolean; readonly averages: boolean },
): CapturePlan {
  const gathering: Gathering =
    averages && settings.average > 1
      ? { kind: 'average', frames: settings.average }
      : { kind: 'single' };
  return { settings, focusFirst, steps: [{ moves: {}, gathering }] };
}
