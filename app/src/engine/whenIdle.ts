/** Does what can wait once the page has nothing better to do, at the latest after so long. */
export function whenIdle(work: () => void, atLatestMs: number): void {
  // Safari has no idle callbacks.
  if ('requestIdleCallback' in window) window.requestIdleCallback(work, { timeout: atLatestMs });
  else setTimeout(work, atLatestMs / 3);
}

/**
 * Does one thing after another, each once the one before is done and the page is idle again: what
 * is touched meanwhile is answered between two of them.
 *
 * @param works may return promises; one that fails does not keep the next from its turn
 */
export function inTurnWhenIdle(works: readonly (() => unknown)[], atLatestMs: number): void {
  if (works.length === 0) return;
  const [work, ...others] = works;
  const next = (): void => inTurnWhenIdle(others, atLatestMs);
  whenIdle(() => void Promise.resolve().then(work).then(next, next), atLatestMs);
}
