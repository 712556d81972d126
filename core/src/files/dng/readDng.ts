import {
  CALIBRATION_D65,
  calibrationKelvin,
  type Calibration,
  type CameraProfile,
} from '../../colour/cameraProfile';
import { diagonal, invertibleOf, multiplyMat, type Mat3, type Vec3 } from '../../colour/mat3';
import type { PixelBox } from '../../optics/aspect';
import type { Crop } from '../../recipe/reframe';
import type { NoiseProfile } from '../../sensor/noiseProfile';
import { DngError } from './dngError';
import { refuseUnread } from './readable';
import { readActiveArea, readNormalisation, type Normalisation } from './normalisation';
import { readCorrections, type Corrections } from './opcodes';
import { MIN_SIDE, readStoredRaw, type StoredRaw } from './storedRaw';
import { COMPRESSION_JPEG, PHOTOMETRIC_CFA, PHOTOMETRIC_LINEAR_RAW, TAG } from './tags';
import type { RawFile, RawLayout } from '../rawFile';
import { readExif } from '../readExif';
import { TiffReader, type TiffDirectory } from '../tiff/reader';

export interface DngFile extends RawFile {
  readonly bytes: Uint8Array;
  readonly version: string;
  /** How it lies in the file, and what makes the one of the other. */
  readonly stored: StoredRaw;
  readonly normalisation: Normalisation;
  /** The part of the stored raw without masked borders. */
  readonly activeArea: PixelBox;
  readonly corrections: Corrections;
  readonly preview: { readonly offset: number; readonly length: number } | null;
}

const IDENTITY: Mat3 = [1, 0, 0, 0, 1, 0, 0, 0, 1];

/**
 * Reads what a DNG says about itself; pixels are decoded by `decodeRaw`. Any Bayer mosaic or linear
 * RGB, as lossless JPEG or uncompressed in 8 to 16 bits. Throws DngError on broken files and on
 * those it would read wrongly, in time and memory bounded by the file's size.
 */
export function readDng(bytes: Uint8Array): DngFile {
  const reader = new TiffReader(bytes);
  const root = reader.root();
  const version = reader.numbers(root, TAG.DNGVersion);
  if (version.length !== 4) throw new DngError('This is a TIFF, but not a DNG.');
  const directory = findRaw(reader, root);
  const stored = readStoredRaw(reader, directory);
  refuseUnread(reader, directory);
  const activeArea = readActiveArea(reader, directory, stored);
  const normalisation = readNormalisation(reader, directory, stored, activeArea);
  return {
    bytes,
    version: version.join('.'),
    raw: rawLayout(reader, directory, stored, normalisation, activeArea),
    stored,
    normalisation,
    activeArea,
    corrections: readCorrections(reader, directory),
    orientation: reader.first(root, TAG.Orientation) ?? 1,
    profile: profileOf(reader, root),
    asShotNeutral: neutralOf(reader.numbers(root, TAG.AsShotNeutral)),
    baselineExposure: finite(reader.first(root, TAG.BaselineExposure)) ?? 0,
    chosen: chosenIn(reader.numbers(directory, TAG.DefaultUserCrop)),
    preview: previewOf(reader, root),
    exif: readExif(reader, root),
  };
}

/** True for a TIFF that says it is a DNG, readable or not. */
export function isDng(bytes: Uint8Array): boolean {
  try {
    const reader = new TiffReader(bytes);
    return reader.root().entries.has(TAG.DNGVersion);
  } catch {
    return false;
  }
}

const isRaw = (reader: TiffReader, d: TiffDirectory): boolean => {
  const photometric = reader.first(d, TAG.PhotometricInterpretation);
  return photometric === PHOTOMETRIC_CFA || photometric === PHOTOMETRIC_LINEAR_RAW;
};

/** The directory of the raw image. Throws DngError where there is none. */
export function findRaw(reader: TiffReader, root: TiffDirectory): TiffDirectory {
  if (isRaw(reader, root)) return root;
  for (const offset of reader.numbers(root, TAG.SubIFDs).slice(0, 16)) {
    const directory = reader.directory(offset);
    if (isRaw(reader, directory)) return directory;
  }
  throw new DngError('The DNG holds no raw image.');
}

function rawLayout(
  reader: TiffReader,
  d: TiffDirectory,
  { kind, samplesPerPixel }: StoredRaw,
  { box, blackLevel, whiteLevel }: Normalisation,
  area: PixelBox,
): RawLayout {
  return {
    kind,
    width: box.width,
    height: box.height,
    samplesPerPixel,
    blackLevel,
    whiteLevel,
    noise: noiseOf(reader.numbers(d, TAG.NoiseProfile)),
    crop: cropOf(reader, d, box, area),
  };
}

function noiseOf([scale, offset]: number[]): NoiseProfile | null {
  if (finite(scale) === undefined || finite(offset) === undefined) return null;
  return scale >= 0 && offset >= 0 ? { scale, offset } : null;
}

