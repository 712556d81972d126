import { useEffect, type RefObject } from 'react';
import type { Store } from '../../../state/store';

/** Words for those who listen need no more than this many milliseconds' notice. */
const SPOKEN_EVERY_MS = 250;

/**
 * Keeps an element's text, or one of its attributes, at what a store says, without a render: for
 * words that change with every frame. `read` must be the same function from render to render.
 *
 * @param attribute left out: the element's text
 */
export function useLiveWords<T>(
  element: RefObject<unknown>,
  store: Store<T>,
  read: (value: T) => string,
  attribute?: string,
): void {
  useEffect(() => {
    let shown: string | null = null;
    let last = -Infinity;
    let later: ReturnType<typeof setTimeout> | undefined;
    const show = (): void => {
      const words = read(store.get());
      const target = element.current as HTMLElement | null;
      if (words === shown || !target) return;
      const wait = attribute ? SPOKEN_EVERY_MS - (performance.now() - last) : 0;
      if (wait > 0) {
        later ??= setTimeout(() => {
          later = undefined;
          show();
        }, wait);
        return;
      }
      shown = words;
      last = performance.now();
      if (attribute) target.setAttribute(attribute, words);
      else target.textContent = words;
    };
    show();
    // What an element begins with is not yet spoken: the first change need not wait.
    last = -Infinity;
    const stop = store.subscribe(show);
    return () => {
      stop();
      clearTimeout(later);
    };
  }, [element, store, read, attribute]);
}
