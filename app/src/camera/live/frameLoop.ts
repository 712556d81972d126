/**
 * Calls `tick` at display rate until stopped; at most `maxRate` times a second.
 *
 * A tick is done in steps, with a look at the mailbox between them: what a message changes then
 * shows at once instead of after the frame under way, which is given up.
 */
export class FrameLoop {
  private running = false;
  private last = 0;
  private turn = 0;
  /** A tick is under way. */
  private stepping = false;
  private readonly channel = new MessageChannel();
  private sooner: ReturnType<typeof setTimeout> | undefined;
  private later: ReturnType<typeof setTimeout> | undefined;

  /** @param afterwards what a finished tick leaves for when it can be seen */
  constructor(
    private readonly tick: () => Generator<void, void>,
    private maxRate: number,
    private readonly afterwards: () => void = () => {},
  ) {}

  start(): void {
    if (this.running) return;
    this.running = true;
    this.schedule();
  }

  /**
   * A tick as soon as the messages that already wait have been read: what changed shows at once,
   * and a change that has been overtaken costs nothing.
   */
  soon(): void {
    if (!this.running) return;
    // A frame that is being drawn shows settings that are not the latest any more: it is given up.
    this.turn++;
    this.sooner ??= setTimeout(() => {
      this.sooner = undefined;
      if (!this.running) return;
      this.last = performance.now();
      const steps = this.tick();
      while (!steps.next().done);
      this.finish();
    });
  }

  /** Changes the rate from the next frame on. */
  pace(maxRate: number): void {
    this.maxRate = maxRate;
  }

  stop(): void {
    this.running = false;
  }

  private async inSteps(turn: number): Promise<void> {
    this.stepping = true;
    const steps = this.tick();
    let done = steps.next().done;
    while (!done) {
      await this.mailbox();
      if (turn !== this.turn || !this.running) break;
      done = steps.next().done;
    }
    this.stepping = false;
    if (done) this.finish();
  }

  /** A picture is on its way to the screen when the task that drew it ends: the rest is another. */
  private finish(): void {
    this.later ??= setTimeout(() => {
      this.later = undefined;
      if (this.running) this.afterwards();
    });
  }

  /** Lets the messages that wait be read: a message of our own comes after them. */
  private mailbox(): Promise<void> {
    return new Promise((resolve) => {
      this.channel.port1.onmessage = () => resolve();
      this.channel.port2.postMessage(null);
    });
  }

  private schedule(): void {
    const step = (): void => {
      if (!this.running) return;
      const now = performance.now();
      // A quarter frame of slack, so that 30 of 60 are every second one and not now and then a
      // third.
      if (!this.stepping && now - this.last >= 1000 / this.maxRate - 4) {
        this.last = now;
        void this.inSteps(++this.turn);
      }
      this.schedule();
    };
    if ('requestAnimationFrame' in self) self.requestAnimationFrame(step);
    else setTimeout(step, 16);
  }
}
