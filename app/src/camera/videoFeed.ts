import { transfer, type Remote } from 'comlink';
import type { BrowserLiveApi } from '../workers/browserLive.worker';

/** MediaStreamTrackProcessor, where the browser has it; TypeScript's DOM library does not know it. */
interface TrackProcessor {
  readonly readable: ReadableStream<VideoFrame>;
}
type TrackProcessorClass = new (init: { track: MediaStreamTrack }) => TrackProcessor;

/** Brings a track's frames to the live worker: as a stream where possible, else through a video element. */
export class VideoFeed {
  private video: HTMLVideoElement | null = null;
  private stopped = false;

  constructor(
    private readonly track: MediaStreamTrack,
    private readonly live: Remote<BrowserLiveApi>,
  ) {}

  async start(): Promise<void> {
    const Processor = (globalThis as { MediaStreamTrackProcessor?: TrackProcessorClass })
      .MediaStreamTrackProcessor;
    if (Processor) {
      const { readable } = new Processor({ track: this.track });
      await this.live.follow(transfer(readable, [readable]));
      return;
    }
    const video = document.createElement('video');
    video.muted = true;
    video.playsInline = true;
    video.srcObject = new MediaStream([this.track]);
    this.video = video;
    await video.play();
    this.pump();
  }

  stop(): void {
    this.stopped = true;
    this.video?.pause();
    this.video = null;
  }

  private pump(): void {
    const { video } = this;
    if (!video || this.stopped) return;
    video.requestVideoFrameCallback(() => {
      void createImageBitmap(video)
        .then((bitmap) => this.live.frame(transfer(bitmap, [bitmap])))
        .finally(() => this.pump());
    });
  }
}
