import type { ShotMetadata } from '../dng/description';
import { exifDirectory, gpsFields } from '../exif';
import { exifMoment } from '../moment';
import { TAG } from '../dng/tags';
import type { TiffField } from './types';

/** "0100", which every picture with Exif says. */
export const FLASHPIX_FIELD: TiffField = {
  tag: TAG.FlashpixVersion,
  type: 'UNDEFINED',
  values: [0x30, 0x31, 0x30, 0x30],
};

/** Exif ColorSpace of sRGB. */
const COLOUR_SPACE_SRGB = 1;
const DOTS_AN_INCH = 300;

/** Resolution fields: no size on paper is meant, but readers expect one. */
export const RESOLUTION_FIELDS: readonly TiffField[] = [
  { tag: TAG.XResolution, type: 'RATIONAL', values: [DOTS_AN_INCH, 1] },
  { tag: TAG.YResolution, type: 'RATIONAL', values: [DOTS_AN_INCH, 1] },
  { tag: TAG.ResolutionUnit, type: 'SHORT', values: [2] },
];

/**
 * What a developed picture says of its making, in the first directory of a TIFF; the picture stands
 * upright.
 */
export const pictureTags = (
  shot: ShotMetadata,
  moreExif: readonly TiffField[] = [],
): TiffField[] => [
  { tag: TAG.ImageDescription, type: 'ASCII', text: shot.description },
  { tag: TAG.Make, type: 'ASCII', text: shot.make },
  { tag: TAG.Model, type: 'ASCII', text: shot.model },
  { tag: TAG.Orientation, type: 'SHORT', values: [1] },
  { tag: TAG.Software, type: 'ASCII', text: shot.software },
  { tag: TAG.DateTime, type: 'ASCII', text: exifMoment(shot.capturedAt).dateTime },
  ...RESOLUTION_FIELDS,
  {
    tag: TAG.ExifIFD,
    directories: [
      [
        ...exifDirectory(shot),
        FLASHPIX_FIELD,
        { tag: TAG.ColorSpace, type: 'SHORT', values: [COLOUR_SPACE_SRGB] },
        ...moreExif,
      ],
    ],
  },
  ...gpsFields(shot),
];

/** The same as the Exif of a JPEG or PNG (Exif 3.0), which also tells size and components. */
export const exifOfPicture = (
  shot: ShotMetadata,
  width: number,
  height: number,
): readonly TiffField[] => [
  ...pictureTags(shot, [
    { tag: TAG.ComponentsConfiguration, type: 'UNDEFINED', values: [1, 2, 3, 0] },
    { tag: TAG.PixelXDimension, type: 'LONG', values: [width] },
    { tag: TAG.PixelYDimension, type: 'LONG', values: [height] },
  ]),
  { tag: TAG.YCbCrPositioning, type: 'SHORT', values: [1] },
];
