import { graphite } from './graphite';
import { night } from './night';
import type { Plate } from './plate';
import { sunlight } from './sunlight';

/** Every plate, in the order they are offered. */
export const PLATES: readonly Plate[] = [graphite, sunlight, night];
/** Their names in settings. */
export const PLATE_IDS = PLATES.map(({ id }) => id);

/** The plate of that name; graphite where there is none. */
export const plateOf = (id: string | null): Plate =>
  PLATES.find((plate) => plate.id === id) ?? graphite;
