import { transfer } from 'comlink';
import { exposeKept } from '../../workers/exposeKept';
import { BrowserLive, type GrabbedFrame, type VideoSource } from './browserLive';
import { trackProcessor } from './feed/trackStream';
import type { RecoveredResponse, VideoResponse } from '@velmo/core/response';
import type { MeterSetting } from '@velmo/core/settings';
import type { ViewOptions } from '../device/view';

let live: BrowserLive | null = null;

const api = {
  open(port: MessagePort): void {
    live = new BrowserLive((readings) => port.postMessage(readings));
  },
  attach: (canvas: OffscreenCanvas): void => live?.attach(canvas),
  attachLoupe: (canvas: OffscreenCanvas): void => live?.attachLoupe(canvas),
  view: (options: ViewOptions): void => live?.view(options),
  meter: (meter: MeterSetting): void => live?.meter(meter),
  /** Frames as a stream, where the browser can hand it over. */
  follow(stream: ReadableStream<VideoFrame>): void {
    void live?.follow(stream);
  },
  /** This worker can make a stream of a track's frames itself. */
  makesStreams: (): boolean => trackProcessor() !== undefined,
  /** Frames of a track that was handed over. */
  followTrack(track: MediaStreamTrack): void {
    const Processor = trackProcessor()!;
    void live?.follow(new Processor({ track }).readable);
  },
  /** One frame, where there is no stream. */
  frame(frame: VideoSource): void {
    try {
      live?.frame(frame);
    } finally {
      frame.close();
    }
  },
  calibrate: (response: VideoResponse | null, greyStops: number): void =>
    live?.calibrate(response, greyStops),
  startSeries: (): void => live?.startSeries(),
  gather: async (exposureStops: number, skip: number): Promise<boolean> =>
    (await live?.gather(exposureStops, skip)) ?? true,
  recover: (): RecoveredResponse | null => live?.recover() ?? null,
  letGo: async (frames: number): Promise<void> => live?.letGo(frames),
  async grab(): Promise<GrabbedFrame> {
    if (!live) throw new Error('The camera is closed.');
    const frame = await live.grab();
    return transfer(frame, [frame.rgba.buffer]);
  },
};

/** What the worker answers. */
export type BrowserLiveApi = typeof api;
exposeKept(api);
