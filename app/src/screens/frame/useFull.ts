import { useCallback, useEffect, useRef, useState } from 'react';
import { useScreenKeys } from '../useScreenKeys';

interface Flag {
  current: boolean;
}

const isFull = (): boolean => document.fullscreenElement !== null;

/** Whether the picture takes the whole screen; F switches, Escape and leaving the screen end it. */
export function useFull(): [boolean, (full: boolean) => void] {
  const [full, setFull] = useState(false);
  const wanted = useRef(false);
  /** The browser has given the whole screen, and was not asked to take it back. */
  const given = useRef(false);
  const change = useCallback((next: boolean): void => {
    wanted.current = next;
    setFull(next);
    void (next ? fill(wanted, given) : leave(given));
  }, []);
  useEffect(() => {
    // The browser's own way out is one too; what it tells late of ours is not.
    const onChange = (): void => {
      if (isFull() || !given.current) return;
      given.current = false;
      wanted.current = false;
      setFull(false);
    };
    document.addEventListener('fullscreenchange', onChange);
    return () => {
      document.removeEventListener('fullscreenchange', onChange);
      void leave(given);
    };
  }, []);
  useScreenKeys(
    useCallback(
      ({ key }) => {
        if (key === 'f') change(!full);
        else if (key === 'Escape' && full) change(false);
      },
      [full, change],
    ),
  );
  return [full, change];
}

/**
 * A phone's browser may not let a page have the whole screen: then it has all the browser leaves
 * it.
 */
async function fill(wanted: Flag, given: Flag): Promise<void> {
  if (!document.fullscreenEnabled) return;
  try {
    await document.documentElement.requestFullscreen();
    given.current = true;
    if (!wanted.current) await leave(given);
  } catch {
    // The page's own room is filled all the same.
  }
}

async function leave(given: Flag): Promise<void> {
  given.current = false;
  try {
    if (isFull()) await document.exitFullscreen();
  } catch {
    // The browser has left it already.
  }
}
