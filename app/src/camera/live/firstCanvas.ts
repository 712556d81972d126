/** A part of the page, in CSS pixels, from where notches and home bars end. */
export interface PagePart {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/**
 * Lays a canvas over the page, where the Window is going to be: the live picture begins before
 * there is a Window. It is only looked at, and goes into the Window as it is.
 */
export function layFirstCanvas(
  canvas: HTMLCanvasElement,
  { left, top, width, height }: PagePart,
): void {
  Object.assign(canvas.style, {
    position: 'absolute',
    left: `calc(env(safe-area-inset-left) + ${left}px)`,
    top: `calc(env(safe-area-inset-top) + ${top}px)`,
    width: `${width}px`,
    height: `${height}px`,
    objectFit: 'contain',
    pointerEvents: 'none',
    // In the colours of the plate that is chosen, as the page is.
    filter: document.getElementById('root')?.style.filter ?? '',
  });
  document.body.append(canvas);
}
