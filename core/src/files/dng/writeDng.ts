import type { DngDescription, RawImage } from './description';
import type { Mat3 } from '../../colour/mat3';
import { depthTags } from './depthMap';
import { exifDirectory, gpsFields, lensSpecification } from '../exif';
import { jpegInfo } from '../jpegInfo';
import { exifMoment } from '../moment';
import {
  COMPRESSION_DEFLATE,
  COMPRESSION_JPEG,
  PHOTOMETRIC_CFA,
  PHOTOMETRIC_LINEAR_RAW,
  PHOTOMETRIC_YCBCR,
  TAG,
} from './tags';
import { toRational, toRationals, toTenThousandths } from '../tiff/rational';
import type { TiffField } from '../tiff/types';
import { writeTiff } from '../tiff/writer';
import { xmpPacket } from '../xmp';

/**
 * A DNG 1.4, or 1.5 with a depth map, as parts to be laid end to end: directories first, then
 * preview and raw tiles. Directory 0 is the JPEG preview with all metadata; its sub-directories
 * hold the raw and the depth map.
 */
export function writeDng(dng: DngDescription): Uint8Array[] {
  return writeTiff([...previewFields(dng), ...cameraFields(dng)]);
}

function previewFields({ preview, orientation, shot }: DngDescription): TiffField[] {
  const { width, height, jpeg } = preview;
  return [
    { tag: TAG.NewSubfileType, type: 'LONG', values: [1] },
    { tag: TAG.ImageWidth, type: 'LONG', values: [width] },
    { tag: TAG.ImageLength, type: 'LONG', values: [height] },
    { tag: TAG.BitsPerSample, type: 'SHORT', values: [8, 8, 8] },
    { tag: TAG.Compression, type: 'SHORT', values: [COMPRESSION_JPEG] },
    { tag: TAG.PhotometricInterpretation, type: 'SHORT', values: [PHOTOMETRIC_YCBCR] },
    { tag: TAG.ImageDescription, type: 'ASCII', text: shot.description },
    { tag: TAG.Make, type: 'ASCII', text: shot.make },
    { tag: TAG.Model, type: 'ASCII', text: shot.model },
    { tag: TAG.StripOffsets, blocks: [jpeg] },
    { tag: TAG.Orientation, type: 'SHORT', values: [orientation] },
    { tag: TAG.SamplesPerPixel, type: 'SHORT', values: [3] },
    { tag: TAG.RowsPerStrip, type: 'LONG', values: [height] },
    { tag: TAG.StripByteCounts, type: 'LONG', values: [jpeg.length] },
    { tag: TAG.PlanarConfiguration, type: 'SHORT', values: [1] },
    { tag: TAG.Software, type: 'ASCII', text: shot.software },
    { tag: TAG.DateTime, type: 'ASCII', text: exifMoment(shot.capturedAt).dateTime },
    { tag: TAG.YCbCrSubSampling, type: 'SHORT', values: jpegInfo(jpeg).subsampling },
    { tag: TAG.YCbCrPositioning, type: 'SHORT', values: [1] },
    { tag: TAG.PreviewColorSpace, type: 'LONG', values: [2] },
  ];
}

/** Tags of the first and the second calibration. */
const CALIBRATION_TAGS = [
  {
    illuminant: TAG.CalibrationIlluminant1,
    colour: TAG.ColorMatrix1,
    forward: TAG.ForwardMatrix1,
  },
  {
    illuminant: TAG.CalibrationIlluminant2,
    colour: TAG.ColorMatrix2,
    forward: TAG.ForwardMatrix2,
  },
] as const;

const calibrationFields = ({ profile }: DngDescription): TiffField[] =>
  profile.flatMap(({ illuminant, colorMatrix, forwardMatrix }, i): TiffField[] => {
    const tags = CALIBRATION_TAGS[i];
    const matrix = (tag: number, m: Mat3): TiffField => ({
      tag,
      type: 'SRATIONAL',
      values: toTenThousandths(m),
    });
    return [
      { tag: tags.illuminant, type: 'SHORT', values: [illuminant] },
      matrix(tags.colour, colorMatrix),
      ...(forwardMatrix ? [matrix(tags.forward, forwardMatrix)] : []),
    ];
  });

function cameraFields(dng: DngDescription): TiffField[] {
  const depth = dng.depth && depthTags(dng.depth);
  const fields: TiffField[] = [
    { tag: TAG.SubIFDs, directories: [rawFields(dng), ...(depth ? [depth.directory] : [])] },
    ...(depth?.fields ?? []),
    { tag: TAG.XMP, type: 'BYTE', values: xmpPacket(dng.shot) },
    { tag: TAG.ExifIFD, directories: [exifDirectory(dng.shot)] },
    ...gpsFields(dng.shot),
    { tag: TAG.DNGVersion, type: 'BYTE', values: [1, depth ? 5 : 4, 0, 0] },
    { tag: TAG.DNGBackwardVersion, type: 'BYTE', values: [1, 3, 0, 0] },
    { tag: TAG.UniqueCameraModel, type: 'ASCII', text: `${dng.shot.make} ${dng.shot.model}` },
    ...calibrationFields(dng),
    { tag: TAG.AsShotNeutral, type: 'RATIONAL', values: toRationals(dng.asShotNeutral, 1e6) },
    {
      tag: TAG.BaselineExposure,
      type: 'SRATIONAL',
      values: [Math.round(dng.baselineExposure * 100), 100],
    },
    { tag: TAG.BaselineNoise, type: 'RATIONAL', values: [1, 1] },
    { tag: TAG.BaselineSharpness, type: 'RATIONAL', values: [1, 1] },
    { tag: TAG.LinearResponseLimit, type: 'RATIONAL', values: [1, 1] },
  ];
  const lens = lensSpecification(dng.shot);
  if (lens) fields.push({ tag: TAG.LensInfo, type: 'RATIONAL', values: lens });
  return fields;
}

