import type { DngExif } from '@velmo/core/files';
import ExifReader from 'exifreader';

type Said = Readonly<Record<string, { readonly value?: unknown } | undefined>>;

/**
 * What a picture in a container of another kind (WebP, AVIF, HEIC) says of its making; nothing
 * where it says nothing, or something broken.
 */
export function containerExif(bytes: Uint8Array<ArrayBuffer>): DngExif {
  try {
    const tags: { exif?: unknown } = ExifReader.load(bytes.buffer, { expanded: true });
    return exifOf((tags.exif ?? {}) as Said);
  } catch {
    return {};
  }
}

function exifOf(said: Said): DngExif {
  const text = (tag: string): string | undefined => {
    const value = said[tag]?.value;
    const [first] = Array.isArray(value) ? (value as unknown[]) : [value];
    return typeof first === 'string' ? first : undefined;
  };
  /** Whole, or a fraction as its two parts. */
  const number = (tag: string): number | undefined => {
    const value = said[tag]?.value;
    const [a, b = 1] = (Array.isArray(value) ? value : [value]) as unknown[];
    const quotient = typeof a === 'number' && typeof b === 'number' ? a / b : NaN;
    return Number.isFinite(quotient) ? quotient : undefined;
  };
  return {
    make: text('Make'),
    model: text('Model'),
    software: text('Software'),
    description: text('ImageDescription'),
    lensModel: text('LensModel'),
    timeS: number('ExposureTime'),
    iso: number('ISOSpeedRatings') ?? number('RecommendedExposureIndex'),
    fNumber: number('FNumber'),
    focalLengthMm: number('FocalLength'),
    focalLength35Mm: number('FocalLengthIn35mmFilm'),
    compensationStops: number('ExposureBiasValue'),
    dateTimeOriginal: text('DateTimeOriginal'),
    offsetTimeOriginal: text('OffsetTimeOriginal'),
    subSecTimeOriginal: text('SubSecTimeOriginal'),
  };
}
