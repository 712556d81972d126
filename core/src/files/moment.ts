import type { Moment } from './dng/description';

const two = (n: number): string => String(n).padStart(2, '0');

/** Parts of a moment in its own time zone, as Exif writes them. */
export function exifMoment({ epochMs, offsetMinutes }: Moment): {
  readonly dateTime: string;
  readonly offset: string;
  readonly subSeconds: string;
  readonly iso8601: string;
} {
  const local = new Date(epochMs + offsetMinutes * 60000);
  const iso = local.toISOString();
  const minutes = Math.abs(offsetMinutes);
  const sign = offsetMinutes < 0 ? '-' : '+';
  const offset = `${sign}${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
  return {
    dateTime: `${iso.slice(0, 10).replaceAll('-', ':')} ${iso.slice(11, 19)}`,
    offset,
    subSeconds: iso.slice(20, 23),
    iso8601: `${iso.slice(0, 23)}${offset}`,
  };
}
