import { longFlash, READOUT_S, type SimulatedShot } from '@velmo/core/simulate';
import {
  smoothedExposure,
  stepsOf,
  type CapturePlan,
  type Gather,
  type Long,
  type HeldExposure,
  type SteppedCamera,
} from '@velmo/core/series';
import type { CaptureEvents } from '../../device/CameraDevice';
import type { CapturedFrame } from '../../device/capturedFrame';
import { ofSeries } from '../../device/seriesProgress';
import { momentAt } from '../../files/frameJob';
import { frameId } from '../../files/frameNames';
import { waitForStep } from '../../live/stepDue';
import { keepOpen, sceneTimeS } from '../light/sceneClock';
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
  shoot(shot: SimulatedShot, events: CaptureEvents, ofSeries: boolean): Promise<CapturedFrame>;
  /** Gathers one frame from many. */
  gather(
    shots: AsyncIterable<SimulatedShot>,
    gather: Gather,
    onPicture: (dataUrl: string) => void,
  ): Promise<CapturedFrame>;
  forgetSeries(): void;
}

/**
 * The frames of a press, one after the other. Scene time passes between them as it would before a
 * sensor that reads out in READOUT_S, however long the frames take to compute; what is due at a
 * time of its own waits for it.
 */
export async function* simulatedFrames(
  press: Press,
  maker: FrameMaker,
  events: CaptureEvents,
  stop: AbortSignal,
): AsyncGenerator<CapturedFrame, void> {
  const { plan, from, camera } = press;
  if (plan.gathering.kind === 'long') {
    yield await longFrame(press, plan.gathering, maker, events, stop);
    return;
  }
  let exposure = await maker.awaited(exposureOf(press));
  const steps = stepsOf(plan, exposure, camera);
  const count = steps.length;
  const id = frameId(Date.now());
  const { kind } = plan.settings.series;
  const isSeries = count > 1;
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
      const series = isSeries ? { id, kind, step, count } : null;
      const capturedAt = momentAt(startMs + (1000 * (sceneS - startS)) / from.clock.factor);
      const place = { startS: sceneS, capturedAt, biasClicks, series };
      const planned = shotOf(plan.settings, { ...exposure, ...moves }, from, place);
      const shot = await maker.awaited(opened(planned, from.clock.factor, told, stop));
      sceneS += shot.timeS + READOUT_S;
      yield await maker.shoot(shot, told, isSeries);
    }
  } finally {
    if (isSeries) maker.forgetSeries();
  }
}

/** One frame of many: shot after shot until the time is over, or it is stopped. */
async function longFrame(
  press: Press,
  { totalS, gather }: Long,
  maker: FrameMaker,
  events: CaptureEvents,
  stop: AbortSignal,
): Promise<CapturedFrame> {
  const exposure = await maker.awaited(exposureOf(press));
  let picture: string | undefined;
  const tell = (goneS: number, frames: number): void =>
    events.onProgress({
      share: Math.min(1, goneS / totalS),
      stage: `${frames} gathered · ${Math.round(goneS)} of ${totalS} s`,
      open: true,
      picture,
    });
  try {
    return await maker.gather(longShots(press, exposure, totalS, tell, stop), gather, (url) => {
      picture = url;
    });
  } finally {
    maker.forgetSeries();
  }
}

/**
 * The shots of a long exposure. Long ones follow one another as a sensor reads out, so that no
 * star's arc is broken; of short ones there are as many as can be computed meanwhile. A last one
 * that is stopped is left out.
 */
async function* longShots(
  { plan, from }: Press,
  exposure: HeldExposure,
  totalS: number,
  tell: (goneS: number, frames: number) => void,
  stop: AbortSignal,
): AsyncGenerator<SimulatedShot, void> {
  const { factor } = from.clock;
  const startS = sceneTimeS(from.clock);
  const place = { biasClicks: 0, series: null, capturedAt: momentAt(Date.now()) };
  let sceneS = startS;
  for (let frames = 0; frames === 0 || (sceneS - startS < totalS && !stop.aborted); frames++) {
    const goneS = sceneS - startS;
    const planned = shotOf(plan.settings, exposure, from, { ...place, startS: sceneS });
    const onOpen = {
      onProgress: ({ share = 0 }) => tell(goneS + share * planned.timeS, frames),
      onMissed() {},
    };
    tell(goneS, frames);
    const shot = await opened(planned, factor, onOpen, stop);
    if (frames > 0 && shot.timeS < planned.timeS) return;
    const isLast = goneS + planned.timeS + READOUT_S >= totalS;
    yield { ...shot, flash: longFlash(shot.flash, frames === 0, isLast) };
    const read = sceneS + shot.timeS + READOUT_S;
    sceneS = planned.timeS >= LONG_S ? read : Math.max(read, sceneTimeS(from.clock));
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
