import { memo, type RefObject } from 'react';
import type { View } from 'react-native';
import { useSlide, type SlideHandlers } from './useSlide';

interface SlidableProps {
  readonly element: RefObject<View | null>;
  /**
   * The same object for as long as the element lives: binding anew on every render costs more than
   * the render.
   */
  readonly handlers: SlideHandlers;
}

/** Makes an element slidable without being part of its renders. */
export const Slidable = memo(function Slidable({ element, handlers }: SlidableProps) {
  useSlide(element, handlers);
  return null;
});
