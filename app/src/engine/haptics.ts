type Vibrating = { vibrate?: (ms: number) => boolean };

/** Whether the browser lets a page move the phone. */
export const canVibrate = (): boolean => typeof (navigator as Vibrating).vibrate === 'function';

/** Moves the phone for some milliseconds, where the browser lets it. */
export const vibrate = (ms: number): void => void (navigator as Vibrating).vibrate?.(ms);