/**
 * DNG's default crop, of the active area; all of the raw where the file names none. A box that
 * begins a photosite after the active area loses what lies before it.
 */
function cropOf(reader: TiffReader, d: TiffDirectory, box: PixelBox, area: PixelBox): PixelBox {
  const { width, height } = box;
  const origin = reader.numbers(d, TAG.DefaultCropOrigin);
  const size = reader.numbers(d, TAG.DefaultCropSize);
  if (origin.length === 0 && size.length === 0) return { x: 0, y: 0, width, height };
  const [x, y] = origin.length === 0 ? [0, 0] : origin;
  const [w, h] = size;
  const [lostX, lostY] = [box.x - area.x, box.y - area.y];
  const fits = x >= 0 && y >= 0 && w >= MIN_SIDE && h >= MIN_SIDE;
  if (!fits || x + w > width + lostX || y + h > height + lostY)
    throw new DngError('The DNG is broken: its crop does not lie within its image.');
  const [fromX, fromY] = [Math.max(0, x - lostX), Math.max(0, y - lostY)];
  return {
    x: fromX,
    y: fromY,
    width: x + w - lostX - fromX,
    height: y + h - lostY - fromY,
  };
}

/** Top, left, bottom, right (DNG 1.4, DefaultUserCrop); what makes no sense chooses nothing. */
function chosenIn([top, left, bottom, right]: number[]): Crop | null {
  const isPart = top >= 0 && left >= 0 && top < bottom && left < right && bottom <= 1 && right <= 1;
  const crop = { x: left, y: top, width: right - left, height: bottom - top };
  return isPart && (crop.width < 1 || crop.height < 1) ? crop : null;
}

const finite = (v: number | undefined): number | undefined =>
  v !== undefined && Number.isFinite(v) ? v : undefined;

const isDiagonal = (m: Mat3): boolean => m.every((v, i) => i % 4 === 0 || v === 0);

/**
 * The file's calibrations; a matrix nobody can use is replaced by the identity. What tells this one
 * camera from others of its kind, and its analogue balance, become part of the colour matrices (DNG
 * 1.4, chapter 6: AB * CC * CM).
 */
function profileOf(reader: TiffReader, root: TiffDirectory): CameraProfile {
  const balance = reader.numbers(root, TAG.AnalogBalance);
  const analogue =
    balance.length === 3 && balance.every((v) => v > 0 && Number.isFinite(v))
      ? diagonal(balance as unknown as Vec3)
      : IDENTITY;
  const isOurs =
    (reader.text(root, TAG.CameraCalibrationSignature) ?? '') ===
    (reader.text(root, TAG.ProfileCalibrationSignature) ?? '');
  const calibration = (tags: (typeof CALIBRATION_TAGS)[number]): Calibration | null => {
    const colorMatrix = invertibleOf(reader.numbers(root, tags.colour));
    const own = (isOurs && invertibleOf(reader.numbers(root, tags.camera))) || IDENTITY;
    const camera = multiplyMat(analogue, own);
    return (
      colorMatrix && {
        illuminant: reader.first(root, tags.illuminant) ?? CALIBRATION_D65,
        colorMatrix: multiplyMat(camera, colorMatrix),
        // White-balanced values are the same whatever each colour was multiplied by; mixed colours
        // are not, and the forward matrix was made for others.
        forwardMatrix: isDiagonal(camera) ? invertibleOf(reader.numbers(root, tags.forward)) : null,
      }
    );
  };
  const [first, second] = CALIBRATION_TAGS.map(calibration);
  if (!first) return [{ illuminant: CALIBRATION_D65, colorMatrix: IDENTITY, forwardMatrix: null }];
  if (!second || second.illuminant === first.illuminant) return [first];
  return calibrationKelvin(first) <= calibrationKelvin(second) ? [first, second] : [second, first];
}

const CALIBRATION_TAGS = [
  {
    illuminant: TAG.CalibrationIlluminant1,
    colour: TAG.ColorMatrix1,
    camera: TAG.CameraCalibration1,
    forward: TAG.ForwardMatrix1,
  },
  {
    illuminant: TAG.CalibrationIlluminant2,
    colour: TAG.ColorMatrix2,
    camera: TAG.CameraCalibration2,
    forward: TAG.ForwardMatrix2,
  },
] as const;

const neutralOf = (values: readonly number[]): [number, number, number] =>
  values.length === 3 && values.every((v) => v > 1e-3 && v <= 1e3)
    ? [values[0], values[1], values[2]]
    : [1, 1, 1];

function previewOf(
  reader: TiffReader,
  root: TiffDirectory,
): { offset: number; length: number } | null {
  if (isRaw(reader, root) || reader.first(root, TAG.Compression) !== COMPRESSION_JPEG) return null;
  const offset = reader.first(root, TAG.StripOffsets);
  const length = reader.first(root, TAG.StripByteCounts);
  if (offset === undefined || length === undefined || offset + length > reader.bytes.length)
    return null;
  return { offset, length };
}
