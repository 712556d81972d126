export {
  BRACKET_FRAMES,
  BRACKET_ORDERS,
  BRACKET_STEP_CLICKS,
  bracketFrames,
  bracketOffsets,
  steppedExposure,
  type Bracket,
  type BracketFrame,
  type BracketOrder,
  type ExposureRanges,
} from './bracket';
export {
  planOf,
  seriesFrames,
  stepsOf,
  type CapturePlan,
  type CaptureStep,
  type Gathering,
  type HeldExposure,
  type SteppedCamera,
} from './capturePlan';
export {
  coverScene,
  OVERLAP_CLICKS,
  type Coverage,
  type FrameReach,
  type SceneRange,
} from './coverage';
export { focusedAt, focusGap, focusSteps, MAX_FOCUS_STEPS, sharpHalfWidth } from './focusSteps';
export { smoothedExposure } from './interval';
export { FIRST_SERIES, SERIES_KINDS } from './kinds/index';
export { nextProbe, type Probe, probedRange } from './probing';
export {
  BURST_FRAMES,
  DELAYS_S,
  GATHERS,
  INTERVAL_FRAMES,
  INTERVAL_S,
  LONG_S,
  MAX_LIGHT_S,
  MAX_OVERLAP,
  type Burst,
  type DelayS,
  type FocusSteps,
  type Gather,
  type Interval,
  type Long,
  type Series,
  type SeriesKind,
  type SeriesOf,
  type SeriesPlace,
} from './series';
