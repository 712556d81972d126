/** How often whoever waits is told how long it still takes. */
const TELL_MS = 200;

/** Resolves after so many milliseconds, or at once when it is stopped. */
function pauseUnless(stop: AbortSignal, ms: number): Promise<void> {
  return new Promise((resolve) => {
    const end = (): void => {
      clearTimeout(timer);
      stop.removeEventListener('abort', end);
      resolve();
    };
    const timer = setTimeout(end, ms);
    if (stop.aborted) end();
    else stop.addEventListener('abort', end);
  });
}

/**
 * Waits for a moment of `performance.now()`.
 *
 * @param onWait called with the seconds that are left
 * @returns false when it was stopped
 */
export async function whenDue(
  dueMs: number,
  onWait: (leftS: number) => void,
  stop: AbortSignal,
): Promise<boolean> {
  for (;;) {
    if (stop.aborted) return false;
    const leftMs = dueMs - performance.now();
    if (leftMs <= 0) return true;
    onWait(leftMs / 1000);
    await pauseUnless(stop, Math.min(leftMs, TELL_MS));
  }
}
