import { CameraRefusal } from '../../../camera/device/refusal';
import type { CameraDevice } from '../../../camera/device/CameraDevice';
import { SimulatedCamera } from '../../../camera/simulated/simulatedCamera';
import type { CameraChoice } from '../../../storage/kept/cameraChoice';

/**
 * A camera that has not been opened yet. The device's own is loaded when it is chosen: whoever
 * practises need not wait for it. Rejects with a CameraRefusal where it cannot be loaded.
 */
export async function createCamera(choice: CameraChoice): Promise<CameraDevice> {
  if (choice.device === 'simulated') return new SimulatedCamera(choice.scene);
  const loaded = await import('../../../camera/browser/browserCamera').catch(() => {
    throw new CameraRefusal(
      'unsupported',
      'The part of Velmo that reads cameras could not be loaded. Is the server it came from still there? Try again.',
    );
  });
  return new loaded.BrowserCamera(choice);
}
