import { formatStops, formatThirds } from '../exposure/thirds';
import type { Rule } from './finding';

/** Time and ISO both held, and not at what the meter asks for. */
export const heldApart: Rule = ({ settings, solution }) => {
  const bothHeld = settings.time.mode === 'set' && settings.iso.mode === 'set';
  const clicks = solution.differenceClicks;
  if (!bothHeld || clicks === 0) return null;
  const under = clicks < 0;
  return {
    id: 'held-apart',
    weight: 40 + Math.min(30, Math.abs(clicks)),
    text: `${formatStops(clicks)} ${under ? 'under' : 'over'} the meter.`,
    repair: {
      kind: 'exposure',
      label: under ? `Add ${formatThirds(clicks)}` : `Take ${formatThirds(clicks)} off`,
      clicks: -clicks,
    },
  };
};
