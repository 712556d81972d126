import { formatStops } from '../exposure/thirds';
import { formatDistance } from '../optics/distance';
import { flashStops } from '../optics/flash';
import type { Rule } from './finding';

/** A grey card this many stops from mid-grey is lost to the light, or to the dark. */
const MAX_STOPS = 2 + 2 / 3;
const MIN_STOPS = -3;

/** The flash alone gives too much or too little where focus stands. */
export const flash: Rule = ({ settings, solution, context, focusedM }) => {
  if (!context.flash || focusedM === null || !(focusedM > 0)) return null;
  const shot = {
    ...context.flash,
    isoClick: solution.isoClick,
    filterStops: settings.filterStops,
  };
  const stops = focusedM === Infinity ? -Infinity : flashStops(shot, focusedM);
  if (stops <= MAX_STOPS && stops >= MIN_STOPS) return null;
  const where = formatDistance(focusedM, 'm');
  const by = formatStops(Math.abs(Math.round(3 * stops)));
  const text =
    stops > 0
      ? `The flash burns out what is ${where} away: grey becomes ${by} too bright there.`
      : stops === -Infinity
        ? 'The flash does not reach the distance in focus.'
        : `The flash does not reach ${where}: it gives ${by} too little there.`;
  return {
    id: 'flash',
    weight: stops > 0 ? 75 : 45,
    text,
    repairs: [{ label: 'Flash off', settings: { ...settings, flash: 'off' } }],
  };
};
