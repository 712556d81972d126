import type { Series, SeriesKind } from '@velmo/core/series';

/** What a kind of series is called. */
export const KIND_WORDS: Readonly<Record<SeriesKind, string>> = {
  single: 'single',
  bracket: 'bracket',
  burst: 'burst',
  focus: 'focus steps',
  interval: 'interval',
  long: 'long',
};

const SHORT: Readonly<Record<SeriesKind, string>> = { ...KIND_WORDS, focus: 'focus' };

/** "single", "bracket 5": kind and number. */
export const seriesWords = ({ kind }: Series, frames: number): string =>
  kind === 'single' || kind === 'long' ? SHORT[kind] : `${SHORT[kind]} ${frames}`;

/** "3 s", "4 min 50 s", "2 h 5 min": a while, in as many digits as it is worth. */
export function whileWords(seconds: number): string {
  const s = Math.max(1, Math.round(seconds));
  if (s < 60) return `${s} s`;
  if (s < 3600) return s % 60 === 0 ? `${s / 60} min` : `${Math.floor(s / 60)} min ${s % 60} s`;
  const minutes = Math.round((s % 3600) / 60);
  return minutes === 0 ? `${Math.floor(s / 3600)} h` : `${Math.floor(s / 3600)} h ${minutes} min`;
}

/** The same where there is little room: "58 s", "5 min", "2 h", "1.5 h". */
export function shortWhileWords(seconds: number): string {
  if (seconds < 100) return whileWords(seconds);
  return seconds < 3600
    ? `${Math.round(seconds / 60)} min`
    : `${Number((seconds / 3600).toFixed(1))} h`;
}

/** "52 MB", "1.2 GB". */
export const bytesWords = (bytes: number): string =>
  bytes < 1e9 ? `${Math.max(1, Math.round(bytes / 1e6))} MB` : `${(bytes / 1e9).toFixed(1)} GB`;
