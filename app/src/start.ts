/** What the first picture waits for begins before React does. */
import { startLiveEarly } from './camera/simulated/live/liveWorker';
import { lastCamera } from './storage/kept/cameraChoice';
import { applyNotedLook } from './theme/applyLook';

applyNotedLook();

/** Field, which opens a camera. */
if (location.pathname === '/') {
  startLiveEarly();
  // Opens the database and has the validators come: Field asks again once it is there.
  void lastCamera();
}
