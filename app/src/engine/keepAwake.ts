/**
 * Keeps the screen awake until the returned function is called, where the browser can: a phone that
 * falls asleep lets the camera go. A lock lost because the page was hidden is asked for again.
 */
export function keepAwake(): () => void {
  const { wakeLock } = navigator as { wakeLock?: WakeLock };
  if (!wakeLock) return () => {};
  let lock: WakeLockSentinel | null = null;
  let over = false;
  const ask = async (): Promise<void> => {
    if (over || document.hidden) return;
    // Refused, as by a battery that runs low: the phone may sleep, and nothing stored is lost.
    const given = await wakeLock.request('screen').catch(() => null);
    if (over) void given?.release();
    else lock = given;
  };
  const onSeen = (): void => void ask();
  document.addEventListener('visibilitychange', onSeen);
  void ask();
  return () => {
    over = true;
    document.removeEventListener('visibilitychange', onSeen);
    void lock?.release().catch(() => {});
  };
}
