/** Browsers take a swipe that begins this near a side for "back" or "forward". */
const EDGE_PX = 32;

/**
 * Keeps a phone's browser from taking a drag on an element for something of its own: going back or
 * forward when it begins at the screen's edge, or a menu when it rests. Returns how to stop.
 */
export function guardGestures(element: HTMLElement): () => void {
  const onTouch = (event: TouchEvent): void => {
    const { clientX } = event.touches[0] ?? { clientX: NaN };
    const nearEdge = clientX < EDGE_PX || clientX > window.innerWidth - EDGE_PX;
    if (nearEdge && event.cancelable) event.preventDefault();
  };
  const onMenu = (event: Event): void => event.preventDefault();
  element.addEventListener('touchstart', onTouch, { passive: false });
  element.addEventListener('contextmenu', onMenu);
  return () => {
    element.removeEventListener('touchstart', onTouch);
    element.removeEventListener('contextmenu', onMenu);
  };
}
