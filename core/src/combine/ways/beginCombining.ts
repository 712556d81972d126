import { FocusStacker } from './focusStacker';
import { Fuser } from './fuser';
import { Gatherer } from './gatherer';
import { Merger } from './merger';
import { StarStacker } from './starStacker';
import type { Combiner } from './way';
import type { WayId } from './wayIds';

/** What does each way. Trails and sums are taken as they are: the sky's own motion is theirs. */
const COMBINERS: { readonly [Id in WayId]: (aligns: boolean) => Combiner } = {
  merge: (aligns) => new Merger(aligns),
  fuse: (aligns) => new Fuser(aligns),
  focus: (aligns) => new FocusStacker(aligns),
  average: (aligns) => new Gatherer('mean', aligns),
  median: (aligns) => new Gatherer('median', aligns),
  brightest: () => new Gatherer('brightest', false),
  stars: () => new StarStacker(),
  sum: () => new Gatherer('sum', false),
};

/**
 * Begins to combine frames. Apart from what is known of the ways: a page that offers them loads
 * none of this.
 *
 * @param aligns frames are laid on one another where they moved, if the way does that at all
 */
export const beginCombining = (id: WayId, aligns: boolean): Combiner => COMBINERS[id](aligns);
