import { CameraRefusal } from './refusal';

/** The worker that makes the live picture has gone, or did not come. */
export const stoppedPicture = (): CameraRefusal =>
  new CameraRefusal(
    'stalled',
    'The part of Velmo that makes the live picture stopped, or could not be loaded. Is the server it came from there, and memory free? Try again.',
  );
