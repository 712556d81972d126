import type { PicturePoint } from '@velmo/core/exposure';

/** What fingers on the Window can ask for. Places and ways are shares of the picture's sides. */
export interface WindowHandlers {
  onTap(at: PicturePoint): void;
  onDoubleTap(at: PicturePoint): void;
  /** Held for a moment and let go. */
  onLongPress(at: PicturePoint): void;
  onPan(dx: number, dy: number): void;
  /** Fingers spread, or the wheel turned: by this factor since the last call. */
  onZoom(factor: number): void;
  /** A finger rests on the picture (true) or has left it (false). */
  onHold(holding: boolean): void;
}

/** Resting this long shows the bare picture. */
const HOLD_MS = 200;
/** A press this long leaves a pin; a longer one was a look at the bare picture. */
const LONG_PRESS_MS = { from: 450, to: 1600 } as const;
const TAP_MS = 300;
const DOUBLE_TAP_MS = 260;
/** A timer that is later than this was kept by a page that was busy. */
const LATE_MS = 40;
/** Two taps closer than this, as a share of the picture, are a double tap. */
const SAME_PLACE = 0.08;

/** Tells taps, long presses, drags and pinches apart, and what a still finger means meanwhile. */
export class Hands {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private holding = false;
  private lastScale = 1;
  /** A tap that waits for a second. */
  private first: PicturePoint | null = null;
  private second: ReturnType<typeof setTimeout> | undefined;

  private handlers: WindowHandlers | null = null;

  /** Whom to tell. */
  follow(handlers: WindowHandlers): void {
    this.handlers = handlers;
  }

  press(): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.hold(true), HOLD_MS);
  }

  moved(): void {
    clearTimeout(this.timer);
    this.hold(false);
  }

  tapped(at: PicturePoint, elapsedMs: number): void {
    this.moved();
    if (elapsedMs < TAP_MS) this.single(at);
    else if (elapsedMs >= LONG_PRESS_MS.from && elapsedMs <= LONG_PRESS_MS.to)
      this.handlers?.onLongPress(at);
  }

  /** A tap waits for a second one: looking closer must not meter or focus on the way. */
  private single(at: PicturePoint): void {
    const before = this.first;
    clearTimeout(this.second);
    this.first = null;
    if (before && Math.hypot(at.x - before.x, at.y - before.y) < SAME_PLACE) {
      this.handlers?.onDoubleTap(at);
      return;
    }
    if (before) this.handlers?.onTap(before);
    this.first = at;
    this.waitForSecond(at, DOUBLE_TAP_MS);
  }

  /** Takes a tap for the only one after a while. */
  private waitForSecond(at: PicturePoint, ms: number): void {
    const due = performance.now() + ms;
    this.second = setTimeout(() => {
      // A page that was busy may find a second tap waiting behind this: it is read first.
      if (ms > 0 && performance.now() - due > LATE_MS) {
        this.waitForSecond(at, 0);
        return;
      }
      this.first = null;
      this.handlers?.onTap(at);
    }, ms);
  }

  pinch(scale: number, first: boolean): void {
    this.moved();
    if (first) this.lastScale = 1;
    this.handlers?.onZoom(scale / this.lastScale);
    this.lastScale = scale;
  }

  private hold(holding: boolean): void {
    if (holding === this.holding) return;
    this.holding = holding;
    this.handlers?.onHold(holding);
  }
}
