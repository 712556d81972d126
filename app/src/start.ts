/** What the first picture waits for begins before React does: storage, and the worker that computes it. */
import { startLiveEarly } from './camera/simulated/liveWorker';
import { lastCamera } from './storage/cameraChoice';

/** Field, which opens a camera. */
if (location.pathname === '/') {
  startLiveEarly();
  void lastCamera();
}
