/** What the first picture waits for begins before React does. */
import { layFirstCanvas } from './camera/live/firstCanvas';
import { firstShotOf } from './camera/simulated/live/earlyShot';
import { exposeEarly, startLiveEarly } from './camera/simulated/live/liveWorker';
import { missingHere } from './engine/lacks';
import { openingOf } from './screens/field/session/link/opening';
import { windowPlace } from './screens/field/windowPlace';
import { notedOpening, readOpeningEarly } from './storage/kept/keptOpening';
import { applyNotedLook } from './theme/applyLook';

applyNotedLook();

/**
 * Has the live picture begin that Field will most likely ask for: what is asked for then is
 * compared with it. What was noted may be anything; Field opens with what is kept, and checked.
 */
function exposeWhatOpens(): void {
  const noted = notedOpening();
  const link = JSON.stringify(Object.fromEntries(new URLSearchParams(location.search)));
  const { query, choice, settings } = openingOf(link, noted);
  if (choice.device !== 'simulated' || query.drill !== undefined) return;
  const { place, upright } = windowPlace(noted.preferences?.screen);
  exposeEarly(firstShotOf(choice.scene, settings, upright), (canvas) =>
    layFirstCanvas(canvas, place),
  );
}

/** Field, which opens a camera. */
if (location.pathname === '/' && !missingHere()) {
  startLiveEarly();
  // What goes wrong here goes wrong once more in Field, which says it.
  readOpeningEarly().catch(() => {});
  try {
    exposeWhatOpens();
  } catch {
    // A note that could not be used: the picture comes with Field.
  }
}
