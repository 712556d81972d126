import { useEffect } from 'react';
import { keepAwake } from '../../../engine/keepAwake';
import { useStore } from '../../../state/store';
import { fieldStore } from './fieldState';

/** The screen stays awake while a frame is being made: minutes of stars must not end in sleep. */
export function useAwake(): void {
  const exposing = useStore(fieldStore, (s) => s.pending > 0);
  useEffect(() => (exposing ? keepAwake() : undefined), [exposing]);
}
