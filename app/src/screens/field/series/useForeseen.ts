import { useMemo } from 'react';
import { useStore } from '../../../state/store';
import { fieldStore, readingsStore } from '../session/fieldState';
import { foreseenText, type Foreseen } from './foreseen';

/** What a press would make now; null before the first frame, or where the camera cannot. */
export function useForeseen(): Foreseen | null {
  useStore(fieldStore, foreseenText);
  const text = useStore(readingsStore, foreseenText);
  return useMemo(() => JSON.parse(text) as Foreseen | null, [text]);
}
