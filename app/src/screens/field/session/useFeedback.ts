import { useEffect } from 'react';
import type { Settings } from '@velmo/core/settings';
import { vibrate } from '../../../engine/haptics';
import { beep } from './beep';
import { fieldStore } from './fieldState';

/** Felt at a detent, and when a shutter has closed, in milliseconds. */
const DETENT_MS = 6;
const CLOSED_MS = 30;

/** What the tapes hold. */
const tapesOf = ({ time, iso, compClicks, focus, white }: Settings): string =>
  JSON.stringify([time, iso, compClicks, focus, white]);

/** What is heard and felt of tapes and shutter, by choice. */
export function useFeedback(): void {
  useEffect(() => {
    let before = fieldStore.get();
    return fieldStore.subscribe(() => {
      const now = fieldStore.get();
      const { shutterSound, haptics } = now.preferences.screen;
      if (now.pending < before.pending) {
        if (shutterSound) beep('short');
        if (haptics) vibrate(CLOSED_MS);
      } else if (
        haptics &&
        now.settings !== before.settings &&
        tapesOf(now.settings) !== tapesOf(before.settings)
      )
        vibrate(DETENT_MS);
      before = now;
    });
  }, []);
}
