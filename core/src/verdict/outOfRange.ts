import { nominalIso, nominalTime } from '../exposure/nominal';
import { formatStops } from '../exposure/thirds';
import { AUTO, held } from '../settings/settings';
import type { Repair, Rule, VerdictInput } from './finding';
import { addFilter, takeFilterOff } from './repairs';

/** Moves the one tape that is held by just what is missing, or gives it back. */
function moveTheHold(input: VerdictInput, control: 'time' | 'iso', missing: number): Repair[] {
  const { settings, ranges } = input;
  const range = ranges[control];
  const hold = settings[control];
  if (hold.mode !== 'held') return [];
  const click = Math.round(hold.click - missing);
  const name = control === 'time' ? 'Time' : 'ISO';
  const engraved = control === 'time' ? nominalTime(click) : nominalIso(click);
  const giveBack = { label: `Give ${name} back`, settings: { ...settings, [control]: AUTO } };
  if (!range || click < range.min || click > range.max) return [giveBack];
  return [
    { label: `${name} to ${engraved}`, settings: { ...settings, [control]: held(click) } },
    giveBack,
  ];
}

/** An auto tape ran into its end: what is missing, and the way out. */
export const outOfRange: Rule = (input) => {
  const { settings, solution } = input;
  if (!solution.outOfRange) return null;
  const missing = solution.differenceClicks;
  const heldControl =
    settings.time.mode === 'held' ? 'time' : settings.iso.mode === 'held' ? 'iso' : null;
  const auto = heldControl === 'time' ? 'ISO' : 'Time';
  const side = missing < 0 ? 'Too dark' : 'Too bright';
  const where = heldControl === null ? 'Time and ISO are at their ends.' : `${auto} is at its end.`;
  return {
    id: 'out-of-range',
    // Too bright comes before clipping: while a tape is at its end, less compensation changes
    // nothing.
    weight: missing > 0 ? 110 : 90,
    text: `${side} by ${formatStops(missing)}: ${where}`,
    repairs: [
      ...(heldControl ? moveTheHold(input, heldControl, missing) : []),
      ...(missing > 0 ? addFilter(input, missing) : takeFilterOff(input, -missing)),
    ],
  };
};
