import { expose } from 'comlink';
import type { NeutralReading } from '@velmo/core/colour';
import type { PicturePoint } from '@velmo/core/exposure';
import type { PushedRight } from '@velmo/core/monitor';
import type { Settings } from '@velmo/core/settings';
import type { ViewOptions } from '../camera/CameraDevice';
import type { ClockSetting } from '../camera/sceneClock';
import { SimulatedLive, type LiveAim } from '../camera/simulatedLive';

let live: SimulatedLive | null = null;

const api = {
  /** Starts on a scene; readings go out through `port`. */
  open(target: LiveAim, port: MessagePort): void {
    live = new SimulatedLive(target, (readings) => port.postMessage(readings));
  },
  attach: (canvas: OffscreenCanvas): void => live?.attach(canvas),
  apply: (settings: Settings, applied: number): void => live?.apply(settings, applied),
  look: (target: LiveAim, applied: number): void => live?.look(target, applied),
  view: (options: ViewOptions): void => live?.view(options),
  setClock: (clock: ClockSetting): void => live?.setClock(clock),
  pushRight: (allowedShare: number): PushedRight | null => live?.pushRight(allowedShare) ?? null,
  readNeutral: (at: PicturePoint): NeutralReading | null => live?.readNeutral(at) ?? null,
  attachLoupe: (canvas: OffscreenCanvas): void => live?.attachLoupe(canvas),
  refocus: async (): Promise<void> => live?.refocus(),
  /** Where the lens stands once no search is under way, in dioptres. */
  settledFocus: async (): Promise<number> => (await live?.settledFocus()) ?? 0,
  busy: (capturing: boolean): void => live?.busy(capturing),
  close: (): void => live?.close(),
};

export type SimulatedLiveApi = typeof api;
expose(api);
