import { useEffect, useRef, useState, type RefObject } from 'react';
import type { View } from 'react-native';

/** A finger that stays so long on its place is held. */
const HOLD_MS = 300;
/** And this far it may move meanwhile. */
const STILL_PX = 8;

/** Whether a finger, a mouse's button or a key is held down. */
export interface HeldDown {
  readonly held: boolean;
  /** The press that ends now, or ended last, was held: it is no tap. */
  took(): boolean;
}

/**
 * Tells when an element is held down, or a key while no field has the focus.
 *
 * @param key in lower case
 */
export function useHeldDown(host: RefObject<View | null>, key: string): HeldDown {
  const [held, setHeld] = useState(false);
  const took = useRef(false);
  useEffect(() => {
    const element = host.current as unknown as HTMLElement | null;
    if (!element) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let from: { readonly x: number; readonly y: number } | null = null;
    const onDown = (event: PointerEvent): void => {
      took.current = false;
      clearTimeout(timer);
      // A second finger makes it a pinch, which is not this gesture's.
      from = event.isPrimary && event.button === 0 ? { x: event.clientX, y: event.clientY } : null;
      if (!from) return;
      timer = setTimeout(() => {
        took.current = true;
        setHeld(true);
      }, HOLD_MS);
    };
    const onMove = (event: PointerEvent): void => {
      if (from && Math.hypot(event.clientX - from.x, event.clientY - from.y) > STILL_PX)
        clearTimeout(timer);
    };
    const onUp = (): void => {
      clearTimeout(timer);
      from = null;
      setHeld(false);
    };
    const onMenu = (event: Event): void => {
      if (from) event.preventDefault();
    };
    const isKey = (event: KeyboardEvent): boolean =>
      event.key.toLowerCase() === key &&
      !event.ctrlKey &&
      !event.metaKey &&
      !event.altKey &&
      !(event.target instanceof HTMLInputElement);
    const onKeyDown = (event: KeyboardEvent): void => {
      if (isKey(event)) setHeld(true);
    };
    const onKeyUp = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() === key) setHeld(false);
    };
    const listening = new AbortController();
    const { signal } = listening;
    element.addEventListener('pointerdown', onDown, { signal });
    element.addEventListener('pointermove', onMove, { signal });
    element.addEventListener('contextmenu', onMenu, { signal });
    for (const end of ['pointerup', 'pointercancel', 'blur'])
      window.addEventListener(end, onUp, { signal });
    window.addEventListener('keydown', onKeyDown, { signal });
    window.addEventListener('keyup', onKeyUp, { signal });
    return () => {
      clearTimeout(timer);
      listening.abort();
    };
  }, [host, key]);
  return { held, took: () => took.current };
}
