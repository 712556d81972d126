import type { TiffDirectory, TiffReader } from '../tiff/reader';
import { DngNotSupported } from './dngError';
import { TAG } from './tags';

const allSame = (values: readonly number[]): boolean => values.every((v) => v === values[0]);

/** What the raw directory says, where it is said at all: other than `expected` cannot be read. */
function differs(
  reader: TiffReader,
  d: TiffDirectory,
  tag: number,
  expected: readonly number[],
): boolean {
  const values = reader.numbers(d, tag);
  return values.length > 0 && values.join() !== expected.join();
}

/**
 * Tags of a raw image (DNG 1.4, chapter 4) whose meaning is not applied here: values that would
 * change what the raw means.
 */
const UNREAD: readonly (readonly [
  why: string,
  found: (reader: TiffReader, d: TiffDirectory) => boolean,
])[] = [
  [
    'its colours are not red, green and blue (CFAPlaneColor)',
    (r, d) => differs(r, d, TAG.CFAPlaneColor, [0, 1, 2]),
  ],
  [
    'its photosites do not lie in rows and columns (CFALayout)',
    (r, d) => differs(r, d, TAG.CFALayout, [1]),
  ],
  [
    'its colours are stored one after the other (PlanarConfiguration)',
    (r, d) => differs(r, d, TAG.PlanarConfiguration, [1]),
  ],
  ['its pixels are not square (DefaultScale)', (r, d) => !allSame(r.numbers(d, TAG.DefaultScale))],
  [
    'its crop does not begin and end with a pixel (DefaultCrop)',
    (r, d) =>
      [TAG.DefaultCropOrigin, TAG.DefaultCropSize].some((tag) =>
        r.numbers(d, tag).some((v) => v % 1 !== 0),
      ),
  ],
];

/**
 * Throws DngNotSupported, with the reason, where a raw image would be read as other light than it
 * holds.
 */
export function refuseUnread(reader: TiffReader, d: TiffDirectory): void {
  for (const [why, found] of UNREAD)
    if (found(reader, d))
      throw new DngNotSupported(
        `Velmo cannot read this DNG yet: ${why}. A raw developer opens it.`,
      );
}
