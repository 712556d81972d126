import { useStore } from '../../../state/store';
import { fieldStore } from './fieldState';

/** The camera's frames are sensor data: only then may anything be called raw. */
export const useReadsRaw = (): boolean =>
  useStore(fieldStore, (s) => s.capabilities?.readsRaw ?? true);
