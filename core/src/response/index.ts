export { MIN_PICTURES, guidedClicks } from './guidedSteps';
export {
  ignoresExposure,
  type RecoveredResponse,
  recoverResponse,
  type SeriesPicture,
} from './recoverResponse';
export { evenPoints, SeriesPoints } from './seriesPoints';
export {
  CODES,
  codesOfLinear,
  LINEAR_WHITE,
  linearise,
  linearTable,
  MID_CODE,
  midShareOf,
  SRGB_RESPONSE,
  type VideoResponse,
} from './videoResponse';
