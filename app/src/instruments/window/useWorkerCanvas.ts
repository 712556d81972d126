import { useEffect, type RefObject } from 'react';
import type { View } from 'react-native';

const NONE = (): null => null;

/**
 * Puts a canvas into an element and hands its pixels to a worker; a new one whenever `source`
 * changes, because a canvas can be handed over only once.
 *
 * @param source what the canvas belongs to; null: there is nothing to draw on yet
 * @param attach must stay the same function as long as nothing new is to be attached
 * @param take a canvas in the page that a worker draws on already, instead of a new one; a function
 *   that stays the same
 */
export function useWorkerCanvas(
  host: RefObject<View | null>,
  source: unknown,
  attach: (canvas: OffscreenCanvas) => void,
  style: Partial<CSSStyleDeclaration> = {},
  take: () => HTMLCanvasElement | null = NONE,
): void {
  const text = JSON.stringify(style);
  useEffect(() => {
    const element = host.current as unknown as HTMLElement | null;
    if (!element || source === null) return;
    const drawn = take();
    const canvas = drawn ?? document.createElement('canvas');
    drawn?.removeAttribute('style');
    Object.assign(canvas.style, { width: '100%', height: '100%' }, JSON.parse(text));
    element.append(canvas);
    if (!drawn) attach(canvas.transferControlToOffscreen());
    return () => canvas.remove();
  }, [host, source, attach, text, take]);
}
