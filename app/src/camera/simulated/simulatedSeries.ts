import { READOUT_S, type SimulatedShot } from '@velmo/core/simulate';
import {
  smoothedExposure,
  stepsOf,
  type CapturePlan,
  type HeldExposure,
  type SteppedCamera,
} from '@velmo/core/series';
import type { CaptureEvents } from '../device/CameraDevice';
import type { CapturedFrame } from '../device/capturedFrame';
import { ofSeries } from '../device/seriesProgress';
import { momentAt } from '../files/frameJob';
import { frameId } from '../files/frameNames';
import { waitForStep } from '../live/stepDue';
import { keepOpen, sceneTimeS } from './light/sceneClock';
import type { SharedLight } from './simulatedCapture';
import { shotOf, type Standpoint } from './simulatedShot';

/** A shutter open for longer than this shows its progress and can be closed early. */
const LONG_S = 0.25;

/** What a press of Expose has fixed. */
export interface Press {
  readonly plan: CapturePlan;
  readonly held: Promise<HeldExposure | null>;
  readonly from: Standpoint;
  readonly camera: SteppedCamera;
}

/** What makes its frames. */
export interface FrameMaker {
  /** What the meter says now. */
  meter(): Promise<HeldExposure | null>;
  /** Until this is known the camera must not be let go. */
  awaited<T>(work: Promise<T>): Promise<T>;
  shoot(
    shot: SimulatedShot,
    events: CaptureEvents,
    light: SharedLight | null,
  ): Promise<CapturedFrame>;
  forgetLight(): void;
}

/**
 * The frames of a press, one after the other. Scene time passes between them as it would before a
 * sensor that reads out in READOUT_S, however long the frames take to compute; what is due at a time
 * of its own waits for it.
 */
export async function* simulatedFrames(
  press: Press,
  maker: FrameMaker,
  events: CaptureEvents,
  stop: AbortSignal,
): AsyncGenerator<CapturedFrame, void> {
  const { plan, from, camera } = press;
  let exposure = await maker.awaited(exposureOf(press));
  const steps = stepsOf(plan, exposure, camera);
  const count = steps.length;
  const id = frameId(Date.now());
  const { kind } = plan.settings.series;
  const light: SharedLight | null = count > 1 ? new Map<number, number>() : null;
  const began = performance.now();
  const [startS, startMs] = [sceneTimeS(from.clock), Date.now()];
  let sceneS = startS;
  try {
    for (const [step, { moves, biasClicks, dueS, metersAnew }] of steps.entries()) {
      const told = ofSeries(events, step, count);
      if (step > 0 && dueS > 0) {
        const went = await waitForStep(steps, step, began, told, stop);
        if (went === 'missed') events.onMissed(step);
        if (went === 'missed') continue;
        sceneS = sceneTimeS(from.clock);
        const metered = metersAnew ? await maker.meter() : null;
        if (metered) exposure = smoothedExposure(exposure, metered, camera.ranges);
      }
      if (step > 0 && stop.aborted) return;
      const series = count > 1 ? { id, kind, step, count } : null;
      const capturedAt = momentAt(startMs + (1000 * (sceneS - startS)) / from.clock.factor);
      const place = { startS: sceneS, capturedAt, biasClicks, series };
      const planned = shotOf(plan.settings, { ...exposure, ...moves }, from, place);
      const shot = await maker.awaited(opened(planned, from.clock.factor, told, stop));
      sceneS += shot.timeS + READOUT_S;
      yield await maker.shoot(shot, told, light);
    }
  } finally {
    if (light) maker.forgetLight();
  }
}

async function exposureOf({ held }: Press): Promise<HeldExposure> {
  const exposure = await held;
  if (!exposure) throw new Error('The light has not been read yet. Try again in a moment.');
  return exposure;
}

/** The shot as it was: a long shutter is opened, and closed in time or early. */
async function opened(
  shot: SimulatedShot,
  factor: number,
  events: CaptureEvents,
  stop: AbortSignal,
): Promise<SimulatedShot> {
  if (shot.timeS < LONG_S) return shot;
  const tell = (goneS: number): void =>
    events.onProgress({
      share: goneS / shot.timeS,
      stage: openWords(goneS, shot.timeS),
      open: true,
    });
  return { ...shot, timeS: await keepOpen(shot.timeS, factor, tell, stop) };
}

/** "Open 12 of 20 s": whole seconds where the time is long. */
function openWords(goneS: number, timeS: number): string {
  const digits = timeS < 3 ? 1 : 0;
  return `Open ${goneS.toFixed(digits)} of ${timeS.toFixed(digits)} s`;
}
