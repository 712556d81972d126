import { exposeKept } from '../../../workers/exposeKept';
import type { NeutralReading } from '@velmo/core/colour';
import type { PicturePoint } from '@velmo/core/exposure';
import type { PushedRight } from '@velmo/core/monitor';
import type { HeldExposure, SceneRange } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import type { Readings } from '../../device/readings';
import type { ViewOptions } from '../../device/view';
import type { ClockSetting } from '../light/sceneClock';
import { SimulatedLive } from './simulatedLive';
import type { EarlyShot } from './liveWorker';
import type { LiveAim } from '../simulatedView';

let live: SimulatedLive | null = null;
/** Where readings go; null while nobody has opened it. */
let out: MessagePort | null = null;

function begin(target: LiveAim): SimulatedLive {
  live?.close();
  live = new SimulatedLive(target, (readings) => out?.postMessage(readings));
  return live;
}

const api = {
  /** The first frame of what will probably be opened, made meanwhile; see `open`. */
  exposeEarly: ({ target, settings, upright }: EarlyShot): Readings | null =>
    begin(target).exposeEarly(settings, upright),
  /** Starts on a scene, or goes on with it; readings go out through `port`. */
  open(target: LiveAim, port: MessagePort): void {
    out = port;
    if (!live?.looksAt(target)) begin(target);
  },
  attach: (canvas: OffscreenCanvas): void => live?.attach(canvas),
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
