import { CALIBRATION_D65, type CameraProfile } from '../../colour/cameraProfile';
import { invertibleOf, type Mat3, type Vec3 } from '../../colour/mat3';
import { XYZ_TO_SRGB } from '../../colour/srgb';
import { DngError } from '../dng/dngError';
import { normalised } from '../dng/normalisation';
import { MIN_SIDE } from '../dng/storedRaw';
import { orientationCode } from '../orientation';
import type { DecodedRaw, RawFile } from '../rawFile';
import type { DngExif } from '../readExif';

/** What LibRaw tells of a raw file (its `imgdata`), as far as it is used. */
export interface LibrawMetadata {
  readonly width: number;
  readonly height: number;
  readonly raw_width: number;
  readonly raw_height: number;
  readonly top_margin: number;
  readonly left_margin: number;
  /** Bit 0: columns are mirrored, bit 1: rows are, bit 2: rows and columns are swapped. */
  readonly flip: number;
  /** Colours of the photosites, two bits each; 9 and others: no pattern of two by two. */
  readonly filters: number;
  readonly camera_make: string;
  readonly camera_model: string;
  readonly iso_speed: number;
  readonly shutter: number;
  readonly aperture: number;
  readonly focal_len: number;
  /** Seconds since 1970, of a clock that tells local time. */
  readonly timestamp: number;
  readonly lens?: { readonly Lens?: string };
  readonly color_data: {
    readonly black: number;
    readonly maximum: number;
    readonly cam_mul: readonly number[];
    readonly pre_mul: readonly number[];
    /** XYZ under D65 to camera values, a row a colour; noughts where the camera is not known. */
    readonly cam_xyz: readonly (readonly number[])[];
    readonly dng_color?: readonly {
      readonly illuminant: number;
      readonly colormatrix: readonly (readonly number[])[];
    }[];
    readonly dng_levels?: { readonly baseline_exposure: number };
  };
}

/** Pixels as LibRaw gives them. */
export interface LibrawPixels {
  readonly width: number;
  readonly height: number;
  readonly colors: number;
  readonly data: Uint16Array;
}

const BLUE = 2;
const SECOND_GREEN = 3;

/**
 * Colours of a pattern of two by two, row by row from the first photosite that is seen: 0 red, 1
 * green, 2 blue, 3 green again; null for any other pattern, and for none.
 */
export function bayerOf(filters: number): readonly [number, number, number, number] | null {
  const cell = filters & 0xff;
  // Eight rows of two columns are told: all alike, two by two, in a Bayer pattern.
  if ((cell * 0x01010101) >>> 0 !== filters >>> 0) return null;
  const colour = (place: number): number => (cell >> (2 * place)) & 3;
  const all = [colour(0), colour(1), colour(2), colour(3)] as const;
  const [a, b, c, d] = all.map((one) => (one === SECOND_GREEN ? 1 : one));
  const isBayer =
    (a === 1 && d === 1 && b !== 1 && b + c === BLUE) ||
    (b === 1 && c === 1 && a !== 1 && a + d === BLUE);
  return isBayer ? all : null;
}

/**
 * The raw of a mosaic in its normalised form.
 *
 * @param mosaic all photosites as they are stored, margins included
 * @param halved a pixel a cell of two by two of what is seen, its four colours less their black:
 *   what black LibRaw takes away is told by nothing else
 * @throws DngError where it makes no sense
 */
export function librawMosaic(
  metadata: LibrawMetadata,
  mosaic: Uint16Array,
  halved: LibrawPixels,
): DecodedRaw {
  const { raw_width: stride, raw_height: rows, width, height, color_data: colour } = metadata;
  const { left_margin: left, top_margin: top } = metadata;
  const pattern = bayerOf(metadata.filters);
  const fits =
    pattern &&
    left + width <= stride &&
    top + height <= rows &&
    mosaic.length >= stride * rows &&
    halved.colors === 4 &&
    halved.data.length >= 4 * halved.width * halved.height;
  if (!fits) throw new DngError('This raw file is broken: its sizes do not fit one another.');
  const black = pattern.map((_, place) => {
    const [x, y] = [left + (place & 1), top + (place >> 1)];
    const first = x + y * stride;
    return blackAt(mosaic, stride, first, halved, pattern[place]) ?? colour.black;
  });
  const red = pattern.indexOf(0);
  const [dx, dy] = [red & 1, red >> 1];
  const box = { x: left + dx, y: top + dy, width: width - dx, height: height - dy };
  const blackLevel = Math.max(...black);
  // From the first red on, as the box begins with it.
  const byPlace = Float64Array.from([0, 1, 2, 3], (place) => blackLevel - black[place ^ red]);
  const whiteLevel = colour.maximum;
  if (box.width < MIN_SIDE || box.height < MIN_SIDE || whiteLevel <= blackLevel)
    throw new DngError('This raw file is broken: its levels make no sense.');
  const isEven = byPlace.every((shift) => shift === 0);
  const data = normalised(
    mosaic,
    { width: stride, samplesPerPixel: 1 },
    {
      box,
      blackLevel,
      whiteLevel,
      shift: isEven ? null : { columns: 2, rows: 2, byPlace, byColumn: null, byRow: null },
      gains: null,
    },
  );
  const raw = {
    kind: 'cfa',
    width: box.width,
    height: box.height,
    samplesPerPixel: 1,
    blackLevel,
    whiteLevel,
    noise: null,
    crop: { x: 0, y: 0, width: box.width, height: box.height },
  } as const;
  return { file: { raw, ...facts(metadata) }, data, gains: null, unapplied: [] };
}

