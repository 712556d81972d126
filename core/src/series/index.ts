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
  framePlan,
  type CapturePlan,
  type CaptureStep,
  type Gathering,
  type HeldExposure,
} from './capturePlan';
export {
  coverScene,
  OVERLAP_CLICKS,
  type Coverage,
  type FrameReach,
  type SceneRange,
} from './coverage';
export { DEFAULT_FOCUS_OVERLAP, FOCUS_STEPS, focusSteps, sharpHalfWidth } from './focusSteps';
