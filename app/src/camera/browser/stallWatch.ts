/** Without a frame for so long, a camera is as good as gone. */
const STALLED_MS = 5000;
const LOOK_MS = 500;

/** Looks that come this much too late: the page itself was held up, or its phone asleep. */
const LATE_MS = 1500;

/**
 * Notices when frames stop coming. A page that nobody sees gets none, and one that was held up
 * could not see them.
 */
export class StallWatch {
  private last = 0;
  private looked = 0;
  private held = 0;
  private timer: ReturnType<typeof setInterval> | undefined;

  /**
   * @param isOver the camera has ended for good, though perhaps nobody was told
   * @param onStalled called once: it has ended (true), or frames stopped coming (false)
   */
  constructor(
    private readonly isOver: () => boolean,
    private readonly onStalled: (over: boolean) => void,
  ) {}

  start(): void {
    this.last = this.looked = performance.now();
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
    const now = performance.now();
    const late = now - this.looked > LATE_MS;
    this.looked = now;
    const over = this.isOver();
    if (!over && (document.hidden || this.held > 0 || late)) this.alive();
    else if (over || now - this.last > STALLED_MS) {
      this.stop();
      this.onStalled(over);
    }
  }
}
