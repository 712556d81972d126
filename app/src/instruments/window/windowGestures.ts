import { useGesture } from '@use-gesture/react';
import { useEffect, useLayoutEffect, useState, type RefObject } from 'react';
import type { View } from 'react-native';
import { guardGestures } from '../gestures/edgeGuard';
import { Hands, type WindowHandlers } from './hands';

const WHEEL_STOPS_PER_PX = 0.0016;

/** Binds the handlers to an element. */
export function useWindowGestures(element: RefObject<View | null>, handlers: WindowHandlers): void {
  const [state] = useState(() => new Hands());
  useLayoutEffect(() => state.follow(handlers));
  useEffect(() => guardGestures(element.current as unknown as HTMLElement), [element]);
  const boxOf = (): DOMRect => (element.current as unknown as HTMLElement).getBoundingClientRect();
  useGesture(
    {
      onDrag({ first, last, tap, delta, xy, elapsedTime, pinching, cancel }) {
        if (pinching) {
          cancel();
          return;
        }
        const box = boxOf();
        if (tap) {
          const at = { x: (xy[0] - box.left) / box.width, y: (xy[1] - box.top) / box.height };
          state.tapped(at, elapsedTime);
          return;
        }
        if (first || last) state.moved();
        if (delta[0] !== 0 || delta[1] !== 0)
          handlers.onPan(delta[0] / box.width, delta[1] / box.height);
      },
      onPinch({ first, movement: [scale] }) {
        state.pinch(scale, first);
      },
      onWheel({ event, delta: [, dy] }) {
        event.preventDefault();
        handlers.onZoom(2 ** (-dy * WHEEL_STOPS_PER_PX));
      },
      onPointerDown() {
        state.press();
      },
      onPointerUp: () => state.moved(),
      onPointerLeave: () => state.moved(),
    },
    {
      target: element as unknown as RefObject<EventTarget>,
      eventOptions: { passive: false },
      drag: { filterTaps: true, pointer: { keys: false } },
      pinch: { scaleBounds: { min: 0.05, max: 20 } },
    },
  );
}
