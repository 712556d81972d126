import { createStore } from '../../state/store';
import { keptValue } from './keptValue';

const kept = keptValue<boolean>('geotag', async (value) =>
  typeof value === 'boolean' ? value : null,
);

/** Whether frames are to say where they are taken: not unless it was asked for. */
export const geotagStore = createStore(false);

/** Reads whether frames say where they were made. */
export const readGeotag = async (): Promise<void> => geotagStore.set((await kept.last()) ?? false);

/** Chooses whether frames say where they were made. */
export function chooseGeotag(wanted: boolean): void {
  geotagStore.set(wanted);
  kept.keep(wanted);
}
