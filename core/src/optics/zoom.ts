import { LENSES, type LensModel } from './lenses';

/** How far a picture may be cropped past its lens: beyond it too few photosites are left. */
export const MAX_CROP = 4;

export interface Zoom {
  readonly lens: string;
  readonly crop: number;
}

/** 35 mm-equivalent focal length of a lens cropped by this much. */
export const croppedFocalLength35 = (lens: LensModel, crop: number): number =>
  lens.focalLength35Mm * crop;

/** Shortest and longest 35 mm-equivalent focal length that lens and crop together reach. */
export const ZOOM_RANGE_MM = {
  min: LENSES[0].focalLength35Mm,
  max: LENSES[LENSES.length - 1].focalLength35Mm * MAX_CROP,
} as const;

/**
 * The lens and crop that show the angle of a 35 mm-equivalent focal length: the longest lens that
 * is not too long, because a crop throws photosites away. Values out of reach give its end.
 */
export function zoomTo(focalLength35Mm: number): Zoom {
  const wanted = Math.min(ZOOM_RANGE_MM.max, Math.max(ZOOM_RANGE_MM.min, focalLength35Mm));
  const lens = [...LENSES].reverse().find((l) => l.focalLength35Mm <= wanted * 1.0001) ?? LENSES[0];
  return { lens: lens.id, crop: Math.max(1, wanted / lens.focalLength35Mm) };
}

/** Half the picture's long side as a tangent, for a lens cropped by this much. */
export const halfLongTangent = (lens: LensModel, crop: number): number =>
  (lens.sensor.widthPx * lens.sensor.pixelPitchUm) / 2000 / lens.focalLengthMm / crop;

/**
 * Photosites are handed on in blocks of eight, so that mosaic, halving and preview all divide
 * evenly.
 */
const BLOCK_PX = 8;

/** Size in pixels of a picture cropped by this much, after binning photosites 1 x 1 or 2 x 2. */
export function croppedSize(
  lens: LensModel,
  crop: number,
  binning: 1 | 2,
): { widthPx: number; heightPx: number } {
  const side = (photosites: number): number =>
    Math.floor(photosites / binning / crop / BLOCK_PX + 1e-9) * BLOCK_PX;
  return { widthPx: side(lens.sensor.widthPx), heightPx: side(lens.sensor.heightPx) };
}

/** Angle in radians one pixel covers at the centre of the picture. */
export const pixelAngleRad = (lens: LensModel, binning: 1 | 2): number =>
  (lens.sensor.pixelPitchUm * binning) / 1000 / lens.focalLengthMm;
