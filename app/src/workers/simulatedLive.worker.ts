import { expose } from 'comlink';
import type { Settings } from '@velmo/core/settings';
import type { ViewOptions } from '../camera/CameraDevice';
import { SimulatedLive } from '../camera/simulatedLive';

let live: SimulatedLive | null = null;

const api = {
  /** Starts a scene; readings go out through `port`. */
  open(sceneId: string, port: MessagePort): void {
    live = SimulatedLive.of(sceneId, (readings) => port.postMessage(readings));
  },
  attach: (canvas: OffscreenCanvas): void => live?.attach(canvas),
  apply: (settings: Settings, applied: number): void => live?.apply(settings, applied),
  view: (options: ViewOptions): void => live?.view(options),
  busy: (capturing: boolean): void => live?.busy(capturing),
  close: (): void => live?.close(),
};

export type SimulatedLiveApi = typeof api;
expose(api);