/**
 * Tiles, or strips where the blocks are as wide as the frame and each ends where it does (TIFF
 * wants tile sizes in sixteens).
 */
function blockFields(raw: RawImage): TiffField[] {
  const byteCounts = raw.tiles.map((t) => t.length);
  const isWhole = raw.tiles.length === 1 && raw.tileHeight === raw.height;
  if (raw.tileWidth === raw.width && (isWhole || raw.floatBits))
    return [
      { tag: TAG.RowsPerStrip, type: 'LONG', values: [raw.tileHeight] },
      { tag: TAG.StripOffsets, blocks: raw.tiles },
      { tag: TAG.StripByteCounts, type: 'LONG', values: byteCounts },
    ];
  return [
    { tag: TAG.TileWidth, type: 'LONG', values: [raw.tileWidth] },
    { tag: TAG.TileLength, type: 'LONG', values: [raw.tileHeight] },
    { tag: TAG.TileOffsets, blocks: raw.tiles },
    { tag: TAG.TileByteCounts, type: 'LONG', values: byteCounts },
  ];
}

/** SampleFormat of TIFF 6.0. */
const FLOATING = 3;
/** The floating-point predictor, of the pixel before, and of the one before that (DNG 1.4). */
const PREDICTOR_FLOAT = 3;
const PREDICTOR_FLOAT_X2 = 34894;

/** How the samples lie in their blocks. */
function sampleFields({ floatBits, kind }: RawImage, samples: number): TiffField[] {
  const each = (value: number): number[] => new Array<number>(samples).fill(value);
  if (!floatBits)
    return [
      { tag: TAG.BitsPerSample, type: 'SHORT', values: each(16) },
      { tag: TAG.Compression, type: 'SHORT', values: [COMPRESSION_JPEG] },
    ];
  return [
    { tag: TAG.BitsPerSample, type: 'SHORT', values: each(floatBits) },
    { tag: TAG.Compression, type: 'SHORT', values: [COMPRESSION_DEFLATE] },
    { tag: TAG.SampleFormat, type: 'SHORT', values: each(FLOATING) },
    {
      tag: TAG.Predictor,
      type: 'SHORT',
      values: [kind === 'cfa' ? PREDICTOR_FLOAT_X2 : PREDICTOR_FLOAT],
    },
  ];
}

function rawFields({ raw }: DngDescription): TiffField[] {
  const cfa = raw.kind === 'cfa';
  const crop = raw.crop ?? { x: 0, y: 0, width: raw.width, height: raw.height };
  const samples = cfa ? 1 : 3;
  const fields: TiffField[] = [
    { tag: TAG.NewSubfileType, type: 'LONG', values: [0] },
    { tag: TAG.ImageWidth, type: 'LONG', values: [raw.width] },
    { tag: TAG.ImageLength, type: 'LONG', values: [raw.height] },
    ...sampleFields(raw, samples),
    {
      tag: TAG.PhotometricInterpretation,
      type: 'SHORT',
      values: [cfa ? PHOTOMETRIC_CFA : PHOTOMETRIC_LINEAR_RAW],
    },
    { tag: TAG.SamplesPerPixel, type: 'SHORT', values: [samples] },
    { tag: TAG.PlanarConfiguration, type: 'SHORT', values: [1] },
    ...blockFields(raw),
    { tag: TAG.BlackLevelRepeatDim, type: 'SHORT', values: [1, 1] },
    {
      tag: TAG.BlackLevel,
      type: 'SHORT',
      values: new Array<number>(samples).fill(raw.blackLevel),
    },
    {
      tag: TAG.WhiteLevel,
      type: 'LONG',
      values: new Array<number>(samples).fill(raw.whiteLevel),
    },
    { tag: TAG.DefaultScale, type: 'RATIONAL', values: [1, 1, 1, 1] },
    { tag: TAG.BestQualityScale, type: 'RATIONAL', values: [1, 1] },
    { tag: TAG.DefaultCropOrigin, type: 'LONG', values: [crop.x, crop.y] },
    { tag: TAG.DefaultCropSize, type: 'LONG', values: [crop.width, crop.height] },
    { tag: TAG.ActiveArea, type: 'LONG', values: [0, 0, raw.height, raw.width] },
    { tag: TAG.AntiAliasStrength, type: 'RATIONAL', values: toRational(1) },
  ];
  if (cfa) {
    fields.push(
      { tag: TAG.CFARepeatPatternDim, type: 'SHORT', values: [2, 2] },
      { tag: TAG.CFAPattern, type: 'BYTE', values: [0, 1, 1, 2] },
      { tag: TAG.CFAPlaneColor, type: 'BYTE', values: [0, 1, 2] },
      { tag: TAG.CFALayout, type: 'SHORT', values: [1] },
    );
  }
  if (raw.noise)
    fields.push({
      tag: TAG.NoiseProfile,
      type: 'DOUBLE',
      values: [raw.noise.scale, raw.noise.offset],
    });
  return fields;
}
