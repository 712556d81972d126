import { transfer } from 'comlink';
import { videoTicks } from './videoTicks';

/** Frames under way at once: one being read, one waiting, one whose answer is on its way. */
const IN_FLIGHT = 3;

/** In the page without being seen: the Window shows its frames. */
const UNSEEN: Partial<CSSStyleDeclaration> = {
  position: 'fixed',
  left: '0',
  top: '0',
  width: '1px',
  height: '1px',
  opacity: '0',
  pointerEvents: 'none',
};

/**
 * A track's frames by way of a playing video element. What comes while the worker is busy is let
 * go, so that the picture never lags behind. The element is kept out of the page, where drawing it
 * would cost (in WebKit 16 of 30 pictures a second in it, 23 out of it), until its frames stay
 * away.
 */
export class ElementFrames {
  private readonly video = document.createElement('video');
  private readonly stopped = new AbortController();
  private inFlight = 0;
  private asFrames = typeof VideoFrame === 'function';

  /** @param give hands a frame over; resolves when it has been read */
  constructor(
    track: MediaStreamTrack,
    private readonly give: (frame: VideoFrame | ImageBitmap) => Promise<void>,
  ) {
    const { video } = this;
    video.muted = true;
    video.playsInline = true;
    video.setAttribute('aria-hidden', 'true');
    Object.assign(video.style, UNSEEN);
    video.srcObject = new MediaStream([track]);
  }

  /** Resolves when the video plays. */
  async start(): Promise<void> {
    const { video, stopped } = this;
    await video.play();
    videoTicks(
      video,
      stopped.signal,
      () => void this.pass(),
      () => this.putInPage(),
    );
  }

  stop(): void {
    this.stopped.abort();
    this.video.pause();
    this.video.srcObject = null;
    this.video.remove();
  }

  private putInPage(): void {
    const { video } = this;
    document.body.append(video);
    // Refused where the camera has gone meanwhile, which its watch tells.
    video.play().catch(() => {});
  }

  private async pass(): Promise<void> {
    if (this.inFlight >= IN_FLIGHT) return;
    this.inFlight++;
    const { asFrames } = this;
    try {
      const frame = asFrames ? this.frame() : await createImageBitmap(this.video);
      await this.give(transfer(frame, [frame]));
    } catch {
      // Frames cannot be handed over or drawn here: bitmaps cost more, and do. If those fail too,
      // no picture comes, and the camera's watch says so.
      if (asFrames) this.asFrames = false;
    } finally {
      this.inFlight--;
    }
  }

  /** The picture shown now, by reference. Throws if it is not turned the way the video is. */
  private frame(): VideoFrame {
    const { video } = this;
    const frame = new VideoFrame(video, { timestamp: Math.round(1e6 * video.currentTime) });
    if (frame.displayWidth === video.videoWidth && frame.displayHeight === video.videoHeight)
      return frame;
    frame.close();
    throw new Error('The browser’s video frames are turned.');
  }
}
