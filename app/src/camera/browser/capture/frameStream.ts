import type { GrabbedFrame } from '../browserLive';

/** Bytes of frames that may wait to be added: adding can take longer than grabbing. */
const MAX_WAITING_BYTES = 1.5e8;

/** Where frames come from, and what ends it. */
export interface FrameSource {
  grab(): Promise<GrabbedFrame>;
  /** Rejects when the camera goes away. */
  readonly closing: Promise<never>;
}

/**
 * Grabs frames one after the other and has them added, however many: no more of them wait than
 * memory allows. Rejects with the first failure of adding, and when the camera goes.
 */
export class FrameStream {
  private taken = 0;
  private added = 0;
  private failure: { readonly error: unknown } | null = null;
  private wake: () => void = () => {};

  constructor(
    private readonly source: FrameSource,
    private readonly add: (frame: GrabbedFrame) => Promise<unknown>,
  ) {}

  /**
   * @param more whether another is wanted after so many; told before each
   * @returns how many were grabbed, and the seconds that took
   */
  async take(more: (taken: number) => boolean): Promise<{ taken: number; periodS: number }> {
    const start = performance.now();
    while (more(this.taken)) {
      const frame = await Promise.race([this.source.grab(), this.source.closing]);
      this.taken++;
      const most = Math.max(2, Math.floor(MAX_WAITING_BYTES / (4 * frame.width * frame.height)));
      void this.add(frame)
        .then(() => this.added++)
        .catch((error: unknown) => (this.failure ??= { error }))
        .then(() => this.wake());
      await this.until(() => this.taken - this.added < most);
    }
    return { taken: this.taken, periodS: (performance.now() - start) / 1000 };
  }

  /** Resolves once all that were grabbed have been added. */
  async settle(tell: (added: number, taken: number) => void): Promise<void> {
    await this.until(() => {
      tell(this.added, this.taken);
      return this.added === this.taken;
    });
  }

  private async until(holds: () => boolean): Promise<void> {
    while (!this.failure && !holds())
      await Promise.race([new Promise<void>((done) => (this.wake = done)), this.source.closing]);
    if (this.failure) throw this.failure.error;
  }
}
