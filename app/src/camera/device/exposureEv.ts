import { reportedTimeS } from '../browser/track/trackControls';
import type { ControlSettings } from '../browser/track/trackTypes';

/**
 * The light as EV at ISO 100 that a camera's exposure and meter come to, without its aperture,
 * which it does not tell: right but for a constant. Null where its exposure is not known.
 */
export function exposureEv(reported: ControlSettings, meterStops: number): number | null {
  const timeS = reportedTimeS(reported);
  // A track that holds its time and tells no ISO keeps its gain.
  const iso = reported.iso ?? (reported.exposureMode === 'manual' ? 100 : null);
  return timeS === null || iso === null
    ? null
    : -Math.log2(timeS) - Math.log2(iso / 100) + meterStops;
}
