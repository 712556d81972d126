import { COMP_CLICKS } from './settings';

const FRACTION_CLICKS: Readonly<Record<string, number>> = { '1/3': 1, '2/3': 2, '1/2': 1.5 };

/**
 * Reads "-2/3", "+1 1/3", "1/2", "2" as clicks; null when it is no number of thirds or halves in
 * range.
 */
export function parseThirds(text: string): number | null {
  const match = /^([+-]?)(?:(\d{1,2}))?(?:(?:^|\s|(?<=^[+-]))([12]\/3|1\/2))?$/.exec(text.trim());
  if (!match || (match[2] === undefined && match[3] === undefined)) return null;
  const clicks = Number(match[2] ?? 0) * 3 + (FRACTION_CLICKS[match[3]] ?? 0);
  const signed = match[1] === '-' && clicks > 0 ? -clicks : clicks;
  return signed < COMP_CLICKS.min || signed > COMP_CLICKS.max ? null : signed;
}
