import { useSyncExternalStore } from 'react';

interface Room {
  readonly width: number;
  readonly height: number;
}

/** The element that index.html keeps clear of notches, home bars and the browser's own bars. */
const rootElement = (): HTMLElement => document.getElementById('root') ?? document.body;

let room: Room | null = null;

function measured(): Room {
  const root = rootElement();
  const style = getComputedStyle(root);
  const padding = (side: string): number =>
    parseFloat(style.getPropertyValue(`padding-${side}`)) || 0;
  return {
    width: root.clientWidth - padding('left') - padding('right'),
    height: root.clientHeight - padding('top') - padding('bottom'),
  };
}

/** That room as it is now; the same object for as long as nothing has changed. */
export function screenRoom(): Room {
  const now = measured();
  if (room?.width !== now.width || room.height !== now.height) room = now;
  return room;
}

function subscribe(onChange: () => void): () => void {
  const observer = new ResizeObserver(onChange);
  observer.observe(rootElement());
  return () => observer.disconnect();
}

/** Room for a screen in CSS pixels: the page without notches, home bars and the browser's bars. */
export const useScreenRoom = (): Room => useSyncExternalStore(subscribe, screenRoom);
