import { CameraRefusal } from './CameraDevice';

/** What getUserMedia's errors mean to a photographer, and what to do. */
export function refusalOf(error: unknown): CameraRefusal {
  const name = error instanceof DOMException ? error.name : '';
  switch (name) {
    case 'NotAllowedError':
    case 'SecurityError':
      return new CameraRefusal(
        'denied',
        'The browser was not allowed to use the camera. Allow it in the address bar’s site settings, then try again.',
      );
    case 'NotFoundError':
    case 'OverconstrainedError':
      return new CameraRefusal(
        'missing',
        'No camera was found on this device. Connect one, then try again.',
      );
    case 'NotReadableError':
    case 'AbortError':
      return new CameraRefusal(
        'busy',
        'Another program is using the camera. Close it there, then try again.',
      );
    default:
      return new CameraRefusal(
        'unsupported',
        'This browser could not start the camera. Try a current version of it, or another one.',
      );
  }
}

export const lostCamera = (): CameraRefusal =>
  new CameraRefusal('lost', 'The camera went away. Connect it again, then try again.');

/** Why there is no camera to ask for, or null when there may be one. */
export function unreachable(): CameraRefusal | null {
  if (!window.isSecureContext)
    return new CameraRefusal(
      'insecure',
      'Browsers give the camera only to https addresses and to localhost. Open Velmo that way.',
    );
  if (!navigator.mediaDevices?.getUserMedia)
    return new CameraRefusal('unsupported', 'This browser has no camera access.');
  return null;
}
