import type { Page } from 'puppeteer-core';

/** What the page itself notes while it runs: frames as they come, settings as they go. */
export interface Log {
  /** Animation frames of the page. */
  animation: number;
  readonly frames: { at: number; applied: number; loupe: string }[];
  /** Changes; `held`: made by a pointer that was down, not by a tape that glides on after it. */
  readonly applied: { at: number; number: number; held: boolean }[];
  /** Where the loupe was asked to look. */
  readonly looked: { at: number; loupe: string }[];
}

export interface LoggedWindow extends Window {
  velmoLog: Log;
  velmoPointer: number;
  velmoHeld: boolean;
}

/**
 * Installed before the page's own scripts. A reading arrives once its frame is on the canvas; its
 * time is that of the next animation frame, when it can be seen. A change's time is that of the
 * pointer event that made it.
 */
export function watch(): void {
  const w = window as unknown as LoggedWindow;
  w.velmoLog = { frames: [], applied: [], looked: [], animation: 0 };
  const count = (): void => {
    w.velmoLog.animation++;
    requestAnimationFrame(count);
  };
  requestAnimationFrame(count);
  for (const type of ['pointerrawupdate', 'pointermove', 'pointerup'] as const)
    window.addEventListener(type, (e) => (w.velmoPointer = e.timeStamp), true);
  for (const type of ['pointerdown', 'pointerup', 'pointercancel'] as const)
    window.addEventListener(type, () => (w.velmoHeld = type === 'pointerdown'), true);
  const setter = Object.getOwnPropertyDescriptor(MessagePort.prototype, 'onmessage')!;
  Object.defineProperty(MessagePort.prototype, 'onmessage', {
    ...setter,
    set(this: MessagePort, handler: (e: MessageEvent) => void) {
      setter.set!.call(
        this,
        (e: MessageEvent<{ applied?: number; histogram?: unknown; loupe?: { at: object } }>) => {
          const { data } = e;
          if (data?.histogram && typeof data.applied === 'number') {
            const { applied } = data;
            const loupe = JSON.stringify(data.loupe?.at ?? null);
            requestAnimationFrame(() =>
              w.velmoLog.frames.push({ at: performance.now(), applied, loupe }),
            );
          }
          handler.call(this, e);
        },
      );
    },
  });
  Worker.prototype.postMessage = new Proxy(Worker.prototype.postMessage, {
    apply(post, worker, args: unknown[]) {
      const call = args[0] as { path?: string[]; argumentList?: { value: unknown }[] };
      if (call.path?.[0] === 'apply' || call.path?.[0] === 'look')
        w.velmoLog.applied.push({
          at: w.velmoPointer,
          number: call.argumentList?.[1].value as number,
          held: w.velmoHeld,
        });
      if (call.path?.[0] === 'view') {
        const { loupe } = call.argumentList?.[0].value as { loupe: { at: object } | null };
        if (loupe) w.velmoLog.looked.push({ at: w.velmoPointer, loupe: JSON.stringify(loupe.at) });
      }
      Reflect.apply(post, worker, args);
    },
  });
}

/** What the page has noted. */
export const logOf = (page: Page): Promise<Log> =>
  page.evaluate(() => (window as unknown as LoggedWindow).velmoLog);
