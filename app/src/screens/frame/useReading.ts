import type { Reframe } from '@velmo/core/recipe';
import { useCallback, useEffect, useLayoutEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';
import { useScreenKeys } from '../useScreenKeys';
import { placedReading, type PlacedReading } from './reading';
import type { Size } from '../../frame/shownPicture';
import { placeAt, readRadius, type FrameLook } from './frameLook';
import type { OpenedFrame } from './useFrameView';

/** A finger that stays so long on its place wants to read. */
const HOLD_MS = 350;
/** And this far it may move meanwhile. */
const STILL_PX = 8;

interface ReadPicture {
  readonly opened: OpenedFrame;
  readonly reframe: Reframe;
  /** Its size as it is seen; null: it is not open yet. */
  readonly size: Size | null;
  /** As it is looked at now: asked at every reading. */
  readonly look: () => FrameLook;
  readonly box: Size;
}

/**
 * Reads the frame under a mouse or a pen that hovers, and under a finger that was held on it, as
 * long as it stays down; R reads the middle.
 *
 * @returns true while a finger reads: it then neither drags nor taps
 */
export function useReading(host: RefObject<View | null>, picture: ReadPicture): () => boolean {
  const now = useRef(picture);
  useLayoutEffect(() => {
    now.current = picture;
  });
  const reads = useRef(false);
  const readMiddle = useRef(() => {});
  useScreenKeys(
    useCallback(({ key }) => {
      if (key === 'r') readMiddle.current();
    }, []),
  );
  useEffect(() => {
    const element = host.current as unknown as HTMLElement | null;
    if (!element) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let down: { readonly x: number; readonly y: number } | null = null;
    let asked = 0;

    const clear = (): void => {
      asked++;
      placedReading.set(null);
    };
    const readAt = async (x: number, y: number, by: PlacedReading['by']): Promise<void> => {
      const { opened, reframe, size, look, box } = now.current;
      const at = size && placeAt(look(), size, box, x, y);
      if (!at) return clear();
      const mine = ++asked;
      const reading = await opened.read(at, readRadius(look().zoom, size, box), reframe);
      if (mine === asked && reading) placedReading.set({ reading, by, x, y });
    };
    const placeOf = (event: PointerEvent): [number, number] => {
      const frame = element.getBoundingClientRect();
      return [event.clientX - frame.left, event.clientY - frame.top];
    };
    const onDown = (event: PointerEvent): void => {
      reads.current = false;
      clear();
      clearTimeout(timer);
      const [x, y] = placeOf(event);
      // A second finger makes it a pinch, which is not this gesture's.
      down = event.isPrimary && event.pointerType === 'touch' ? { x, y } : null;
      if (!down) return;
      timer = setTimeout(() => {
        reads.current = true;
        void readAt(x, y, 'finger');
      }, HOLD_MS);
    };
    const onMove = (event: PointerEvent): void => {
      const [x, y] = placeOf(event);
      if (reads.current) void readAt(x, y, 'finger');
      else if (down) {
        if (Math.hypot(x - down.x, y - down.y) > STILL_PX) clearTimeout(timer);
      } else if (event.pointerType !== 'touch' && event.buttons === 0) void readAt(x, y, 'pointer');
    };
    const onUp = (): void => {
      clearTimeout(timer);
      down = null;
      if (reads.current) clear();
    };
    const onLeave = (event: PointerEvent): void => {
      if (event.pointerType !== 'touch') clear();
    };
    readMiddle.current = () => {
      const { box } = now.current;
      void readAt(box.width / 2, box.height / 2, 'key');
    };
    const onMenu = (event: Event): void => {
      if (reads.current || down) event.preventDefault();
    };
    element.addEventListener('pointerdown', onDown);
    element.addEventListener('pointermove', onMove);
    element.addEventListener('pointerup', onUp);
    element.addEventListener('pointercancel', onUp);
    element.addEventListener('pointerleave', onLeave);
    element.addEventListener('contextmenu', onMenu);
    return () => {
      clearTimeout(timer);
      clear();
      element.removeEventListener('pointerdown', onDown);
      element.removeEventListener('pointermove', onMove);
      element.removeEventListener('pointerup', onUp);
      element.removeEventListener('pointercancel', onUp);
      element.removeEventListener('pointerleave', onLeave);
      element.removeEventListener('contextmenu', onMenu);
    };
  }, [host]);
  return () => reads.current;
}
