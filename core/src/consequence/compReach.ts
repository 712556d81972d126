import { solveExposure, type ClickRange, type SolverInput } from '../exposure/solver';
import type { Band } from './band';

/** Where compensation asks for more than the auto tapes can follow. */
export function compReach(input: SolverInput, range: ClickRange): readonly Band[] {
  if (input.timeClick !== null && input.isoClick !== null)
    return [
      {
        id: 'reach',
        from: range.min,
        to: range.max,
        label: 'moves the meter’s target only',
        detail:
          'Time and ISO are both set: Comp moves what the meter compares with, not the picture.',
        weight: 'note',
      },
    ];
  const misses = (compClicks: number): number =>
    solveExposure({ ...input, compClicks }).differenceClicks;
  const auto = input.timeClick !== null ? 'ISO' : input.isoClick !== null ? 'Time' : 'Time and ISO';
  const verb = auto === 'Time and ISO' ? 'run out' : 'runs out';
  const bands: Band[] = [];
  const side = (from: number, to: number): void => {
    bands.push({
      id: 'reach',
      from,
      to,
      label: `${auto} ${verb}`,
      detail: `${auto} cannot follow compensation here.`,
      weight: 'caution',
    });
  };
  let low = range.min;
  while (low <= range.max && misses(low) > 0) low++;
  if (low > range.min) side(range.min, low - 1);
  let high = range.max;
  while (high >= range.min && misses(high) < 0) high--;
  if (high < range.max) side(high + 1, range.max);
  return bands;
}
