import type { RawFile } from '../../files/rawFile';

/** Places of frames by their focus, nearest first; as they came where one does not tell it. */
export function byFocus(files: readonly Pick<RawFile, 'exif'>[]): number[] {
  const places = files.map((_, i) => i);
  const at = files.map(({ exif }) => exif.focusedM ?? NaN);
  if (at.some(Number.isNaN)) return places;
  return places.sort((a, b) => 1 / at[b] - 1 / at[a]);
}
