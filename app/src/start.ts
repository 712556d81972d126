/** What the first picture waits for begins before React does. */
import { startLiveEarly } from './camera/simulated/liveWorker';
import { lastCamera } from './storage/cameraChoice';
import { applyNotedLook } from './theme/applyLook';

applyNotedLook();

/** Field, which opens a camera. */
if (location.pathname === '/') {
  startLiveEarly();
  // Opens the database and has the validators come: Field asks again once it is there.
  void lastCamera();
}
