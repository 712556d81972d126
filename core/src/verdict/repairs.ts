import { nominalTime } from '../exposure/nominal';
import { formatStops, formatThirds } from '../exposure/thirds';
import { nudgeExposure } from '../settings/nudge';
import { held, MAX_FILTER_STOPS } from '../settings/settings';
import type { Repair, VerdictInput } from './finding';

/** The ways out that several rules share. Each gives a list, empty where the way is closed. */

/** Brighter (+) or darker through whichever tape is free, and says which. */
export function moveExposure(input: VerdictInput, clicks: number): Repair[] {
  const nudge = nudgeExposure(input.settings, input.solution, input.ranges, clicks);
  if (nudge?.clicks !== clicks) return [];
  const amount = formatThirds(clicks);
  return [
    {
      label:
        clicks < 0 ? `Take ${amount} off ${nudge.through}` : `Add ${amount} to ${nudge.through}`,
      settings: nudge.settings,
    },
  ];
}

/**
 * The same exposure with another time: ISO takes up the difference. Closed when ISO has no room for
 * it.
 */
export function retime(input: VerdictInput, timeClick: number): Repair[] {
  const { settings, solution, ranges, baseIsoClick } = input;
  const iso = Math.round(solution.isoClick + solution.timeClick - timeClick);
  const isoIsSet = settings.iso.mode === 'held';
  const lowest = isoIsSet ? ranges.iso?.min : baseIsoClick;
  if (!ranges.iso || !ranges.time || lowest === undefined) return [];
  if (timeClick < ranges.time.min || timeClick > ranges.time.max) return [];
  if (iso < lowest || iso > ranges.iso.max) return [];
  const change = iso - Math.round(solution.isoClick);
  const isoWords =
    change === 0 ? '' : `${change > 0 ? 'Raise' : 'Lower'} ISO ${formatStops(change)}`;
  // With Time left to the camera it is ISO that is moved, and Time follows.
  if (settings.time.mode === 'auto' && isoIsSet)
    return isoWords === '' ? [] : [{ label: isoWords, settings: { ...settings, iso: held(iso) } }];
  return [
    {
      label: isoIsSet && isoWords !== '' ? isoWords : `Time to ${nominalTime(timeClick)}`,
      settings: {
        ...settings,
        time: held(timeClick),
        iso: isoIsSet ? held(iso) : settings.iso,
      },
    },
  ];
}

export function toTripod({ settings, hasRig }: VerdictInput): Repair[] {
  if (!hasRig || settings.support === 'tripod') return [];
  return [{ label: 'Use the tripod', settings: { ...settings, support: 'tripod' } }];
}

const filterLabel = (stops: number): string =>
  stops === 0 ? 'Take the filter off' : `ND filter ${formatStops(3 * stops)}`;

/** Takes this many clicks of light away with a filter, in whole stops. */
export function addFilter({ settings, hasRig }: VerdictInput, clicks: number): Repair[] {
  const stops = settings.filterStops + Math.ceil(clicks / 3 - 1e-9);
  if (!hasRig || stops > MAX_FILTER_STOPS) return [];
  return [{ label: filterLabel(stops), settings: { ...settings, filterStops: stops } }];
}

/** Takes filter off, as far as it helps. */
export function takeFilterOff({ settings }: VerdictInput, clicks: number): Repair[] {
  if (settings.filterStops === 0) return [];
  const filterStops = Math.max(0, settings.filterStops - Math.ceil(clicks / 3 - 1e-9));
  return [{ label: filterLabel(filterStops), settings: { ...settings, filterStops } }];
}
