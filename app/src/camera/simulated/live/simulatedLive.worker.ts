import equal from 'fast-deep-equal';
import { exposeKept } from '../../../workers/exposeKept';
import type { NeutralReading } from '@velmo/core/colour';
import type { PicturePoint } from '@velmo/core/exposure';
import type { PushedRight } from '@velmo/core/monitor';
import type { HeldExposure, SceneRange } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import type { Readings } from '../../device/readings';
import type { ViewOptions } from '../../device/view';
import type { ClockSetting } from '../light/sceneClock';
import { Surface } from '../../live/surface';
import { SimulatedLive } from './simulatedLive';
import { guessedShot, type EarlyShot, type HeadStart } from './earlyShot';
import type { LiveAim } from '../simulatedView';

let live: SimulatedLive | null = null;
/** Where readings go; null while nobody has opened it. */
let out: MessagePort | null = null;
/** Where pictures go, whatever is looked at. */
let surface: Surface | null = null;

function begin(target: LiveAim, upright?: boolean): SimulatedLive {
  live?.close();
  live = new SimulatedLive(target, (readings) => out?.postMessage(readings), upright);
  if (surface) live.attach(surface);
  return live;
}

function attach(canvas: OffscreenCanvas): void {
  surface = new Surface(canvas);
  live?.attach(surface);
}

/** What was exposed before anybody opened it. */
let early: { readonly shot: EarlyShot; readonly readings: Readings | null } | null = null;

function exposeEarly(shot: EarlyShot): Readings | null {
  if (early && equal(shot, early.shot)) return early.readings;
  try {
    const { target, settings, upright } = shot;
    early = { shot, readings: begin(target, upright).exposeEarly(settings) };
    return early.readings;
  } catch (error) {
    // It was a guess: what cannot be exposed must not go on being tried.
    live?.close();
    live = null;
    throw error;
  }
}

self.addEventListener('message', (event: MessageEvent<{ headStart?: HeadStart }>) => {
  const { headStart } = event.data;
  if (!headStart) return;
  event.stopImmediatePropagation();
  attach(headStart.canvas);
  try {
    if (headStart.guess) exposeEarly(guessedShot(headStart.guess));
  } catch {
    // What was noted was of no use: the app asks for something that is.
  }
});

const api = {
  /**
   * The live picture of what will probably be opened, and its first reading; see `open`.
   *
   * @param canvas null where it has been given already
   */
  exposeEarly(shot: EarlyShot, canvas: OffscreenCanvas | null): Readings | null {
    if (canvas) attach(canvas);
    return exposeEarly(shot);
  },
  /** Starts on a scene, or goes on with it; readings go out through `port`. */
  open(target: LiveAim, port: MessagePort): void {
    out = port;
    if (!live?.looksAt(target)) begin(target);
  },
  attach,
  goOn: (): void => live?.goOn(),
  apply: (settings: Settings, applied: number): void => live?.apply(settings, applied),
  look: (target: LiveAim, applied: number): void => live?.look(target, applied),
  view: (options: ViewOptions): void => live?.view(options),
  setClock: (clock: ClockSetting): void => live?.setClock(clock),
  sceneRange: (allowedShare: number): SceneRange | null =>
    live?.ask((questions, ...frame) => questions.sceneRange(allowedShare, ...frame)) ?? null,
  pushRight: (allowedShare: number): PushedRight | null =>
    live?.ask((questions, exposed, of) => questions.pushRight(exposed, of, allowedShare)) ?? null,
  readNeutral: (at: PicturePoint): NeutralReading | null => live?.readNeutral(at) ?? null,
  attachLoupe: (canvas: OffscreenCanvas): void => live?.attachLoupe(canvas),
  refocus: async (): Promise<void> => live?.refocus(),
  hold: async (focusFirst: boolean): Promise<HeldExposure | null> =>
    (await live?.hold(focusFirst)) ?? null,
  busy: (capturing: boolean): void => live?.busy(capturing),
  close: (): void => live?.close(),
};

/** What the worker answers. */
export type SimulatedLiveApi = typeof api;
exposeKept(api);
