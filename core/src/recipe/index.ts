export { LOOKS, lookOf, withLook } from './looks/looks';
export type { Look } from './looks/look';
export { developBytes, developWords } from './develop/developRaw';
export { type DevelopedPiece, RawDeveloping } from './develop/rawDeveloping';
export type { LightPiece } from './develop/lightOfRaw';
export { developedWhite } from './develop/tonePlan';
export {
  AS_EXPOSED,
  type Development,
  DEVELOPMENT_SCHEMA,
  FIRST_GREYS,
  GREY_SHARE,
  isAsExposed,
  isSameDevelopment,
  MAX_DEVELOP_STOPS,
} from './development';
export {
  AS_TAKEN,
  type Crop,
  cropFits,
  cropRatio,
  draggedCrop,
  enclosingBox,
  fittedCrop,
  framedBox,
  framedSize,
  type Held,
  isAsTaken,
  levelledTilt,
  MAX_TILT,
  movedCrop,
  placeTaken,
  type Reframe,
  shapedCrop,
  turnedCrop,
  turnedSize,
} from './reframe';
export { type Pixels, reframePixels } from './reframePixels';
