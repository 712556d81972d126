import { CLICKS_PER_STOP } from '@velmo/core/exposure';
import type { ShotMetadata } from '@velmo/core/files';
import { askedSpot, type Settings } from '@velmo/core/settings';
import type { CameraLight } from '../../../storage/kept/cameraLight';
import { frameJob, momentNow } from '../../files/frameJob';
import { positionNow } from '../../position';
import type { VideoFrameJob } from './browserCapture.worker';
import type { ReadyStep } from './browserSeries';
import { reportedTimeS } from '../track/trackControls';
import type { ControlSettings } from '../track/trackTypes';

/** A camera's name in a record is no longer than this. */
const MAX_LABEL = 120;

/**
 * What is to be made of a frame, with what its track says now of how it is exposed.
 *
 * @param roll id of the roll it goes into
 */
export function videoFrameJob(
  { track, light }: { readonly track: MediaStreamTrack; readonly light: CameraLight },
  settings: Settings,
  roll: string,
  { step, series }: ReadyStep,
): VideoFrameJob {
  const reported = track.getSettings() as ControlSettings;
  const timeS = reportedTimeS(reported) ?? undefined;
  const iso = reported.iso ? Math.round(reported.iso) : undefined;
  const compClicks = settings.compClicks + step.biasClicks;
  const { focusDioptres } = step.moves;
  const capturedAt = momentNow();
  const shot: ShotMetadata = {
    make: 'Browser camera',
    model: track.label || 'unnamed',
    software: 'Velmo',
    description: 'Processed video frame of a browser camera; not sensor data.',
    ...{ capturedAt, timeS, iso },
    position: positionNow(),
    ...(series && { series, compensationStops: compClicks / CLICKS_PER_STOP }),
  };
  const facts = {
    camera: 'browser',
    place: (track.label || 'Camera').slice(0, MAX_LABEL),
    timeS: timeS ?? null,
    iso: iso ?? null,
    compClicks,
    lens: null,
    focusDioptres: focusDioptres ?? null,
    focusedAt: focusDioptres === undefined ? askedSpot(settings.focus) : null,
    white: reported.colorTemperature ? { kelvin: reported.colorTemperature, tint: 0 } : null,
    ...{ roll, series },
  } as const;
  return {
    ...frameJob(facts, capturedAt, 'camera'),
    shot,
    response: light.response,
    files: settings.files === 'jpeg' ? 'jpeg' : 'dng+jpeg',
    jpegQuality: settings.jpegQuality,
  };
}
