import { useFocusEffect } from 'expo-router';
import { useCallback, useEffect, useState } from 'react';

const isFull = (): boolean => document.fullscreenElement !== null;

/** A phone's browser may not let a page have the whole screen: then it has all the browser leaves it. */
async function fill(full: boolean): Promise<void> {
  try {
    if (full && document.fullscreenEnabled) await document.documentElement.requestFullscreen();
    else if (!full && isFull()) await document.exitFullscreen();
  } catch {
    // The page's own room is filled all the same.
  }
}

/** Whether the picture takes the whole screen; F switches, Escape and leaving the screen end it. */
export function useFull(): [boolean, (full: boolean) => void] {
  const [full, setFull] = useState(false);
  const change = useCallback((next: boolean): void => {
    setFull(next);
    void fill(next);
  }, []);
  useEffect(() => {
    // The browser's own way out is one too.
    const onChange = (): void => {
      if (!isFull()) setFull(false);
    };
    document.addEventListener('fullscreenchange', onChange);
    return () => {
      document.removeEventListener('fullscreenchange', onChange);
      void fill(false);
    };
  }, []);
  useFocusEffect(
    useCallback(() => {
      const onKey = (event: KeyboardEvent): void => {
        if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
        if (event.target instanceof HTMLInputElement) return;
        if (event.key === 'f') change(!full);
        else if (event.key === 'Escape' && full) change(false);
      };
      window.addEventListener('keydown', onKey);
      return () => window.removeEventListener('keydown', onKey);
    }, [full, change]),
  );
  return [full, change];
}
