export { alignPlanes, tonePlane } from './alignPlanes';
export { TranslationAligner } from './alignTranslation';
export { FrameStack, type StackedFrame } from './average/frameStack';
export { measureNoise, type StackNoise } from './average/measureNoise';
export { greenPlane, halved, type Plane, pyramid } from './pyramid';
export { NO_SHIFT, type Shift } from './shift';
export { mergedNoise, mergedVariance } from './merge/mergedNoise';
export {
  HELD_SHARE,
  type MergeFrame,
  type MergePlan,
  mergeRows,
  planMerge,
} from './merge/mergeRaws';
export {
  ALL_FRAMES,
  canonicalMoved,
  frameAt,
  movedAt,
  type Moved,
  type MovedRegion,
  withFrame,
} from './merge/moved';
export { checkStack, CombineError, type StackRaw, stackRaw, statedExposure } from './stackRaw';
export { combinedDng, type CombinedLight, fitsWhole } from './combinedDng';
export { FIRST_FINISH, type FinishChoices } from './finish/choices';
export { type FinishPlan, planFinish } from './finish/finish';
export { finishFull, finishLight, type FinishedPicture, smallLight } from './finish/pictureOf';
export { type Gathering, GATHERINGS, StackGatherer } from './gather/stackGatherer';
export { type Reach, reachOf } from './reach';
export { combinedShot } from './combinedShot';
export { beginCombining } from './ways/beginCombining';
export { waysFor, wayOf } from './ways/index';
export type { CombineChoices } from './ways/choices';
export { WAY_IDS, type WayId } from './ways/wayIds';
export {
  type Combined,
  type Combiner,
  type CombineWay,
  type Corrections,
  type Dab,
  type MovedChoice,
  NO_CORRECTIONS,
  type StackFacts,
} from './ways/way';
export { fuse } from './fuse/fuse';
export { isPicture, pictureFrame } from './picture/pictureFrame';
export { choiceOf, type ChoiceMap, paintedOver } from './focus/choiceMap';
export { sharpnessOf } from './focus/sharpness';
export { stackRows } from './focus/stackRows';
export { combinedPicture, finishPlanOf, smallPicture } from './combinedPicture';
export { type Decimated, decimated } from './decimated';
export { alignBracket, commonBox, FrameTones } from './align/alignStack';
export {
  composed,
  type Homography,
  inverse,
  largestMotion,
  similarity,
  STILL,
} from './align/homography';
export { warpRaw } from './align/warpRaw';
