import type { ClickRange } from '@velmo/core/exposure';
import { glide, type Glide } from './glide';
import type { SlideHandlers } from './useSlide';

/** Screen pixels from detent to detent. */
export const CLICK_PX = 15;

/** What a tape is moved between, and whom it tells. */
export interface TapeMoves {
  readonly range: ClickRange;
  /** Where the tape stands. */
  readonly click: number;
  readonly held: boolean;
  /** A tape that can be given back to the camera. */
  readonly releasable: boolean;
  readonly onChange: (click: number) => void;
  readonly onRelease: () => void;
}

const KEY_STEPS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 3,
  PageDown: -3,
  Home: -Infinity,
  End: Infinity,
};

/** Drag, fling, keys and double tap of a tape. Moves the ruler by hand, without a render. */
export class TapeMotion implements SlideHandlers {
  private moves: TapeMoves | null = null;
  private ruler: HTMLElement | null = null;
  private position = 0;
  private startedAt = 0;
  private moving = false;
  private running: Glide | null = null;

  /** The latest props and the ruler's element. The ruler follows them unless a hand or a fling moves it. */
  follow(moves: TapeMoves, ruler: HTMLElement | null): void {
    this.moves = moves;
    this.ruler = ruler;
    if (!this.moving) this.place(moves.click);
  }

  onStart(): void {
    this.running?.stop();
    this.moving = true;
    this.startedAt = this.position;
    // Taking a tape in hand sets it, even before it has moved by a whole click.
    if (this.moves && !this.moves.held) this.moves.onChange(Math.round(this.position));
  }

  onMove(x: number): void {
    this.move(this.clamp(this.startedAt - x / CLICK_PX));
  }

  onEnd(velocityX: number): void {
    if (!this.moves) return;
    this.running = glide(this.position, -velocityX / CLICK_PX, this.moves.range, (position) => {
      this.move(position);
      // A glide ends on a detent: from there on the tape follows its value again.
      this.moving = position !== Math.round(position);
    });
  }

  onDoubleTap(): void {
    if (this.moves?.releasable) this.moves.onRelease();
  }

  readonly onKeyDown = (event: React.KeyboardEvent): void => {
    if (!this.moves) return;
    const step = KEY_STEPS[event.key];
    if (step !== undefined) {
      event.preventDefault();
      this.running?.stop();
      this.moving = false;
      this.move(this.clamp(this.moves.click + step));
    } else if (event.key === 'a' || event.key === 'A') this.onDoubleTap();
  };

  private clamp(position: number): number {
    const { min, max } = this.moves?.range ?? { min: 0, max: 0 };
    return Math.min(max, Math.max(min, position));
  }

  private move(position: number): void {
    this.place(position);
    const { moves } = this;
    const whole = Math.round(position);
    if (moves && whole !== moves.click) moves.onChange(whole);
  }

  private place(position: number): void {
    this.position = position;
    const from = this.moves?.range.min ?? 0;
    if (this.ruler) this.ruler.style.transform = `translateX(${-(position - from) * CLICK_PX}px)`;
  }
}
