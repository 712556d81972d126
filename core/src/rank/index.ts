export { type DetailMap, type DetailSource, measureDetail } from './detail';
export { type FrameMeasure, type RankedFrame, rankFrames } from './rankFrames';
