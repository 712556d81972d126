import type { Settings } from '@velmo/core/settings';
import type { Readings } from '../../device/readings';
import { startedWorker, type StartedWorker } from '../../../workers/startedWorker';
import type { LiveAim } from '../simulatedView';
import type { SimulatedLiveApi } from './simulatedLive.worker';

/** What a frame is exposed of before Field asks for one; plain, so that it can be sent. */
export interface EarlyShot {
  readonly target: LiveAim;
  readonly settings: Settings;
  readonly upright: boolean;
}

/** The worker of the live picture, and the frame it has begun to expose already, if any. */
export interface Live extends StartedWorker<SimulatedLiveApi> {
  readonly early: EarlyFrame | null;
}

interface EarlyFrame {
  readonly shot: EarlyShot;
  /** Null where nothing could be exposed. Pending for ever where the worker goes. */
  readonly readings: Promise<Readings | null>;
}

type Started = StartedWorker<SimulatedLiveApi>;

const start = (): Started =>
  startedWorker<SimulatedLiveApi>(
    new Worker(new URL('./simulatedLive.worker.ts', import.meta.url)),
  );

let started: Started | null = null;
let frame: EarlyFrame | null = null;

/**
 * Starts it before there is a camera that asks for it: the page and its worker begin side by side.
 */
export function startLiveEarly(): void {
  const early = start();
  started = early;
  // A worker that has ended is not handed out.
  early.lost.catch(() => {
    if (started === early) forget();
  });
}

/** Has the worker that was started early expose what will probably be asked for. */
export function exposeEarly(shot: EarlyShot): void {
  if (!started) return;
  const readings = started.api.exposeEarly(shot) as Promise<Readings | null>;
  frame = { shot, readings: readings.catch(() => null) };
}

/**
 * The worker that computes the live picture: the one that was started early, once, else a new one.
 */
export function takeLive(): Live {
  const taken = { ...(started ?? start()), early: frame };
  forget();
  return taken;
}

/** Ends what was started for nothing, unless a camera is about to ask for it. */
export function endEarlyLiveUnless(wanted: boolean): void {
  if (wanted) return;
  const left = started;
  forget();
  left?.end();
}

function forget(): void {
  started = null;
  frame = null;
}
