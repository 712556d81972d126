import { formatStops } from '../exposure/thirds';
import type { Rule } from './finding';
import { moveExposure } from './repairs';

/** Time and ISO both held, and not at what the meter asks for. */
export const heldApart: Rule = (input) => {
  const { settings, solution } = input;
  const bothHeld = settings.time.mode === 'held' && settings.iso.mode === 'held';
  const clicks = solution.differenceClicks;
  if (!bothHeld || clicks === 0) return null;
  return {
    id: 'held-apart',
    weight: 40 + Math.min(30, Math.abs(clicks)),
    text: `${formatStops(clicks)} ${clicks < 0 ? 'under' : 'over'} the meter.`,
    repairs: moveExposure(input, -Math.round(clicks)),
  };
};
