import { CLICKS_PER_STOP } from './clicks';
import { lightClicksFromEv100 } from './solver';

/**
 * How far past the half-way point between two clicks the light must move before auto follows, in
 * stops.
 */
const MARGIN_STOPS = 0.06;

/**
 * Metered light in whole clicks, holding the last answer while the light hovers between two, so
 * that auto tapes do not flicker from noise. `previous` is null on the first reading.
 */
export function steadyLightClicks(ev100: number, fNumber: number, previous: number | null): number {
  const next = lightClicksFromEv100(ev100, fNumber);
  if (previous === null || Math.abs(next - previous) > 1) return next;
  const exact = (2 * Math.log2(fNumber) - ev100) * CLICKS_PER_STOP;
  const limit = 0.5 + MARGIN_STOPS * CLICKS_PER_STOP;
  return Math.abs(exact - previous) < limit ? previous : next;
}
