/** A part of the page, in CSS pixels, from where notches and home bars end. */
export interface PagePart {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** How a canvas lies there, as CSS: above what the page holds already or will. */
export const lyingThere = ({ left, top, width, height }: PagePart): string =>
  `position: absolute; z-index: 1; pointer-events: none; object-fit: contain;
  left: calc(env(safe-area-inset-left) + ${left}px); width: ${width}px;
  top: calc(env(safe-area-inset-top) + ${top}px); height: ${height}px`;

/**
 * Lays a canvas over the page, where the Window is going to be: the live picture begins before
 * there is a Window. It is only looked at, and goes into the Window as it is.
 */
export function layFirstCanvas(canvas: HTMLCanvasElement, place: PagePart): void {
  canvas.style.cssText = lyingThere(place);
  // In the colours of the plate that is chosen, as the page is.
  canvas.style.filter = document.getElementById('root')?.style.filter ?? '';
  // The page's head may have laid it already.
  if (!canvas.isConnected) document.body.append(canvas);
}
