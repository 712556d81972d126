import { useGesture } from '@use-gesture/react';
import { useRef, type RefObject } from 'react';
import type { View } from 'react-native';

/** Fingers spread by this factor, or the wheel turned by so many pixels, ask for one step. */
const FACTOR = 1.35;
const WHEEL_PX = 80;

/**
 * Steps of magnification asked for by spreading or closing two fingers, or by the wheel.
 *
 * @param onStep one step up or down, about a place inside the element, in pixels
 */
export function useMagnifySteps(
  element: RefObject<View | null>,
  onStep: (by: 1 | -1, x: number, y: number) => void,
): void {
  const scaled = useRef(1);
  const turned = useRef(0);
  const step = (by: 1 | -1, x: number, y: number): void => {
    const box = (element.current as unknown as HTMLElement).getBoundingClientRect();
    onStep(by, x - box.left, y - box.top);
  };
  useGesture(
    {
      onPinch({ first, movement: [scale], origin: [x, y] }) {
        if (first) scaled.current = 1;
        const by = scale / scaled.current;
        if (by < FACTOR && by > 1 / FACTOR) return;
        scaled.current = scale;
        step(by > 1 ? 1 : -1, x, y);
      },
      onWheel({ event, first, delta: [, dy] }) {
        event.preventDefault();
        if (first) turned.current = 0;
        turned.current -= dy;
        if (Math.abs(turned.current) < WHEEL_PX) return;
        const by = turned.current > 0 ? 1 : -1;
        turned.current = 0;
        step(by, event.clientX, event.clientY);
      },
    },
    {
      target: element as unknown as RefObject<EventTarget>,
      eventOptions: { passive: false },
      pinch: { scaleBounds: { min: 0.05, max: 20 } },
    },
  );
}
