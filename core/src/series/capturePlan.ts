import type { WhitePoint } from '../colour/whitePoint';
import type { Settings } from '../settings/settings';
import { bracketFrames, type ExposureRanges } from './bracket';
import { focusedAt } from './focusSteps';
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
 * What a press makes of the settings: their series, each frame of it averaged where they ask for it.
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

const STILL = { moves: {}, biasClicks: 0, dueS: 0, metersAnew: false } as const;

/** What each frame moves, in the order in which they are made. */
function movesOf(
  { series }: Settings,
  about: HeldExposure,
  { ranges, sharpHalfWidth }: SteppedCamera,
): Omit<CaptureStep, 'gathering'>[] {
  switch (series.kind) {
    case 'single':
    case 'long':
      return [STILL];
    case 'burst':
      return Array.from({ length: series.frames }, () => STILL);
    case 'bracket':
      return bracketFrames(series, about, ranges).map(
        ({ timeClick, isoClick, offsetClicks, missingClicks }) => ({
          ...STILL,
          moves: { timeClick, isoClick },
          biasClicks: offsetClicks - missingClicks,
        }),
      );
    case 'focus': {
      const places = focusedAt(sharpHalfWidth, series);
      if (places.length === 0) return [STILL];
      return places.map((focusDioptres) => ({ ...STILL, moves: { focusDioptres } }));
    }
    case 'interval':
      return Array.from({ length: series.frames }, (_, i) => ({
        ...STILL,
        dueS: i * series.everyS,
        metersAnew: i > 0 && series.exposure === 'metered',
      }));
  }
}

/** The frames of a plan, about the exposure that is held. */
export const stepsOf = (
  { settings, gathering }: CapturePlan,
  about: HeldExposure,
  camera: SteppedCamera,
): CaptureStep[] => movesOf(settings, about, camera).map((step) => ({ ...step, gathering }));

/** Frames that a series makes. */
export function seriesFrames({ series }: Settings, sharpHalfWidth: number | null): number {
  if (series.kind === 'single' || series.kind === 'long') return 1;
  if (series.kind !== 'focus') return series.frames;
  return Math.max(1, focusedAt(sharpHalfWidth, series).length);
}
