import { stepsOf, type CapturePlan, type CaptureStep, type SeriesPlace } from '@velmo/core/series';
import { clampClick } from '@velmo/core/exposure';
import { held, type Settings } from '@velmo/core/settings';
import type { CaptureEvents } from '../device/CameraDevice';
import { ofSeries } from '../device/seriesProgress';
import { frameId } from '../files/frameNames';
import { waitForStep } from '../live/stepDue';
import { exposureWay, heldAt, SETTLING_FRAMES, type ExposureWay } from './heldTrack';
import { compRangeOf, isoRangeOf, reportedClicks, timeRangeOf } from './track/trackControls';
import type { ControlCapabilities, ControlSettings } from './track/trackTypes';

/** One frame of a series, once the camera stands as it asks. */
export interface ReadyStep {
  readonly step: CaptureStep;
  readonly series: SeriesPlace | null;
  readonly told: CaptureEvents;
}

/** What a series needs of the camera. */
export interface SteppedTrack {
  readonly controls: ControlCapabilities;
  reported(): ControlSettings;
  /** Asks for settings and waits until the track says it follows. */
  hold(settings: Settings): Promise<void>;
  /** Gives the track back to the photographer's settings. */
  restore(): void;
  /** Lets frames go that were exposed before. */
  letGo(frames: number): Promise<void>;
}

/** Time and ISO of a camera that does not tell them: nothing is moved by them. */
const NOT_TOLD = { timeClick: 0, isoClick: 0, white: { kelvin: 0, tint: 0 }, focusDioptres: 0 };
const ANYWHERE = { min: -100, max: 100 } as const;

/** The steps a track is led through; exposures of one that only takes compensation are offsets. */
function trackSteps(
  plan: CapturePlan,
  controls: ControlCapabilities,
  reported: ControlSettings,
): CaptureStep[] {
  const { timeClick, isoClick } = reportedClicks(reported);
  const about = {
    ...NOT_TOLD,
    timeClick: Math.round(timeClick ?? 0),
    isoClick: Math.round(isoClick ?? 0),
  };
  const byTime = exposureWay(controls) === 'time';
  const iso = byTime && isoClick !== null ? isoRangeOf(controls) : null;
  const time = byTime ? timeRangeOf(controls) : null;
  const ranges = {
    time: time ?? ANYWHERE,
    iso: iso ?? { min: about.isoClick, max: about.isoClick },
  };
  return stepsOf(plan, about, { ranges, sharpHalfWidth: null });
}

/** What the track is asked for, for one step. */
function settingsOf(
  { settings }: CapturePlan,
  { moves, biasClicks }: CaptureStep,
  way: ExposureWay,
  track: SteppedTrack,
  before: ControlSettings,
): Settings {
  if (way === 'comp') {
    const range = compRangeOf(track.controls)!;
    return heldAt(settings, before, way, clampClick(settings.compClicks + biasClicks, range));
  }
  const stepped = heldAt(settings, before, way, moves.timeClick!);
  return isoRangeOf(track.controls) ? { ...stepped, iso: held(moves.isoClick!) } : stepped;
}

/**
 * Leads a track through the steps of a plan and yields each once the camera stands as it asks. Only
 * a bracket moves it: it starts from the exposure the track reports, held, and the track is given
 * back afterwards.
 */
export async function* browserSteps(
  plan: CapturePlan,
  track: SteppedTrack,
  events: CaptureEvents,
  stop: AbortSignal,
): AsyncGenerator<ReadyStep, void> {
  const before = track.reported();
  const { kind } = plan.settings.series;
  const way = kind === 'bracket' ? exposureWay(track.controls) : null;
  const steps = trackSteps(plan, track.controls, before);
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
      if (way) {
        told.onProgress({ share: 0, stage: 'Setting the exposure' });
        await track.hold(settingsOf(plan, step, way, track, before));
        await track.letGo(SETTLING_FRAMES[way]);
      }
      const series = count > 1 ? { id, kind, step: number, count } : null;
      yield { step, series, told };
    }
  } finally {
    if (way) track.restore();
  }
}
