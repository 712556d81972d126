import { useGesture } from '@use-gesture/react';
import { useState, type RefObject } from 'react';
import type { View } from 'react-native';
import type { SeenPlace } from '../../combine/combine.worker';

/** Radius of the brush, in shares of the picture's longer side. */
export const BRUSH_RADIUS = 0.04;
/** A stroke is kept as dabs no closer than this, in the same shares. */
const APART = BRUSH_RADIUS / 3;

/**
 * Strokes of a finger or a pointer over an element.
 *
 * @param placeAt the place of the picture at a place of the element; null: beside it
 * @param longer of the picture, its width and height as shares of the longer side
 * @param onStroke called when it ends; null: nothing is painted
 * @returns what there is so far of a stroke
 */
export function useStroke(
  element: RefObject<View | null>,
  placeAt: (x: number, y: number) => SeenPlace | null,
  longer: { readonly x: number; readonly y: number },
  onStroke: ((stroke: readonly SeenPlace[]) => void) | null,
): readonly SeenPlace[] {
  const [stroke, setStroke] = useState<readonly SeenPlace[]>([]);
  useGesture(
    {
      onDrag({ xy, first, last, memo = [] as SeenPlace[] }) {
        const box = (element.current as unknown as HTMLElement).getBoundingClientRect();
        const at = placeAt(xy[0] - box.left, xy[1] - box.top);
        const soFar = first ? [] : (memo as SeenPlace[]);
        const before = soFar.at(-1);
        const isApart =
          !before ||
          (at && Math.hypot((at.x - before.x) * longer.x, (at.y - before.y) * longer.y) > APART);
        const now = at && isApart ? [...soFar, at] : soFar;
        setStroke(last ? [] : now);
        if (last && now.length > 0) onStroke?.(now);
        return now;
      },
    },
    {
      target: element as unknown as RefObject<EventTarget>,
      eventOptions: { passive: false },
      enabled: onStroke !== null,
      drag: { pointer: { keys: false } },
    },
  );
  return stroke;
}
