/** What the first picture waits for begins before React does. */
import { exposeEarly, startLiveEarly } from './camera/simulated/live/liveWorker';
import { measureField } from './screens/field/layout';
import { openingOf } from './screens/field/session/link/opening';
import { readOpeningEarly, type KeptOpening } from './storage/kept/keptOpening';
import { applyNotedLook } from './theme/applyLook';

applyNotedLook();

/**
 * Has the frame exposed that Field will most likely ask for first: what is asked for then is
 * compared with it.
 */
function exposeWhatOpens(kept: KeptOpening): void {
  const link = JSON.stringify(Object.fromEntries(new URLSearchParams(location.search)));
  const { query, choice, settings } = openingOf(link, kept);
  if (choice.device !== 'simulated' || query.drill !== undefined) return;
  const { upright } = measureField(innerWidth, innerHeight);
  exposeEarly({
    target: { sceneId: choice.scene, aim: { yawRad: 0, pitchRad: 0 } },
    settings,
    upright,
  });
}

/** Field, which opens a camera. */
if (location.pathname === '/') {
  startLiveEarly();
  // What goes wrong here goes wrong once more in Field, which says it.
  readOpeningEarly()
    .then(exposeWhatOpens)
    .catch(() => {});
}
