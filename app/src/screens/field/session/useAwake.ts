import { useEffect } from 'react';
import { keepAwake } from '../../../engine/keepAwake';
import { useStore } from '../../../state/store';
import { fieldStore } from './fieldState';

/**
 * The screen stays awake while a frame is being made: minutes of stars must not end in sleep; by
 * choice as long as Field is open.
 */
export function useAwake(): void {
  const awake = useStore(fieldStore, (s) => s.pending > 0 || s.preferences.screen.awake);
  useEffect(() => (awake ? keepAwake() : undefined), [awake]);
}
