import { clampClick, type ClickRange } from '@velmo/core/exposure';
import {
  smoothedExposure,
  stepsOf,
  type CapturePlan,
  type CaptureStep,
  type ExposureRanges,
  type HeldExposure,
  type SeriesPlace,
} from '@velmo/core/series';
import { held, heldFocus, type Settings } from '@velmo/core/settings';
import type { CaptureEvents } from '../../device/CameraDevice';
import { ofSeries } from '../../device/seriesProgress';
import { frameId } from '../../files/frameNames';
import { waitForStep } from '../../live/stepDue';
import {
  exposureWay,
  heldAt,
  SETTLING_FRAMES,
  type ExposureWay,
  type SteppedTrack,
} from '../heldTrack';
import { compRangeOf, isoRangeOf, reportedClicks, timeRangeOf } from '../track/trackControls';
import type { ControlCapabilities, ControlSettings } from '../track/trackTypes';

/** One frame of a series, once the camera stands as it asks. */
export interface ReadyStep {
  readonly step: CaptureStep;
  readonly series: SeriesPlace | null;
  readonly told: CaptureEvents;
}

/** White and focus of a camera that does not tell them: the track holds them by itself. */
const NOT_TOLD = { white: { kelvin: 0, tint: 0 }, focusDioptres: 0 } as const;
const ANYWHERE: ClickRange = { min: -100, max: 100 };

/** How far exposure moves; of a track that only takes compensation the clicks are offsets. */
function rangesOf(controls: ControlCapabilities, about: HeldExposure): ExposureRanges {
  const byTime = exposureWay(controls) === 'time';
  return {
    time: (byTime ? timeRangeOf(controls) : null) ?? ANYWHERE,
    iso: (byTime ? isoRangeOf(controls) : null) ?? { min: about.isoClick, max: about.isoClick },
  };
}

function exposureOf(reported: ControlSettings): HeldExposure {
  const { timeClick, isoClick } = reportedClicks(reported);
  return {
    ...NOT_TOLD,
    timeClick: Math.round(timeClick ?? 0),
    isoClick: Math.round(isoClick ?? 0),
  };
}

/**
 * By what the exposure of a series is held or moved. A device that only takes compensation exposes
 * by itself: it can be moved for a bracket, and not be held.
 */
function wayOf(
  { settings }: CapturePlan,
  controls: ControlCapabilities,
  before: ControlSettings,
): ExposureWay | null {
  const { kind } = settings.series;
  const way = kind === 'single' ? null : exposureWay(controls);
  if (kind === 'bracket') return way;
  // Nor can a device be held at a shutter time that it does not report.
  return way === 'time' && reportedClicks(before).timeClick !== null ? way : null;
}

/** What the track is asked for, for one step. */
function settingsOf(
  { settings }: CapturePlan,
  { moves, biasClicks }: CaptureStep,
  exposure: HeldExposure,
  way: ExposureWay | null,
  { controls }: SteppedTrack,
  before: ControlSettings,
): Settings {
  const { timeClick, isoClick } = { ...exposure, ...moves };
  const click =
    way === 'comp'
      ? clampClick(settings.compClicks + biasClicks, compRangeOf(controls)!)
      : timeClick;
  const stands = heldAt(settings, controls, before, way, click);
  const { focusDioptres } = moves;
  const tellsIso = reportedClicks(before).isoClick !== null;
  const movesIso = way === 'time' && tellsIso && isoRangeOf(controls) !== null;
  return {
    ...stands,
    ...(movesIso && { iso: held(isoClick) }),
    ...(focusDioptres !== undefined && { focus: heldFocus(focusDioptres) }),
  };
}

/** What an interval's next frame is exposed with, as the light now is. */
async function meteredAnew(
  exposure: HeldExposure,
  { settings }: CapturePlan,
  track: SteppedTrack,
): Promise<HeldExposure> {
  const { differenceClicks } = await track.nextReadings();
  const brighter = settings.compClicks - differenceClicks;
  const { timeClick, isoClick } = exposure;
  const ranges = rangesOf(track.controls, exposure);
  // What the photographer holds is held; of two open tapes it is Time that moves.
  if (settings.time.mode === 'auto')
    return smoothedExposure(exposure, { timeClick: timeClick + brighter, isoClick }, ranges);
  if (settings.iso.mode === 'held') return exposure;
  const time = { min: timeClick, max: timeClick };
  const metered = { timeClick, isoClick: isoClick + brighter };
  return smoothedExposure(exposure, metered, { ...ranges, time });
}

/**
 * Leads a track through the steps of a plan and yields each once the camera stands as it asks: from
 * the exposure, white and focus the track reports, held as far as it lets itself be held. It is
 * given back afterwards.
 */
export async function* browserSteps(
  plan: CapturePlan,
  track: SteppedTrack,
  events: CaptureEvents,
  stop: AbortSignal,
): AsyncGenerator<ReadyStep, void> {
  const before = track.reported();
  const { kind } = plan.settings.series;
  const way = wayOf(plan, track.controls, before);
  let exposure = exposureOf(before);
  const ranges = rangesOf(track.controls, exposure);
  const steps = stepsOf(plan, exposure, { ranges, sharpHalfWidth: null });
  const leads = way !== null || kind === 'focus';
  const count = steps.length;
  const id = frameId(Date.now());
  const began = performance.now();
  try {
    for (const [number, step] of steps.entries()) {
      const told = ofSeries(events, number, count);
      if (number > 0 && stop.aborted) return;
      if (number > 0 && step.dueS > 0) {
        const went = await waitForStep(steps, number, began, told, stop);
        if (went === 'stopped') return;
        if (went === 'missed') events.onMissed(number);
        if (went === 'missed') continue;
      }
      const stands = exposure;
      if (way === 'time' && step.metersAnew) exposure = await meteredAnew(exposure, plan, track);
      const moves = Object.keys(step.moves).length > 0 || exposure !== stands;
      if (leads && (number === 0 || moves)) {
        told.onProgress({ share: 0, stage: 'Setting the exposure' });
        await track.hold(settingsOf(plan, step, exposure, way, track, before));
        await track.letGo(SETTLING_FRAMES[way ?? 'comp']);
      }
      const series = count > 1 ? { id, kind, step: number, count } : null;
      yield { step, series, told };
    }
  } finally {
    if (leads) track.restore();
  }
}
