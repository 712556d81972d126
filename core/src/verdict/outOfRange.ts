import { formatStops } from '../exposure/thirds';
import type { Rule } from './finding';

/** An auto tape ran into its end: what is missing, and which hold to give back. */
export const outOfRange: Rule = ({ settings, solution }) => {
  if (!solution.outOfRange) return null;
  const missing = solution.differenceClicks;
  const heldControl =
    settings.time.mode === 'set' ? 'time' : settings.iso.mode === 'set' ? 'iso' : null;
  const [auto, hold] = heldControl === 'time' ? ['ISO', 'Time'] : ['Time', 'ISO'];
  const side = missing < 0 ? 'Too dark' : 'Too bright';
  const text =
    heldControl === null
      ? `${side} by ${formatStops(missing)}: Time and ISO are at their ends.`
      : `${side} by ${formatStops(missing)}: ${auto} is at its end.`;
  return {
    id: 'out-of-range',
    // Too bright comes before clipping: while a tape is at its end, less compensation changes nothing.
    weight: missing > 0 ? 110 : 90,
    text,
    repair: heldControl
      ? { kind: 'release', label: `Give ${hold} back`, control: heldControl }
      : undefined,
  };
};
