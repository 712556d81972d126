export { avFromFNumber, ev100FromExposure, svFromIso, tvFromTimeS } from './apex';
export {
  clickFromIso,
  clickFromTimeS,
  CLICKS_PER_STOP,
  clicksFromStops,
  isoFromClick,
  stopsFromClicks,
  timeSFromClick,
} from './clicks';
export { focalPlaneExposure, LENS_Q, saturationExposure } from './focalPlane';
export { steadyLightClicks } from './lightHysteresis';
export {
  centreWeights,
  circleRadius,
  ev100FromLuminance,
  luminanceFromEv100,
  METER_K,
  METER_PATTERNS,
  type MeterPattern,
  meterWeights,
  type PicturePoint,
  PIN_SHARE,
  SPOT_SHARE,
} from './metering';
export {
  ISO_CLICKS,
  nominalIso,
  nominalTime,
  parseIso,
  parseTime,
  TIME_CLICKS,
  timeWords,
} from './nominal';
export {
  clampClick,
  type ClickRange,
  lightClicksFromEv100,
  rawClicks,
  type Solution,
  solveExposure,
  type SolverInput,
} from './solver';
export { formatSignedThirds, formatStops, formatThirds } from './thirds';
