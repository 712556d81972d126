import type { WhitePoint } from '../colour/whitePoint';
import type { Settings } from '../settings/settings';
import type { ExposureRanges } from './bracket';
import { definitionOf } from './kinds';
import type { Long } from './series';

/** What a frame is exposed with: solved once, when Expose is pressed, held for the whole plan. */
export interface HeldExposure {
  readonly timeClick: number;
  readonly isoClick: number;
  readonly white: WhitePoint;
  readonly focusDioptres: number;
}

/** How the light of one frame is gathered: in one exposure, over several, or over a long while. */
export type Gathering =
  | { readonly kind: 'single' }
  | { readonly kind: 'average'; readonly frames: number }
  | ({ readonly kind: 'long' } & Long);

/** One frame of a plan. */
export interface CaptureStep {
  /** What moves against the exposure that is held. */
  readonly moves: Partial<HeldExposure>;
  /** Clicks brighter than what is held, on purpose. */
  readonly biasClicks: number;
  /** Seconds after the first frame at which it is due; 0: as soon as the one before is made. */
  readonly dueS: number;
  /** The light is read anew for it; focus and white stay. */
  readonly metersAnew: boolean;
  readonly gathering: Gathering;
}

/** What one press of Expose makes. */
export interface CapturePlan {
  /** As they were when Expose was pressed; the series is theirs. */
  readonly settings: Settings;
  /** Focus is found anew first, where it is the camera's to find. */
  readonly focusFirst: boolean;
  /** How the light of each frame is gathered. */
  readonly gathering: Gathering;
}

/** What a camera's steps are worked out from. */
export interface SteppedCamera {
  readonly ranges: ExposureRanges;
  /** Half the length of what looks sharp, in dioptres; null where the lens is not known. */
  readonly sharpHalfWidth: number | null;
}

/**
 * What a press makes of the settings: their series, each frame of it averaged where they ask for
 * it.
 *
 * @param averages the camera can average frames
 */
export const planOf = (
  settings: Settings,
  { focusFirst, averages }: { readonly focusFirst: boolean; readonly averages: boolean },
): CapturePlan => ({
  settings,
  focusFirst,
  gathering: gatheringOf(settings, averages),
});

function gatheringOf({ series, average }: Settings, averages: boolean): Gathering {
  if (series.kind === 'long') return series;
  return averages && average > 1 ? { kind: 'average', frames: average } : { kind: 'single' };
}

/** The frames of a plan, about the exposure that is held. */
export const stepsOf = (
  { settings: { series }, gathering }: CapturePlan,
  about: HeldExposure,
  camera: SteppedCamera,
): CaptureStep[] =>
  definitionOf(series)
    .steps(series, about, camera)
    .map((step) => ({ ...step, gathering }));

/** Frames that a series makes. */
export const seriesFrames = ({ series }: Settings, sharpHalfWidth: number | null): number =>
  definitionOf(series).frames(series, sharpHalfWidth);
