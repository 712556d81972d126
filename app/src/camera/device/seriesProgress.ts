import type { CaptureEvents } from './CameraDevice';

/**
 * Progress of one frame told as that of its series, which a press on Expose ends; a single frame
 * tells its own.
 */
export const ofSeries = (events: CaptureEvents, step: number, count: number): CaptureEvents =>
  count === 1
    ? events
    : {
        ...events,
        onProgress: ({ share, stage, open }) =>
          events.onProgress({
            share: (step + share) / count,
            // A shutter that is open and a wait are told; the rest passes too quickly to be read.
            stage: `${step + 1} of ${count}${open ? ` · ${stage}` : ''}`,
            open: true,
          }),
      };
