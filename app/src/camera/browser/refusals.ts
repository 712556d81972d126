import { CameraRefusal } from '../device/refusal';

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

/** The camera has ended its track: unplugged, or taken by another app. */
export const lostCamera = (): CameraRefusal =>
  new CameraRefusal('lost', 'The camera went away. Connect it again, then try again.');

/**
 * For whoever waits for a frame while the camera is closed: the page was left or hidden, or another
 * camera opened.
 */
export const closedCamera = (): CameraRefusal =>
  new CameraRefusal('lost', 'The camera was let go before the frame was made: nothing was kept.');

/** The track lives, and no picture comes any more. */
export const stalledCamera = (): CameraRefusal =>
  new CameraRefusal(
    'stalled',
    'No picture has come from the camera for five seconds. Nothing half made was kept. Try again; if it stays so, close other programs that use the camera.',
  );

/** The camera is there, and the browser does not play its video. */
export const heldBackVideo = (): CameraRefusal =>
  new CameraRefusal(
    'stalled',
    'The browser did not start the camera’s video. Try again; if the phone is saving power, switch that off first.',
  );

/** Why the browser is about to ask, and what becomes of the picture. */
export const askFirst = (): CameraRefusal =>
  new CameraRefusal(
    'ask',
    'Velmo shows this device’s camera in the Window and reads the light from it. The browser will ask you for leave. Pictures stay on this device; microphone and location are never asked for.',
  );

/** Why there is no camera to ask for, or null when there may be one. */
export function unreachable(): CameraRefusal | null {
  if (!window.isSecureContext)
    return new CameraRefusal(
      'insecure',
      `Browsers give the camera only to https addresses and to localhost; this page is at ${window.location.origin}. On the computer open Velmo at localhost, on a phone by the https address that “npm run demo -- --lan” prints.`,
    );
  if (!navigator.mediaDevices?.getUserMedia)
    return new CameraRefusal('unsupported', 'This browser has no camera access.');
  return null;
}
