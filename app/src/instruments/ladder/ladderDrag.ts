import type { SlideHandlers } from '../gestures/useSlide';

/** Arrow and page keys as clicks. */
export const keyNudge =
  (onNudge: (clicks: number) => void) =>
  (event: React.KeyboardEvent): void => {
    const clicks = {
      ArrowUp: 1,
      ArrowRight: 1,
      ArrowDown: -1,
      ArrowLeft: -1,
      PageUp: 3,
      PageDown: -3,
    }[event.key];
    if (clicks === undefined) return;
    event.preventDefault();
    onNudge(clicks);
  };

/** Slides the light along the ladder: a third of a stop a detent, the picture follows exactly. */
export class LadderDrag implements SlideHandlers {
  private moved = 0;
  private pxPerClick = 1;
  private onNudge: ((clicks: number) => void) | undefined;

  /** The latest props. */
  follow(pxPerClick: number, onNudge: ((clicks: number) => void) | undefined): void {
    this.pxPerClick = pxPerClick;
    this.onNudge = onNudge;
  }

  onStart(): void {
    this.moved = 0;
  }

  onMove(_x: number, y: number): void {
    const clicks = Math.round(-y / this.pxPerClick);
    if (clicks === this.moved) return;
    this.onNudge?.(clicks - this.moved);
    this.moved = clicks;
  }
}
