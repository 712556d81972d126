/** Without a frame for so long, a camera is as good as gone. */
const STALLED_MS = 5000;
const LOOK_MS = 500;

/** Notices when frames stop coming. A page that nobody sees gets none, and is not to blame. */
export class StallWatch {
  private last = 0;
  private held = 0;
  private timer: ReturnType<typeof setInterval> | undefined;

  constructor(private readonly onStalled: () => void) {}

  start(): void {
    this.last = performance.now();
    this.timer = setInterval(() => this.look(), LOOK_MS);
  }

  stop(): void {
    clearInterval(this.timer);
  }

  /** A frame has come. */
  alive(): void {
    this.last = performance.now();
  }

  /** Does not watch while something is under way that may hold the frames up. */
  async hold<T>(work: Promise<T>): Promise<T> {
    this.held++;
    try {
      return await work;
    } finally {
      this.held--;
      this.alive();
    }
  }

  private look(): void {
    if (document.hidden || this.held > 0) this.alive();
    else if (performance.now() - this.last > STALLED_MS) {
      this.stop();
      this.onStalled();
    }
  }
}
