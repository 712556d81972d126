import type { Series, SeriesKind, SeriesOf } from '../series';
import { bracket } from './bracket';
import { burst } from './burst';
import type { SeriesDefinition } from './definition';
import { focus } from './focus';
import { interval } from './interval';
import { long } from './long';
import { single } from './single';

const DEFINITIONS: { readonly [K in SeriesKind]: SeriesDefinition<K> } = {
  single,
  bracket,
  burst,
  focus,
  interval,
  long,
};

export const SERIES_KINDS = Object.keys(DEFINITIONS) as readonly SeriesKind[];

/** What each kind is before anything of it was chosen. */
export const FIRST_SERIES = Object.fromEntries(
  Object.entries(DEFINITIONS).map(([kind, { first }]) => [kind, first]),
) as { readonly [K in SeriesKind]: SeriesOf<K> };

/** The definition of a series' own kind. */
export const definitionOf = (series: Series): SeriesDefinition<SeriesKind> =>
  DEFINITIONS[series.kind] as SeriesDefinition<SeriesKind>;
