export { decodeDng, decodeRaw, decodeStored } from './dng/decodeRaw';
export type {
  CompositeFrames,
  DngDescription,
  Moment,
  RawImage,
  ShotMetadata,
} from './dng/description';
export { applyGains, type GainField } from './dng/gainField';
export { LINEAR_SHIFT, rawDeveloper } from './rawDeveloper';
export { DngError, DngNotSupported } from './dng/dngError';
export { type Band, encodeBand } from './dng/encodeBand';
export { jpegInfo, type JpegInfo } from './jpegInfo';
export { withCarriedMetadata, withExifOfRaw, withMetadata } from './jpegMetadata';
export { withCarriedPngMetadata, withPngMetadata, withRawPngMetadata } from './pngMetadata';
export { framedDng, type DngFraming } from './dng/framedDng';
export {
  boxInFile,
  boxSeen,
  type Orientation,
  orientationCode,
  orientationMatrix,
  orientationOf,
  placeInFile,
  seenSize,
  turned,
  wayInFile,
} from './orientation';
export { type DngFile, isDng, readDng } from './dng/readDng';
export type { DecodedRaw, RawFile, RawLayout } from './rawFile';
export { fileTypeOf, type FileType, HEAD_BYTES } from './decoders/fileType';
export {
  bayerOf,
  librawLinear,
  type LibrawMetadata,
  librawMosaic,
  type LibrawPixels,
} from './decoders/libraw';
export type { GeoPosition } from './place/gpsDirectory';
export { withoutPlace } from './place/withoutPlace';
export { safeName, uniqueName } from './safeName';
export { sidecarXmp, type SidecarFacts } from './sidecar';
export { takenAt } from './takenAt';
export { type DngExif, readExif } from './readExif';
export { isOwnTiff, readPictureExif, readPictureTiff } from './readPicture';
export {
  COMPRESSION_JPEG,
  COMPRESSION_NONE,
  ORIENTATION_LEVEL,
  ORIENTATION_UPRIGHT,
  PHOTOMETRIC_CFA,
  PHOTOMETRIC_LINEAR_RAW,
  PHOTOMETRIC_YCBCR,
  TAG,
} from './dng/tags';
export { TILE_HEIGHT, TILE_WIDTH, tilesAcross } from './dng/tiling';
export { writeDng } from './dng/writeDng';
export { isCutShort } from './tiff/isCutShort';
export { tiffDirectories, type TiffDirectoryText } from './tiff/directoryText';
export { writeDevelopedTiff, writePartTiff, writePictureTiff } from './tiff/writePictureTiff';
export { decodeLjpeg } from './dng/ljpeg/decode';
export { encodeLjpeg, type LjpegSource } from './dng/ljpeg/encode';
export {
  developDeepFrame,
  type DevelopedFrame,
  developFrame,
  type MosaicFrame,
} from './developFrame';
export { assembleLinearDng, type LinearFrame } from './dng/linearDng';
export { wantsDng, wantsPicture } from './fileKinds';
