export { DEPTH_LOOKS, type DepthLook, printDistances, printSharpZone } from './depthView';
export { histogramBottom, histogramTop } from './histogramEnds';
export {
  BINS_PER_STOP,
  binStops,
  LADDER_BINS,
  LADDER_HIGH_STOPS,
  LADDER_LOW_STOPS,
  ladderBin,
  ladderBinTable,
} from './ladderScale';
export {
  darkestLight,
  HIGHLIGHT_SHARE,
  type LightSurvey,
  SHADOW_SHARE,
  surveyLight,
} from './lightSurvey';
export {
  CLIPPED_PINK,
  CRUSHED_TEAL,
  type MarkColour,
  type MarkStyle,
  printClipView,
  printMarks,
} from './marks';
export {
  COUNT,
  createMonitorResult,
  MARK_CLIPPED,
  MARK_CLIPPED_BLUE,
  MARK_CLIPPED_GREEN,
  MARK_CLIPPED_RED,
  MARK_CRUSHED,
  MARK_PEAK,
  MARK_SPECK,
  MARK_TONE,
  MARK_ZEBRA,
  meterLevel,
  monitorPass,
  type MonitorResult,
  type MonitorTables,
  NOTHING_WATCHED,
} from './monitorPass';
export { markMosaicClips, type MosaicPiece } from './raw/mosaicClips';
export {
  ALLOWED_SHARES,
  DEFAULT_MONITORS,
  MONITORS_SCHEMA,
  type MonitorSettings,
  OVER_COLOURS,
  OVER_MARKS,
  type OverColour,
  type OverMarks,
  PEAKING_COLOURS,
  PEAKING_WHEN,
  type PeakingColour,
  type PeakingWhen,
  TONE_CLICKS,
} from './monitorSettings';
export { sampleNeutral } from './neutralSample';
export {
  lumaNoise,
  markPeaking,
  PEAKING_STRENGTHS,
  type PeakingStrength,
  peakingTable,
  type PeakingTable,
} from './peaking/peaking';
export {
  createPictureMonitor,
  monitorPicture,
  PICTURE_BINS,
  type PictureHistogram,
  type PictureMonitor,
  whiteShare,
} from './pictureMonitor';
export { type Clipping, type PushedRight, pushRight } from './pushRight';
export { type RawSpot, readRawSpot } from './raw/rawSpot';
export { type RawLevels, rawStatistics, type RawStatistics } from './raw/rawStatistics';
export { type Sharpness, sharpnessOf } from './sharpness';
export {
  createComponentCounts,
  SPECK_PIXELS,
  type ComponentCounts,
  ConnectedComponents,
} from './connectedComponents';
export { readSpot, type SpotReading } from './spotReading';
export { texturedPeak } from './peaking/texturedPeak';
export {
  TONE_HALF_WIDTH_STOPS,
  toneLevels,
  ZEBRA_CLICKS,
  ZEBRA_PERCENT,
  zebraByte,
  zebraRawLevel,
  type ZebraThreshold,
} from './zebra';
