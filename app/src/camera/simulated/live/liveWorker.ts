import { startedWorker, type StartedWorker } from '../../../workers/startedWorker';
import type { SimulatedLiveApi } from './simulatedLive.worker';

type Live = StartedWorker<SimulatedLiveApi>;

const start = (): Live =>
  startedWorker<SimulatedLiveApi>(
    new Worker(new URL('./simulatedLive.worker.ts', import.meta.url)),
  );

let early: Live | null = null;

/**
 * Starts it before there is a camera that asks for it: the page and its worker begin side by side.
 */
export function startLiveEarly(): void {
  const started = start();
  early = started;
  // A worker that has ended is not handed out.
  started.lost.catch(() => {
    if (early === started) early = null;
  });
}

/**
 * The worker that computes the live picture: the one that was started early, once, else a new one.
 */
export function takeLive(): Live {
  const taken = early ?? start();
  early = null;
  return taken;
}

/** Ends what was started for nothing, unless a camera is about to ask for it. */
export function endEarlyLiveUnless(wanted: boolean): void {
  if (wanted) return;
  const left = early;
  early = null;
  left?.end();
}
