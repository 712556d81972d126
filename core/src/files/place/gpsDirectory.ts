import type { TiffField } from '../tiff/types';

/** Where a picture was taken, as a receiver of WGS 84 told. */
export interface GeoPosition {
  /** Degrees, north and east positive. */
  readonly latitude: number;
  readonly longitude: number;
  /** Radius in metres that the position is within. */
  readonly accuracyM?: number;
  /** When the position was had, in milliseconds since 1970. */
  readonly epochMs: number;
}

/** Tags of the GPS directory (Exif 3.0, 4.6.6). */
const GPS = {
  VersionID: 0x00,
  LatitudeRef: 0x01,
  Latitude: 0x02,
  LongitudeRef: 0x03,
  Longitude: 0x04,
  TimeStamp: 0x07,
  MapDatum: 0x12,
  DateStamp: 0x1d,
  HPositioningError: 0x1f,
} as const;

/** Seconds of arc are told in ten-thousandths: 3 mm of latitude. */
const PER_SECOND = 10_000;

/** Degrees, minutes and seconds as rationals; what rounds up to a minute is one. */
function sexagesimal(degrees: number): number[] {
  const units = Math.round(Math.abs(degrees) * 3600 * PER_SECOND);
  const seconds = units % (60 * PER_SECOND);
  const minutes = (units - seconds) / (60 * PER_SECOND);
  return [Math.floor(minutes / 60), 1, minutes % 60, 1, seconds, PER_SECOND];
}

const centi = (metres: number): number[] => [Math.round(metres * 100), 100];

/**
 * The GPS directory of Exif 3.0 (CIPA DC-008); its time is UTC. Height is left out: browsers give
 * it over the ellipsoid, which only Exif 3.0 has a code for, and readers take it for one over the
 * sea.
 */
export function gpsDirectory(position: GeoPosition): TiffField[] {
  const { latitude, longitude, accuracyM, epochMs } = position;
  const at = new Date(epochMs);
  const fields: TiffField[] = [
    { tag: GPS.VersionID, type: 'BYTE', values: [2, 4, 0, 0] },
    { tag: GPS.LatitudeRef, type: 'ASCII', text: latitude < 0 ? 'S' : 'N' },
    { tag: GPS.Latitude, type: 'RATIONAL', values: sexagesimal(latitude) },
    { tag: GPS.LongitudeRef, type: 'ASCII', text: longitude < 0 ? 'W' : 'E' },
    { tag: GPS.Longitude, type: 'RATIONAL', values: sexagesimal(longitude) },
    {
      tag: GPS.TimeStamp,
      type: 'RATIONAL',
      values: [
        at.getUTCHours(),
        1,
        at.getUTCMinutes(),
        1,
        at.getUTCSeconds() * 1000 + at.getUTCMilliseconds(),
        1000,
      ],
    },
    { tag: GPS.MapDatum, type: 'ASCII', text: 'WGS-84' },
    {
      tag: GPS.DateStamp,
      type: 'ASCII',
      text: at.toISOString().slice(0, 10).replaceAll('-', ':'),
    },
  ];
  if (accuracyM !== undefined)
    fields.push({ tag: GPS.HPositioningError, type: 'RATIONAL', values: centi(accuracyM) });
  return fields;
}
