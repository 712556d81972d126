import { useEffect, useState } from 'react';
import { NOT_MOVED, type Moved } from '../frame/frameLook';
import type { OpenedFrame } from '../frame/useFrameView';

/** How frames lie against the first. */
export interface Alignment {
  /** How far each frame has moved against the first; null where that could not be told. */
  readonly moved: readonly (Moved | null)[];
  /** The frames lie on one another. */
  readonly isDone: boolean;
}

const isSeen = ({ summary }: OpenedFrame): boolean => summary !== null;

/** Lays frames on the first one by what they show, when asked to. */
export function useAlignment(frames: readonly OpenedFrame[], isAsked: boolean): Alignment {
  const [found, setFound] = useState<readonly (Moved | null)[] | null>(null);
  const ready = frames.every(isSeen);
  // Which they are: each is opened once.
  const [first, ...others] = frames;
  useEffect(() => {
    if (!isAsked || !ready || found) return;
    let left = false;
    const align = async (): Promise<void> => {
      const plane = await first.plane();
      const moved: (Moved | null)[] = [NOT_MOVED];
      for (const other of others) {
        const theirs = await other.plane();
        // Other sizes are not laid on one another.
        const shift = plane && theirs ? await first.align(plane, theirs).catch(() => null) : null;
        moved.push(
          shift && plane ? { x: shift.dx / plane.width, y: shift.dy / plane.height } : null,
        );
      }
      if (!left) setFound(moved);
    };
    align().catch(() => !left && setFound(frames.map((_, i) => (i === 0 ? NOT_MOVED : null))));
    return () => {
      left = true;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isAsked, ready, found]);
  const isDone = isAsked && found !== null;
  return { moved: isDone ? found : frames.map(() => NOT_MOVED), isDone };
}
