import { avFromFNumber, tvFromTimeS } from '../exposure/apex';
import { compositeFields } from './dng/compositeExif';
import type { ShotMetadata } from './dng/description';
import { exifMoment } from './moment';
import { TAG } from './dng/tags';
import { gpsDirectory } from './place/gpsDirectory';
import { toRational } from './tiff/rational';
import type { TiffField } from './tiff/types';

/** Exif codes of ExposureProgram: manual, normal programme, shutter priority. */
const PROGRAM = { manual: 1, auto: 2, 'iso-held': 2, 'time-held': 4 } as const;
/** Exif codes of MeteringMode: average, centre-weighted, spot, other. */
const METERING = { whole: 1, centre: 2, spot: 3, highlights: 255 } as const;
/** SensitivityType 2: the ISO is a recommended exposure index (see docs/decisions/001). */
const SENSITIVITY_REI = 2;
const NO_FLASH_FUNCTION = 0x20;
const FLASH_FIRED = 0x09;
const FLASH_OFF = 0x10;
/** Numerator of a SubjectDistance at infinity (Exif 3.0). */
export const DISTANCE_INFINITY = 0xffffffff;

/** The Exif directory (Exif 3.0 / CIPA DC-008) of a shot; only what is known. */
export function exifDirectory(shot: ShotMetadata): TiffField[] {
  const moment = exifMoment(shot.capturedAt);
  const fields: TiffField[] = [
    { tag: TAG.ExifVersion, type: 'UNDEFINED', values: [0x30, 0x32, 0x33, 0x32] },
    { tag: TAG.DateTimeOriginal, type: 'ASCII', text: moment.dateTime },
    { tag: TAG.DateTimeDigitized, type: 'ASCII', text: moment.dateTime },
    { tag: TAG.OffsetTime, type: 'ASCII', text: moment.offset },
    { tag: TAG.OffsetTimeOriginal, type: 'ASCII', text: moment.offset },
    { tag: TAG.OffsetTimeDigitized, type: 'ASCII', text: moment.offset },
    { tag: TAG.SubSecTime, type: 'ASCII', text: moment.subSeconds },
    { tag: TAG.SubSecTimeOriginal, type: 'ASCII', text: moment.subSeconds },
    { tag: TAG.SubSecTimeDigitized, type: 'ASCII', text: moment.subSeconds },
    { tag: TAG.Flash, type: 'SHORT', values: [flashCode(shot)] },
    { tag: TAG.WhiteBalance, type: 'SHORT', values: [shot.whiteIsAuto === false ? 1 : 0] },
  ];
  exposureFields(shot, fields);
  lensFields(shot, fields);
  if (shot.composite) fields.push(...compositeFields(shot.composite, shot.timeS));
  return fields;
}

/** Where it was taken, in a directory of its own; nothing where that is not told. */
export const gpsFields = ({ position }: ShotMetadata): TiffField[] =>
  position ? [{ tag: TAG.GPSInfo, directories: [gpsDirectory(position)] }] : [];

/**
 * Fired because it was switched on, not fired because it was off, or not there (Exif 2.32, Flash).
 */
const flashCode = ({ flashFired }: ShotMetadata): number =>
  flashFired === undefined ? NO_FLASH_FUNCTION : flashFired ? FLASH_FIRED : FLASH_OFF;

function exposureFields(shot: ShotMetadata, fields: TiffField[]): void {
  if (shot.timeS !== undefined) {
    fields.push(
      { tag: TAG.ExposureTime, type: 'RATIONAL', values: toRational(shot.timeS) },
      {
        tag: TAG.ShutterSpeedValue,
        type: 'SRATIONAL',
        values: toRational(tvFromTimeS(shot.timeS), 1e6),
      },
    );
  }
  if (shot.iso !== undefined) {
    fields.push(
      { tag: TAG.PhotographicSensitivity, type: 'SHORT', values: [Math.min(65535, shot.iso)] },
      { tag: TAG.SensitivityType, type: 'SHORT', values: [SENSITIVITY_REI] },
      { tag: TAG.RecommendedExposureIndex, type: 'LONG', values: [shot.iso] },
    );
  }
  if (shot.compensationStops !== undefined)
    fields.push({
      tag: TAG.ExposureBiasValue,
      type: 'SRATIONAL',
      values: toRational(shot.compensationStops, 1000),
    });
  if (shot.metering !== undefined)
    fields.push({ tag: TAG.MeteringMode, type: 'SHORT', values: [METERING[shot.metering]] });
  if (shot.program !== undefined)
    fields.push({ tag: TAG.ExposureProgram, type: 'SHORT', values: [PROGRAM[shot.program]] });
  if (shot.program !== undefined || shot.series?.kind === 'bracket')
    fields.push({ tag: TAG.ExposureMode, type: 'SHORT', values: [exposureMode(shot)] });
}

/** Auto, manual or auto bracket (Exif 2.32, ExposureMode). */
const exposureMode = ({ series, program }: ShotMetadata): 0 | 1 | 2 =>
  series?.kind === 'bracket' ? 2 : program === 'manual' ? 1 : 0;

function lensFields(shot: ShotMetadata, fields: TiffField[]): void {
  const { fNumber, focalLengthMm, focalLength35Mm, digitalZoom, lensModel } = shot;
  if (fNumber !== undefined) {
    const aperture = toRational(avFromFNumber(fNumber), 1e6);
    fields.push(
      { tag: TAG.FNumber, type: 'RATIONAL', values: toRational(fNumber, 1000) },
      { tag: TAG.ApertureValue, type: 'RATIONAL', values: aperture },
      { tag: TAG.MaxApertureValue, type: 'RATIONAL', values: aperture },
    );
  }
  if (focalLengthMm !== undefined)
    fields.push({
      tag: TAG.FocalLength,
      type: 'RATIONAL',
      values: toRational(focalLengthMm, 1000),
    });
  if (shot.focusedM !== undefined)
    fields.push({
      tag: TAG.SubjectDistance,
      type: 'RATIONAL',
      values:
        shot.focusedM === Infinity ? [DISTANCE_INFINITY, 1] : toRational(shot.focusedM, 10000),
    });
  if (focalLength35Mm !== undefined)
    fields.push({
      tag: TAG.FocalLengthIn35mmFilm,
      type: 'SHORT',
      values: [Math.round(focalLength35Mm)],
    });
  if (digitalZoom !== undefined)
    fields.push({
      tag: TAG.DigitalZoomRatio,
      type: 'RATIONAL',
      values: toRational(digitalZoom, 1000),
    });
  if (lensModel !== undefined) fields.push({ tag: TAG.LensModel, type: 'ASCII', text: lensModel });
  const specification = lensSpecification(shot);
  if (specification)
    fields.push({ tag: TAG.LensSpecification, type: 'RATIONAL', values: specification });
}

/**
 * Shortest and longest focal length and their largest apertures, or null when the lens is unknown.
 */
export function lensSpecification({ fNumber, focalLengthMm }: ShotMetadata): number[] | null {
  if (fNumber === undefined || focalLengthMm === undefined) return null;
  const focal = toRational(focalLengthMm, 1000);
  const aperture = toRational(fNumber, 1000);
  return [...focal, ...focal, ...aperture, ...aperture];
}
