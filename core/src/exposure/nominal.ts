import { clickFromIso, clickFromTimeS, timeSFromClick } from './clicks';

/**
 * The engraved ("nominal") values of the third-stop series. Common practice of the trade, rounded
 * so that people can remember them: the true value of 1/125 s is 1/128 s.
 */
const TIME_LABELS = (
  '1/8000 1/6400 1/5000 1/4000 1/3200 1/2500 1/2000 1/1600 1/1250 1/1000 1/800 1/640 1/500 1/400 1/320 ' +
  '1/250 1/200 1/160 1/125 1/100 1/80 1/60 1/50 1/40 1/30 1/25 1/20 1/15 1/13 1/10 1/8 1/6 1/5 1/4 ' +
  '0.3 0.4 0.5 0.6 0.8 1 1.3 1.6 2 2.5 3.2 4 5 6 8 10 13 15 20 25 30 40 50 60'
).split(' ');

const ISO_LABELS = (
  '25 32 40 50 64 80 100 125 160 200 250 320 400 500 640 800 1000 1250 1600 2000 2500 3200 4000 5000 ' +
  '6400 8000 10000 12800 16000 20000 25600'
).split(' ');

/** Click of the shortest and longest time and the lowest and highest ISO on the nominal scales. */
export const TIME_CLICKS = { min: -39, max: -39 + TIME_LABELS.length - 1 } as const;
export const ISO_CLICKS = { min: -6, max: -6 + ISO_LABELS.length - 1 } as const;

const clampTo = (range: { min: number; max: number }, click: number): number =>
  Math.min(range.max, Math.max(range.min, Math.round(click)));

/** Engraved shutter time without unit: "1/125", "0.3", "30". Clicks off the scale give its end. */
export const nominalTime = (click: number): string =>
  TIME_LABELS[clampTo(TIME_CLICKS, click) - TIME_CLICKS.min];

/** Engraved ISO speed: "100", "640". Clicks off the scale give its end. */
export const nominalIso = (click: number): string =>
  ISO_LABELS[clampTo(ISO_CLICKS, click) - ISO_CLICKS.min];

/**
 * Any exposure time as people say it: the engraved value where it is on a third-stop, "7.3 s" where
 * a shutter was closed early.
 */
export function timeWords(timeS: number): string {
  const click = clickFromTimeS(timeS);
  const exact = Math.abs(Math.log2(timeS / timeSFromClick(click))) < 0.02;
  return exact || timeS < 0.25 ? `${nominalTime(click)} s` : `${timeS.toFixed(1)} s`;
}

/**
 * Reads "1/125", "0.3", "30", "30s" as a click of the nominal scale; null when it is no such time.
 */
export function parseTime(text: string): number | null {
  const match = /^(?:(\d+)\/)?(\d+(?:\.\d+)?)\s*s?$/.exec(text.trim());
  if (!match) return null;
  const exact = TIME_LABELS.indexOf(text.trim().replace(/\s*s$/, ''));
  if (exact >= 0) return exact + TIME_CLICKS.min;
  const seconds = match[1] === undefined ? Number(match[2]) : Number(match[1]) / Number(match[2]);
  if (!(seconds > 0) || !Number.isFinite(seconds)) return null;
  const click = clickFromTimeS(seconds);
  return click < TIME_CLICKS.min || click > TIME_CLICKS.max ? null : click;
}

/**
 * Reads "100" or "640" as a click of the nominal scale; null when it is no ISO speed on the scale.
 */
export function parseIso(text: string): number | null {
  if (!/^\d+$/.test(text.trim())) return null;
  const iso = Number(text);
  if (iso <= 0) return null;
  const click = clickFromIso(iso);
  return click < ISO_CLICKS.min || click > ISO_CLICKS.max ? null : click;
}
