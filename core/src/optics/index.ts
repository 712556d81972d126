export { ASPECT_RATIOS, aspectBox, type AspectRatio, aspectValue, type PixelBox } from './aspect';
export { CIRCLE_35_MM, circlePx, DIAGONAL_35_MM } from './circleOfConfusion';
export {
  airyDiameterMm,
  blurDiameterMm,
  blurRadiusPx,
  blurReachPx,
  type Defocus,
  defocusOf,
  dioptresOf,
  distanceOf,
  MIN_BLUR_PX,
  MAX_BLUR_PX,
  spotDiameterMm,
} from './defocus';
export { DefocusBlur, type PlanePart } from './blur/defocusBlur';
export { contrastSearch, type SearchOutcome } from './focus/contrastSearch';
export {
  circleOfConfusionMm,
  hyperfocalM,
  sharpZone,
  type SharpZone,
  type ThinLens,
} from './depthOfField';
export { depthFacts, type DepthFacts, type DepthSetup, sameSizeDistanceM } from './blur/depthSetup';
export {
  DISTANCE_UNITS,
  distanceFigures,
  type DistanceUnit,
  formatDistance,
  formatZone,
  METRES_A_FOOT,
} from './distance';
export { flashReachM, type FlashShot, flashStops } from './flash';
export {
  dioptresOfClick,
  focusClickOf,
  focusClickRange,
  focusClicksPerDioptre,
  lensFocus,
} from './focus/focusScale';
export { HALF_PUPIL_SHARE, halfPupilViews, type HalfPupilViews } from './focus/halfPupil';
export { BANDING_LIMIT, bandingContrast, lampShare } from './lampPulse';
export { findLens, LENSES, type LensModel } from './lenses';
export { type PhaseReading } from './focus/phaseDetect';
export {
  MAX_PHASE_LOOKS,
  type PhaseLens,
  type PhaseOutcome,
  phaseSearch,
  showsTexture,
} from './focus/phaseSearch';
export {
  HAND_SPEED_RAD_S,
  handheldTimeClick,
  longestHandheldS,
  shakePath,
  shakePx,
} from './shake/shake';
export { blurRows } from './shake/shakeBlur';
export { type BlurKernel, shakeKernel } from './shake/shakeKernel';
export { fiveHundredRuleS, SKY_RATE_RAD_S, TRAIL_LIMIT_PX, trailPx } from './skyTrail';
export { PACE_M_S, smearPx, SUBJECT_PACES, type SubjectPace } from './smear';
export {
  croppedFocalLength35,
  croppedSize,
  halfLongTangent,
  MAX_CROP,
  pixelAngleRad,
  type Zoom,
  ZOOM_RANGE_MM,
  zoomTo,
} from './zoom';
