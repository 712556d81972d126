import { useState } from 'react';
import { createStore, useStore } from '../../state/store';

/** Where words that change by themselves stand beside buttons. */
const WORDS = '[data-testid=verdict], [role=region]';

/** A finger lies on words: what is under it keeps still. */
const pressedStore = createStore(false);

if (typeof window !== 'undefined') {
  const onDown = ({ target }: Event): void =>
    pressedStore.set(target instanceof Element && target.closest(WORDS) !== null);
  const onUp = (): void => pressedStore.set(false);
  window.addEventListener('pointerdown', onDown, true);
  // After the click that follows: what was pressed is what is done.
  for (const name of ['pointerup', 'pointercancel'])
    window.addEventListener(name, () => setTimeout(onUp), true);
}

/**
 * What words say as it is; while a finger lies on a verdict or a sheet, as it was when it came.
 *
 * @param words the same object as long as they say the same
 */
export function useStill<T>(words: T): T {
  const isPressed = useStore(pressedStore, (pressed) => pressed);
  const [still, setStill] = useState(words);
  if (!isPressed && still !== words) setStill(words);
  return isPressed ? still : words;
}
