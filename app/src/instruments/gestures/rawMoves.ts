/** A drag as it was told last, in pixels. */
interface Told {
  readonly pointerId: number;
  /** Where it is on the page. */
  readonly at: readonly [number, number];
  /** How far that is from its start. */
  readonly moved: readonly [number, number];
}

/** Some mice tell a thousand moves a second: no more often than a screen could show them. */
const SOONEST_MS = 8;

/**
 * A drag's moves as soon as the hardware tells them (`pointerrawupdate`, W3C Pointer Events Level
 * 3): `pointermove` keeps them until the page's next frame, up to 17 ms. A browser that has no such
 * event never calls.
 */
export class RawMoves {
  private told: Told | null = null;
  private toldAt = 0;

  /** @param onMove is given the way moved since the drag's start, in pixels */
  constructor(
    private readonly element: EventTarget,
    private readonly onMove: (x: number, y: number) => void,
  ) {}

  /** The drag goes on from here. */
  follow(told: Told): void {
    // Whoever listens is told of every move there is: only while a finger drags.
    if (!this.told) this.element.addEventListener('pointerrawupdate', this.onRaw);
    this.told = told;
  }

  /** The drag has ended. */
  end(): void {
    this.told = null;
    this.element.removeEventListener('pointerrawupdate', this.onRaw);
  }

  private readonly onRaw = (event: Event): void => {
    const { told } = this;
    const { pointerId, clientX, clientY, timeStamp } = event as PointerEvent;
    if (!told || pointerId !== told.pointerId || timeStamp - this.toldAt < SOONEST_MS) return;
    this.toldAt = timeStamp;
    const { at, moved } = told;
    this.onMove(moved[0] + clientX - at[0], moved[1] + clientY - at[1]);
  };
}
