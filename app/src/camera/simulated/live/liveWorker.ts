import { transfer } from 'comlink';
import type { Readings } from '../../device/readings';
import { startedWorker, type StartedWorker } from '../../../workers/startedWorker';
import type { EarlyShot } from './earlyShot';
import type { SimulatedLiveApi } from './simulatedLive.worker';

/** The worker of the live picture, and the picture it has begun already, if any. */
export interface Live extends StartedWorker<SimulatedLiveApi> {
  readonly early: EarlyPicture | null;
}

interface EarlyPicture {
  readonly shot: EarlyShot;
  /** Where it is shown. */
  readonly canvas: HTMLCanvasElement;
  /** Null where nothing could be exposed. Pending for ever where the worker goes. */
  readonly readings: Promise<Readings | null>;
}

declare global {
  interface Window {
    /** As the page's head has started it, with a canvas it draws on, until it is taken. */
    velmoLive?: { readonly worker: Worker; readonly canvas: HTMLCanvasElement };
  }
}

interface Started extends StartedWorker<SimulatedLiveApi> {
  /** The canvas it has been given already. */
  readonly canvas: HTMLCanvasElement | null;
}

function start(): Started {
  const { velmoLive } = window;
  delete window.velmoLive;
  const worker =
    velmoLive?.worker ?? new Worker(new URL('./simulatedLive.worker.ts', import.meta.url));
  return { ...startedWorker<SimulatedLiveApi>(worker), canvas: velmoLive?.canvas ?? null };
}

let started: Started | null = null;
let picture: EarlyPicture | null = null;

/** Has it before there is a camera that asks for it: the page and its worker begin side by side. */
export function startLiveEarly(): void {
  const early = start();
  started = early;
  // A worker that has ended is not handed out.
  early.lost.catch(() => {
    if (started === early) drop();
  });
}

/**
 * Has the worker that was started early begin with what will probably be asked for.
 *
 * @param lay puts the canvas where it is seen
 */
export function exposeEarly(shot: EarlyShot, lay: (canvas: HTMLCanvasElement) => void): void {
  if (!started) return;
  const canvas = started.canvas ?? document.createElement('canvas');
  lay(canvas);
  const given = started.canvas ? null : canvas.transferControlToOffscreen();
  const asked = started.api.exposeEarly(shot, given && transfer(given, [given]));
  picture = {
    shot,
    canvas,
    readings: (asked as Promise<Readings | null>).catch(() => null),
  };
}

/**
 * The worker that computes the live picture: the one that was started early, once, else a new one.
 */
export function takeLive(): Live {
  const taken = { ...(started ?? start()), early: picture };
  // A canvas that nothing was asked for on may lie in the page all the same.
  if (!picture) taken.canvas?.remove();
  forget();
  return taken;
}

/** Ends what was started for nothing, unless a camera is about to ask for it. */
export function endEarlyLiveUnless(wanted: boolean): void {
  if (wanted) return;
  started?.end();
  drop();
}

/** Of what was started for nothing, nothing stays in the page. */
function drop(): void {
  (picture ?? started)?.canvas?.remove();
  forget();
}

function forget(): void {
  started = null;
  picture = null;
}
