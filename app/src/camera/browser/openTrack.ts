import type { BrowserChoice, CameraEntry } from '../../storage/kept/cameraChoice';
import { CameraRefusal } from '../device/refusal';
import { refusalOf } from './refusals';

/** Frames as large as a phone streams without effort. */
const USUAL = { width: 1920, height: 1440 } as const;
/** A browser that has the choice gives a large picture slowly unless it is told. */
const FRAMES_A_SECOND = 30;

/** All cameras of this device; without labels until one has been allowed. */
export async function listCameras(): Promise<CameraEntry[]> {
  if (!navigator.mediaDevices?.enumerateDevices) return [];
  const devices = await navigator.mediaDevices.enumerateDevices();
  return devices
    .filter(({ kind, deviceId }) => kind === 'videoinput' && deviceId !== '')
    .map(({ deviceId, label }) => ({ id: deviceId, label }));
}

/** True where the browser will ask the photographer before it gives the camera. */
export async function willBeAsked(): Promise<boolean> {
  try {
    const { state } = await navigator.permissions.query({ name: 'camera' as PermissionName });
    return state === 'prompt';
  } catch {
    // A browser that cannot tell asks when it wants to.
    return false;
  }
}

/** Where the chosen camera is now: its id may have changed, its name has not. Null: not here. */
async function placeOf({ id, label }: CameraEntry): Promise<CameraEntry | null> {
  const cameras = await listCameras();
  // Without labels the browser does not say which is which yet.
  if (cameras.every((camera) => camera.label === '')) return { id, label };
  return (
    cameras.find((camera) => camera.id === id) ??
    cameras.find((camera) => label !== '' && camera.label === label) ??
    null
  );
}

/** Opens a camera's video track. Rejects with CameraRefusal. */
export async function openTrack({ camera, size }: BrowserChoice): Promise<MediaStreamTrack> {
  const { width, height } = size ?? USUAL;
  const place = camera ? await placeOf(camera) : null;
  if (camera && !place)
    throw new CameraRefusal(
      'missing',
      `“${camera.label || 'The chosen camera'}” is not connected. Connect it, or choose another camera.`,
    );
  const which: MediaTrackConstraints = place
    ? { deviceId: { exact: place.id } }
    : { facingMode: 'environment' };
  const wanted = {
    ...which,
    width: { ideal: width },
    height: { ideal: height },
    frameRate: { ideal: FRAMES_A_SECOND },
  };
  try {
    // Zoom has to be named before a browser lets it be moved; where there is none, it is passed
    // over.
    const video = { ...wanted, zoom: true } as MediaTrackConstraints;
    const stream = await navigator.mediaDevices.getUserMedia({ audio: false, video });
    return stream.getVideoTracks()[0];
  } catch (error) {
    throw refusalOf(error);
  }
}
