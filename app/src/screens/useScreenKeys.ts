import { useFocusEffect } from 'expo-router';
import { useCallback } from 'react';

/**
 * Keys of a screen, wherever the focus is, while it is the one in front: none that are typed into a
 * field, that the browser or system means something else by, or that an instrument has taken.
 *
 * @param onKey must stay the same function as long as it does the same
 */
export function useScreenKeys(onKey: (event: KeyboardEvent) => void): void {
  useFocusEffect(
    useCallback(() => {
      const heard = (event: KeyboardEvent): void => {
        if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
        if (event.target instanceof HTMLInputElement) return;
        onKey(event);
      };
      window.addEventListener('keydown', heard);
      return () => window.removeEventListener('keydown', heard);
    }, [onKey]),
  );
}
