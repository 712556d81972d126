/**
 * A moment of scene time and how fast it runs from there; plain, so that it can be sent to workers.
 */
export interface ClockSetting {
  /** Clock time in milliseconds since the epoch at which scene time was `sceneS`. */
  readonly epochMs: number;
  readonly sceneS: number;
  readonly factor: number;
}

/** Milliseconds since 1970 by a clock that page and workers share. */
export const nowMs = (): number => performance.timeOrigin + performance.now();

/** Scene time that begins now, as fast as the clock. */
export const newClock = (): ClockSetting => ({ epochMs: nowMs(), sceneS: 0, factor: 1 });

/** Scene time in seconds now. */
export const sceneTimeS = (clock: ClockSetting): number =>
  clock.sceneS + ((nowMs() - clock.epochMs) / 1000) * clock.factor;

/** The same scene time, running at another speed from now on. */
export const hastened = (clock: ClockSetting, factor: number): ClockSetting => ({
  epochMs: nowMs(),
  sceneS: sceneTimeS(clock),
  factor,
});

/**
 * Keeps a shutter open for a stretch of scene time.
 *
 * @param onOpen called now and then with the seconds gone
 * @param stop closes it early
 * @returns seconds it was open
 */
export function keepOpen(
  timeS: number,
  factor: number,
  onOpen: (goneS: number) => void,
  stop: AbortSignal,
): Promise<number> {
  const start = performance.now();
  const gone = (): number => ((performance.now() - start) / 1000) * factor;
  return new Promise((resolve) => {
    const end = (openS: number): void => {
      clearInterval(tick);
      clearTimeout(timer);
      stop.removeEventListener('abort', early);
      resolve(openS);
    };
    const early = (): void => end(Math.min(timeS, gone()));
    const tick = setInterval(() => onOpen(Math.min(timeS, gone())), 100);
    const timer = setTimeout(() => end(timeS), (1000 * timeS) / factor);
    if (stop.aborted) early();
    else stop.addEventListener('abort', early);
    onOpen(0);
  });
}
