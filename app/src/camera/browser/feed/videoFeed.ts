import type { Remote } from 'comlink';
import type { BrowserLiveApi } from '../browserLive.worker';
import { ElementFrames } from './elementFrames';
import { streamFromPage, streamInWorker } from './trackStream';

/**
 * Brings a track's frames to the live worker, by the best way the browser has: a stream made on the
 * page (Chromium), one made in the worker (W3C mediacapture-transform), or a playing video element.
 */
export class VideoFeed {
  private element: ElementFrames | null = null;

  constructor(
    private readonly track: MediaStreamTrack,
    private readonly live: Remote<BrowserLiveApi>,
  ) {}

  /**
   * Resolves once frames are on their way. Rejects where the browser will not play a camera's
   * video.
   */
  async start(): Promise<void> {
    const { track, live } = this;
    if (await streamFromPage(track, live)) return;
    if (await streamInWorker(track, live)) return;
    this.element = new ElementFrames(track, (frame) => live.frame(frame));
    await this.element.start();
  }

  stop(): void {
    this.element?.stop();
  }
}
