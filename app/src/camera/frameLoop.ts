/** Calls `tick` at display rate until stopped; at most `maxRate` times a second. */
export class FrameLoop {
  private running = false;
  private last = 0;

  constructor(
    private readonly tick: () => void,
    private maxRate: number,
  ) {}

  start(): void {
    if (this.running) return;
    this.running = true;
    this.schedule();
  }

  /** Changes the rate from the next frame on. */
  pace(maxRate: number): void {
    this.maxRate = maxRate;
  }

  stop(): void {
    this.running = false;
  }

  private schedule(): void {
    const step = (): void => {
      if (!this.running) return;
      const now = performance.now();
      // A quarter frame of slack, so that 30 of 60 are every second one and not now and then a third.
      if (now - this.last >= 1000 / this.maxRate - 4) {
        this.last = now;
        this.tick();
      }
      this.schedule();
    };
    if ('requestAnimationFrame' in self) self.requestAnimationFrame(step);
    else setTimeout(step, 16);
  }
}
