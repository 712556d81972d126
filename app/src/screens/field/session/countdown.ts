import { whenDue } from '../../../camera/live/whenDue';
import { beep } from './beep';
import type { Store } from '../../../state/store';
import type { FieldState } from './fieldState';

/** The last seconds are heard. */
const HEARD_S = 3;

/**
 * Counts down to the first frame, large in the Window and for the last seconds aloud.
 *
 * @param onLeft called with the whole seconds left
 * @returns false when it was called off
 */
export async function countDown(
  seconds: number,
  state: Store<FieldState>,
  onLeft: (leftS: number) => void,
  stop: AbortSignal,
): Promise<boolean> {
  let shown = 0;
  const tell = (leftS: number): void => {
    const whole = Math.ceil(leftS);
    if (whole === shown) return;
    shown = whole;
    state.update((s) => ({ ...s, countdownS: whole }));
    onLeft(whole);
    if (whole <= HEARD_S && state.get().preferences.delaySound)
      beep(whole === 1 ? 'last' : 'short');
  };
  try {
    return await whenDue(performance.now() + 1000 * seconds, tell, stop);
  } finally {
    state.update((s) => ({ ...s, countdownS: null }));
  }
}
