import type { DngExif } from './readExif';

/**
 * When a picture was taken, as ISO 8601: with its offset from UTC where the file tells it (Exif
 * 3.0, OffsetTimeOriginal), else as the local time it is. Null where the file tells no sensible
 * time.
 */
export function takenAt(exif: DngExif): string | null {
  const date = /^(\d{4}):(\d\d):(\d\d) (\d\d):(\d\d):(\d\d)/.exec(exif.dateTimeOriginal ?? '');
  if (!date) return null;
  const [, year, month, day, hour, minute, second] = date;
  const subSeconds = /^\d{1,9}/.exec(exif.subSecTimeOriginal ?? '')?.[0].slice(0, 3);
  const offset = /^[+-]\d\d:\d\d$/.exec(exif.offsetTimeOriginal?.trim() ?? '')?.[0] ?? '';
  const iso = `${year}-${month}-${day}T${hour}:${minute}:${second}${subSeconds ? `.${subSeconds}` : ''}${offset}`;
  return Number.isNaN(Date.parse(iso)) ? null : iso;
}
