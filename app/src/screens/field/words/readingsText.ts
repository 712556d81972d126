import { UNKNOWN_CONTEXT } from '@velmo/core/consequence';
import {
  CLICKS_PER_STOP,
  formatSignedThirds,
  formatStops,
  formatThirds,
} from '@velmo/core/exposure';
import { HIGHLIGHT_SHARE, histogramBottom, histogramTop, SHADOW_SHARE } from '@velmo/core/monitor';
import { distanceOf } from '@velmo/core/optics';
import { judge, type Finding, type SeriesForecast } from '@velmo/core/verdict';
import type { Settings } from '@velmo/core/settings';
import type { CameraCapabilities } from '../../../camera/device/capabilities';
import type { PinReading, Readings } from '../../../camera/device/readings';

/** Everything the verdict's rules found in a frame, most important first. */
export const findingsOf = (
  readings: Readings,
  settings: Settings,
  capabilities: CameraCapabilities | null,
  series: SeriesForecast | null,
): readonly Finding[] =>
  judge({
    settings,
    solution: {
      timeClick: readings.timeClick ?? 0,
      isoClick: readings.isoClick ?? 0,
      differenceClicks: readings.differenceClicks,
      outOfRange: readings.outOfRange,
    },
    ranges: {
      time: capabilities?.time ?? null,
      iso: capabilities?.iso ?? null,
      compensation: capabilities?.compensation ?? null,
    },
    baseIsoClick: capabilities?.baseIsoClick ?? 0,
    hasRig: capabilities?.hasRig ?? false,
    context: capabilities?.exposureContext(settings, readings) ?? UNKNOWN_CONTEXT,
    // The verdict leaves specular glints out.
    clippedShare: readings.clippedSurface,
    crushedShare: readings.crushedShare,
    overClipStops: readings.overClipStops,
    underFloorStops:
      capabilities?.readsRaw && series ? readings.floorStops - bottomStops(readings) : null,
    focusedM: readings.focus ? distanceOf(readings.focus.dioptres) : null,
    series,
  });

const LUMINANCE = 3;

/** Stops from mid-grey under which the darkest hundredth of the frame lies. */
const bottomStops = ({ histogram }: Readings): number =>
  histogramBottom(histogram, LUMINANCE, SHADOW_SHARE);

/**
 * "highlights 1/3 stop under clipping": where the brightest tones stand, for the ladder's spoken
 * value.
 */
export function highlightText(readings: Readings): string {
  const over = readings.overClipStops
    ? Math.max(...readings.overClipStops)
    : Math.max(...[0, 1, 2].map((c) => topStops(readings, c) - readings.clipStops));
  const clicks = Math.round(over * CLICKS_PER_STOP);
  if (readings.overClipStops === null && clicks >= 0) return 'highlights clip';
  if (clicks === 0) return 'highlights at clipping';
  return `highlights ${formatStops(clicks)} ${clicks > 0 ? 'over' : 'under'} clipping`;
}

/** Stops from mid-grey under which all but the glints of a channel lie. */
const topStops = ({ histogram }: Readings, channel: number): number =>
  histogramTop(histogram, channel, HIGHLIGHT_SHARE);

/** "EV 15 2/3" of the metered light, or "" where it is not known. */
export function evText(ev100: number | null): string {
  if (ev100 === null) return '';
  const clicks = Math.round(ev100 * CLICKS_PER_STOP);
  return `EV ${clicks < 0 ? '−' : ''}${formatThirds(clicks)}`;
}

/** "0", "+2 1/3": what the exposure differs from the meter by. */
export const differenceText = (readings: Readings): string =>
  formatSignedThirds(readings.differenceClicks);

/** A pin as its chip says it: stops from mid-grey, and room to clip. */
export function pinText({ stops, roomStops }: PinReading): { tone: string; room: string } {
  const tone = formatSignedThirds(Math.round(stops * CLICKS_PER_STOP));
  const room = Math.floor(roomStops * CLICKS_PER_STOP);
  return {
    tone,
    room:
      room > 0
        ? `${formatThirds(room)} room`
        : room === 0
          ? 'at clip'
          : `${formatThirds(room)} over`,
  };
}
