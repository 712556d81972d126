export {
  AID_STRENGTHS,
  type Aids,
  AIDS_SCHEMA,
  type AidStrength,
  CAPTION_PARTS,
  type CaptionPart,
  NO_AIDS,
} from './aids';
export { FRAME_SHAPES, frameBox, type FrameShape } from './frameLines';
export { type AidLine, GOLDEN_SHARE, type Grid, gridLines, GRIDS } from './grids';
export { type Level, levelOf, TRUE_DEG, upOfOrientation } from './level';