/** Cells that are looked at for what black was taken away. */
const CELLS = 4096;

/** What was taken away from photosites of a colour; null where all are black. */
function blackAt(
  mosaic: Uint16Array,
  stride: number,
  first: number,
  { width, height, data }: LibrawPixels,
  colour: number,
): number | null {
  const step = Math.max(1, Math.floor((width * height) / CELLS));
  for (let cell = 0; cell < width * height; cell += step) {
    const left = data[4 * cell + colour];
    const stored = mosaic[first + 2 * (cell % width) + 2 * Math.floor(cell / width) * stride];
    if (left > 0 && stored !== undefined && stored >= left) return stored - left;
  }
  return null;
}

const LINEAR_WHITE = 65535;

/**
 * The raw of a sensor of another pattern, as LibRaw interpolates it: linear camera RGB.
 *
 * @param rgb less its black, on the scale of the raw
 * @throws DngError where it makes no sense
 */
export function librawLinear(metadata: LibrawMetadata, rgb: LibrawPixels): DecodedRaw {
  const { width, height } = rgb;
  const range = metadata.color_data.maximum - metadata.color_data.black;
  if (rgb.colors !== 3 || rgb.data.length < 3 * width * height || range <= 0)
    throw new DngError('This raw file is broken, or has colours that are not supported.');
  const data = new Uint16Array(3 * width * height);
  for (let i = 0; i < data.length; i++)
    data[i] = Math.min(LINEAR_WHITE, Math.round((rgb.data[i] * LINEAR_WHITE) / range));
  const raw = {
    kind: 'linear',
    width,
    height,
    samplesPerPixel: 3,
    blackLevel: 0,
    whiteLevel: LINEAR_WHITE,
    noise: null,
    crop: { x: 0, y: 0, width, height },
  } as const;
  return { file: { raw, ...facts(metadata) }, data, gains: null, unapplied: [] };
}

const facts = (metadata: LibrawMetadata): Omit<RawFile, 'raw'> => ({
  orientation: orientationOfFlip(metadata.flip),
  profile: profileOf(metadata),
  asShotNeutral: neutralOf(metadata),
  baselineExposure: baselineOf(metadata),
  chosen: null,
  exif: exifOf(metadata),
});

/** LibRaw flips what is stored, Orientation what is seen. */
function orientationOfFlip(flip: number): number {
  const swapped = (flip & 4) !== 0;
  const [columns, rows] = [(flip & 1) !== 0, (flip & 2) !== 0];
  return orientationCode(
    swapped
      ? { swapped, flippedX: rows, flippedY: columns }
      : { swapped, flippedX: columns, flippedY: rows },
  );
}

/** Three rows of three that have an inverse; null for anything else. */
const matrixOf = (rows: readonly (readonly number[])[]): Mat3 | null =>
  invertibleOf(rows.slice(0, 3).flatMap((row) => row.slice(0, 3)));

/** Of a camera nobody knows, colours are taken for those of sRGB, as LibRaw does. */
function profileOf({ color_data: { cam_xyz, dng_color = [] } }: LibrawMetadata): CameraProfile {
  const [dng] = dng_color.flatMap(({ illuminant, colormatrix }) => {
    const colorMatrix = matrixOf(colormatrix);
    return colorMatrix ? [{ illuminant, colorMatrix }] : [];
  });
  if (dng) return [{ ...dng, illuminant: known(dng.illuminant), forwardMatrix: null }];
  const colorMatrix = matrixOf(cam_xyz) ?? XYZ_TO_SRGB;
  return [{ illuminant: CALIBRATION_D65, colorMatrix, forwardMatrix: null }];
}

/** LibRaw's word for an illuminant a DNG does not tell. */
const UNTOLD = 65535;
const known = (illuminant: number): number =>
  illuminant === UNTOLD ? CALIBRATION_D65 : illuminant;

/** What a neutral surface gives, green 1: as the camera balanced, else as in daylight. */
function neutralOf({ color_data: { cam_mul, pre_mul } }: LibrawMetadata): Vec3 {
  const balanced = [cam_mul, pre_mul].find((mul) =>
    mul.slice(0, 3).every((v) => Number.isFinite(v) && v > 0),
  );
  const [r, g, b] = balanced ?? [1, 1, 1];
  return [g / r, 1, g / b];
}

const MIN_BASELINE = -20;

function baselineOf({ color_data: { dng_levels } }: LibrawMetadata): number {
  const stops = dng_levels?.baseline_exposure ?? 0;
  return stops > MIN_BASELINE && stops < -MIN_BASELINE ? stops : 0;
}

const positive = (v: number): number | undefined => (Number.isFinite(v) && v > 0 ? v : undefined);
const told = (text: string | undefined): string | undefined => text?.trim() || undefined;
const two = (n: number): string => String(n).padStart(2, '0');

function exifOf(metadata: LibrawMetadata): DngExif {
  const { timestamp } = metadata;
  const at = new Date(timestamp * 1000);
  const isTold = timestamp > 0 && !Number.isNaN(at.getTime());
  const day = [at.getFullYear(), at.getMonth() + 1, at.getDate()].map(two).join(':');
  const time = [at.getHours(), at.getMinutes(), at.getSeconds()].map(two).join(':');
  return {
    make: told(metadata.camera_make),
    model: told(metadata.camera_model),
    timeS: positive(metadata.shutter),
    iso: positive(metadata.iso_speed),
    fNumber: positive(metadata.aperture),
    focalLengthMm: positive(metadata.focal_len),
    lensModel: told(metadata.lens?.Lens),
    dateTimeOriginal: isTold ? `${day} ${time}` : undefined,
  };
}
