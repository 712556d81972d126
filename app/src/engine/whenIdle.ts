/** Does what can wait once the page has nothing better to do, at the latest after so long. */
export function whenIdle(work: () => void, atLatestMs: number): void {
  // Safari has no idle callbacks.
  if ('requestIdleCallback' in window) window.requestIdleCallback(work, { timeout: atLatestMs });
  else setTimeout(work, atLatestMs / 3);
}
