export interface Counted {
  velmoShown: number;
}

/**
 * Counts, in the page it is sent to, live frames of cameras that are opened from now on: each sends
 * its readings once it is on the canvas.
 */
export function countShown(): void {
  const w = window as unknown as Counted;
  w.velmoShown = 0;
  const setter = Object.getOwnPropertyDescriptor(MessagePort.prototype, 'onmessage')!;
  Object.defineProperty(MessagePort.prototype, 'onmessage', {
    ...setter,
    set(this: MessagePort, handler: (e: MessageEvent) => void) {
      setter.set!.call(this, (e: MessageEvent<{ refined?: boolean }>) => {
        if (typeof e.data?.refined === 'boolean') w.velmoShown++;
        handler.call(this, e);
      });
    },
  });
}
