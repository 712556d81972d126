import { parseIso, parseTime } from '../exposure/nominal';
import { AUTO, COMP_CLICKS, held, type Hold, type Settings } from './settings';

/** Query parameters of a link into Field, as strings. */
export type LinkQuery = Readonly<Record<string, string | undefined>>;

export interface LinkedSettings {
  readonly settings: Settings;
  /** What the link asked for and could not be understood, in words. */
  readonly problems: readonly string[];
}

/**
 * Reads settings from a link such as `?lens=main&time=1/125&iso=100&comp=-2/3`. What is missing stays as in
 * `base`; what cannot be read stays too and is reported.
 */
export function settingsFromLink(
  query: LinkQuery,
  base: Settings,
  lensIds: readonly string[],
): LinkedSettings {
  const problems: string[] = [];
  const read = <T>(name: string, parse: (text: string) => T | null, fallback: T): T => {
    const text = query[name];
    if (text === undefined) return fallback;
    const value = parse(text);
    if (value === null) problems.push(`${name}=${text.slice(0, 24)}`);
    return value ?? fallback;
  };
  const holdOf =
    (parse: (text: string) => number | null) =>
    (text: string): Hold | null => {
      if (text === 'auto') return AUTO;
      const click = parse(text);
      return click === null ? null : held(click);
    };
  const settings: Settings = {
    version: 1,
    lens: read('lens', (t) => (lensIds.includes(t) ? t : null), base.lens),
    time: read('time', holdOf(parseTime), base.time),
    iso: read('iso', holdOf(parseIso), base.iso),
    compClicks: read('comp', parseThirds, base.compClicks),
    support: read('support', (t) => (t === 'hand' || t === 'tripod' ? t : null), base.support),
    sizeMp: read('mp', (t) => (t === '12' ? 12 : t === '3' ? 3 : null), base.sizeMp),
  };
  return { settings, problems };
}

/** Reads "-2/3", "+1 1/3", "2" as clicks; null when it is no whole number of thirds in range. */
export function parseThirds(text: string): number | null {
  const match = /^([+-]?)(?:(\d{1,2}))?(?:(?:^|\s|(?<=^[+-]))([12])\/3)?$/.exec(text.trim());
  if (!match || (match[2] === undefined && match[3] === undefined)) return null;
  const clicks = Number(match[2] ?? 0) * 3 + Number(match[3] ?? 0);
  const signed = match[1] === '-' && clicks > 0 ? -clicks : clicks;
  return signed < COMP_CLICKS.min || signed > COMP_CLICKS.max ? null : signed;
}
