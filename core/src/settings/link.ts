import { WHITE_KELVIN, WHITE_TINT } from '../colour/whitePoint';
import { ASPECT_RATIOS } from '../optics/aspect';
import { parseIso, parseTime } from '../exposure/nominal';
import { METER_PATTERNS } from '../exposure/metering';
import { parseFocus } from './focusLink';
import { parseDelay, parseSeries } from './seriesLink';
import { parseThirds } from './thirds';
import { MAX_CROP } from '../optics/zoom';
import { SUBJECT_PACES } from '../optics/smear';
import {
  AUTO,
  AUTO_WHITE_SETTING,
  AVERAGE_FRAMES,
  FILE_KINDS,
  FLASH_TIMINGS,
  held,
  JPEG_QUALITY,
  MAX_FILTER_STOPS,
  MAX_STABILISER_STOPS,
  heldWhite,
  unlockedWhite,
  type ExposureControl,
  type Settings,
  type WhiteSetting,
} from './settings';

/** Query parameters of a link into Field, as strings. */
export type LinkQuery = Readonly<Record<string, string | undefined>>;

export interface LinkedSettings {
  readonly settings: Settings;
  /** What the link asked for and could not be understood, in words. */
  readonly problems: readonly string[];
}

/**
 * Reads settings from a link such as `?lens=main&time=1/125&iso=100&comp=-2/3`. What is missing
 * stays as in `base`; what cannot be read stays too and is reported.
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
    (text: string): ExposureControl | null => {
      if (text === 'auto') return AUTO;
      const click = parse(text);
      return click === null ? null : held(click);
    };
  const settings: Settings = {
    version: base.version,
    lens: read('lens', (t) => (lensIds.includes(t) ? t : null), base.lens),
    // A link that names a lens means the whole lens, unless it says otherwise.
    crop: read('crop', numberUpTo(1, MAX_CROP), query.lens === undefined ? base.crop : 1),
    time: read('time', holdOf(parseTime), base.time),
    iso: read('iso', holdOf(parseIso), base.iso),
    compClicks: read('comp', parseThirds, base.compClicks),
    meter: {
      pattern: read('meter', oneOf(METER_PATTERNS), base.meter.pattern),
      spot: read('spot', parseSpot, base.meter.spot),
      // A link fixes a view, not the light of another day.
      lockedEv100: null,
    },
    support: read('support', oneOf(['hand', 'tripod'] as const), base.support),
    stabiliserStops: read('stabiliser', wholeUpTo(MAX_STABILISER_STOPS), base.stabiliserStops),
    filterStops: read('nd', wholeUpTo(MAX_FILTER_STOPS), base.filterStops),
    torch: read('torch', (t) => (t === 'on' ? true : t === 'off' ? false : null), base.torch),
    flash: read('flash', oneOf(FLASH_TIMINGS), base.flash),
    subject: read('subject', oneOf(SUBJECT_PACES), base.subject),
    mainsHz: read('mains', (t) => (t === '50' ? 50 : t === '60' ? 60 : null), base.mainsHz),
    sizeMp: read('mp', (t) => (t === '12' ? 12 : t === '3' ? 3 : null), base.sizeMp),
    focus: read('focus', parseFocus, base.focus),
    white: unlockedWhite(read('white', parseWhite, base.white)),
    files: read('files', oneOf(FILE_KINDS), base.files),
    jpegQuality: read('quality', qualityOf, base.jpegQuality),
    average: read('average', averageOf, base.average),
    aspect: read('aspect', oneOf(ASPECT_RATIOS), base.aspect),
    series: read('series', parseSeries, base.series),
    delayS: read('delay', parseDelay, base.delayS),
  };
  return { settings, problems };
}

const oneOf =
  <T extends string>(allowed: readonly T[]) =>
  (text: string): T | null =>
    allowed.find((value) => value === text) ?? null;

const numberUpTo =
  (min: number, max: number) =>
  (text: string): number | null =>
    /^\d+(\.\d+)?$/.test(text) && Number(text) >= min && Number(text) <= max ? Number(text) : null;

const wholeUpTo =
  (max: number) =>
  (text: string): number | null =>
    /^\d+$/.test(text) && Number(text) <= max ? Number(text) : null;

/** Reads "auto", "5200" or "5200,-4": kelvin and tint. */
function parseWhite(text: string): WhiteSetting | null {
  if (text === 'auto') return AUTO_WHITE_SETTING;
  const match = /^(\d{4,5})(?:,(-?\d{1,2}(?:\.\d)?))?$/.exec(text);
  if (!match) return null;
  const white = { kelvin: Number(match[1]), tint: Number(match[2] ?? 0) };
  const inside = (v: number, { min, max }: { min: number; max: number }): boolean =>
    v >= min && v <= max;
  return inside(white.kelvin, WHITE_KELVIN) && inside(white.tint, WHITE_TINT)
    ? heldWhite(white)
    : null;
}

const averageOf = (text: string): number | null => {
  const frames = wholeUpTo(AVERAGE_FRAMES.max)(text);
  return frames === 1 || (frames !== null && frames >= AVERAGE_FRAMES.min) ? frames : null;
};

const qualityOf = (text: string): number | null => {
  const quality = wholeUpTo(JPEG_QUALITY.max)(text);
  return quality !== null && quality >= JPEG_QUALITY.min ? quality : null;
};

/** Reads "0.25,0.6": shares of the picture's width and height from the top left. */
function parseSpot(text: string): { x: number; y: number } | null {
  const share = numberUpTo(0, 1);
  const [x, y, ...rest] = text.split(',').map(share);
  return x == null || y == null || rest.length > 0 ? null : { x, y };
}
