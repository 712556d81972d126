import type { ClickRange } from '@velmo/core/exposure';
import { glide, prefersStillness, type Glide } from './glide';
import { LabelPlaces } from './LabelPlaces';
import type { SlideHandlers } from '../gestures/useSlide';

/** Screen pixels from detent to detent. */
export const CLICK_PX = 15;

/** A change of so many clicks that no hand has made is seen going, for so long. */
const SLIDES_FROM = 3;
const SLIDE_MS = 260;

/** What of a tape's ruler is seen, in pixels: the index stands in its middle. */
export interface ShownTape {
  readonly width: number;
  /** What lies over its ends. */
  readonly coveredLeft: number;
  readonly coveredRight: number;
}

/** What a tape is moved between, and whom it tells. */
export interface TapeMoves {
  readonly range: ClickRange;
  /** Where the tape stands. */
  readonly click: number;
  readonly held: boolean;
  /** Clicks from detent to detent. */
  readonly step: number;
  /** A tape that can be given back to the camera. */
  readonly releasable: boolean;
  readonly onChange: (click: number) => void;
  readonly onRelease: () => void;
  /** A finger has taken it. */
  readonly onGrab?: () => void;
  /** A finger has touched it without moving it. */
  readonly onTap?: () => void;
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
  /** What was asked for last, until it is rendered. */
  private asked: number | null = null;
  private startedAt = 0;
  private moving = false;
  private running: Glide | null = null;
  private readonly labels = new LabelPlaces();
  private shown: ShownTape = { width: 0, coveredLeft: 0, coveredRight: 0 };

  /**
   * The latest props and the ruler's element. The ruler follows them unless a hand or a fling moves
   * it.
   */
  follow(moves: TapeMoves, ruler: HTMLElement | null): void {
    const isFirst = this.moves === null;
    this.moves = moves;
    this.asked = null;
    this.ruler = ruler;
    if (ruler) this.labels.collect(ruler);
    if (this.moving) return this.place(this.position);
    const jumps = Math.abs(moves.click - this.position) >= SLIDES_FROM;
    this.place(moves.click, jumps && !isFirst);
  }

  /** What of the tape is seen has changed. */
  show(shown: ShownTape): void {
    this.shown = shown;
    this.place(this.position);
  }

  /** The page's own face has come: names on the tape take other widths. */
  otherFace(arrival: Event): void {
    this.labels.measureAnew(arrival);
  }

  onStart(): void {
    this.running?.stop();
    this.moving = true;
    this.startedAt = this.position;
    this.moves?.onGrab?.();
    // Taking a tape in hand sets it, even before it has moved by a whole click.
    if (this.moves && !this.moves.held) this.moves.onChange(this.detent(this.position));
  }

  onMove(x: number): void {
    this.move(this.clamp(this.startedAt - x / CLICK_PX));
  }

  onEnd(velocityX: number): void {
    if (!this.moves) return;
    const { range, step } = this.moves;
    this.running = glide(this.position, -velocityX / CLICK_PX, range, step, (position) => {
      this.move(position);
      // A glide ends on a detent: from there on the tape follows its value again.
      this.moving = position !== this.detent(position);
    });
  }

  onTap(): void {
    this.moves?.onTap?.();
  }

  onDoubleTap(): void {
    if (!this.moves?.releasable) return;
    // A tape given back while it still glides must not be taken again by the glide.
    this.running?.stop();
    this.moving = false;
    this.moves.onRelease();
  }

  readonly onKeyDown = (event: React.KeyboardEvent): void => {
    if (!this.moves) return;
    const step = KEY_STEPS[event.key];
    if (step !== undefined) {
      event.preventDefault();
      this.running?.stop();
      this.moving = false;
      // From where it was last moved to: keys may be faster than what they set is rendered.
      this.move(this.clamp(this.detent(this.position) + step * this.moves.step));
    } else if (event.key === 'a') {
      event.preventDefault();
      this.onDoubleTap();
    }
  };

  private clamp(position: number): number {
    const { min, max } = this.moves?.range ?? { min: 0, max: 0 };
    return Math.min(max, Math.max(min, position));
  }

  /** The detent nearest to a position. */
  private detent(position: number): number {
    const { step, range } = this.moves ?? { step: 1, range: { min: 0 } };
    return range.min + Math.round((position - range.min) / step) * step;
  }

  private move(position: number): void {
    this.place(position);
    const { moves } = this;
    const whole = this.detent(position);
    if (!moves || whole === (this.asked ?? moves.click)) return;
    this.asked = whole;
    moves.onChange(whole);
  }

  private place(position: number, slides = false): void {
    this.position = position;
    const index = (position - (this.moves?.range.min ?? 0)) * CLICK_PX;
    const transform = `translateX(${-index}px)`;
    // A render meanwhile cuts no slide short.
    if (this.ruler && this.ruler.style.transform !== transform) {
      const { style } = this.ruler;
      style.transition = slides && !prefersStillness() ? `transform ${SLIDE_MS}ms ease-out` : '';
      style.transform = transform;
    }
    const { width, coveredLeft, coveredRight } = this.shown;
    const [from, to] = [index - width / 2 + coveredLeft, index + width / 2 - coveredRight];
    this.labels.place({ from, to }, index);
  }
}
