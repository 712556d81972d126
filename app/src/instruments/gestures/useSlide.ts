import { useDrag } from '@use-gesture/react';
import { useEffect, useLayoutEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';
import { guardGestures } from './edgeGuard';
import { RawMoves } from './rawMoves';

/** Pixels, and pixels a second. */
export interface SlideHandlers {
  /** A drag is given up, without an end, once a second finger comes: that is a pinch. */
  readonly alone?: boolean;
  onStart?(): void;
  /** Way moved since the start. */
  onMove?(x: number, y: number): void;
  onEnd?(velocityX: number, velocityY: number): void;
  /** A tap at this place inside the element. */
  onTap?(x: number, y: number): void;
  onDoubleTap?(): void;
}

const DOUBLE_TAP_MS = 350;

/** Drag, fling, tap and double tap on an element, by finger, pen or mouse. */
export function useSlide(element: RefObject<View | null>, handlers: SlideHandlers): void {
  const lastTap = useRef(-Infinity);
  const raw = useRawMoves(element, handlers);
  useEffect(() => guardGestures(element.current as unknown as HTMLElement), [element]);
  useDrag(
    (state) => {
      const { first, last, tap, movement, velocity, direction, event, xy } = state;
      if (handlers.alone && (state.canceled || state.touches > 1)) {
        if (!state.canceled) state.cancel();
        raw.current?.end();
        return;
      }
      if (tap) {
        const now = event.timeStamp;
        if (handlers.onDoubleTap && now - lastTap.current < DOUBLE_TAP_MS) {
          lastTap.current = -Infinity;
          handlers.onDoubleTap();
          return;
        }
        lastTap.current = now;
        const box = (element.current as unknown as HTMLElement).getBoundingClientRect();
        handlers.onTap?.(xy[0] - box.left, xy[1] - box.top);
        return;
      }
      if (first) handlers.onStart?.();
      handlers.onMove?.(movement[0], movement[1]);
      if (last) {
        raw.current?.end();
        handlers.onEnd?.(velocity[0] * direction[0] * 1000, velocity[1] * direction[1] * 1000);
      } else {
        const { pointerId } = event as PointerEvent;
        raw.current?.follow({ pointerId, at: xy, moved: movement });
      }
    },
    {
      target: element as unknown as RefObject<EventTarget>,
      filterTaps: true,
      pointer: { keys: false },
    },
  );
}

/** Moves between those that come with the page's frames. */
function useRawMoves(
  element: RefObject<View | null>,
  handlers: SlideHandlers,
): RefObject<RawMoves | null> {
  const latest = useRef(handlers);
  const moves = useRef<RawMoves | null>(null);
  useLayoutEffect(() => {
    latest.current = handlers;
  });
  useEffect(() => {
    const host = element.current as unknown as HTMLElement;
    const raw = new RawMoves(host, (x, y) => latest.current.onMove?.(x, y));
    moves.current = raw;
    return () => raw.end();
  }, [element]);
  return moves;
}
