export { fitted } from './fitted';
export { KIT_SCHEMA, type KitProblem } from './kitSchema';
export {
  KIT_PARTS,
  type Kit,
  type KitPart,
  lightless,
  MAX_KIT_NAME,
  PART_FIELDS,
  type SetUp,
  takenBack,
  withParts,
} from './kit';
export type { KitCamera } from './kitCamera';
export {
  type KitFileProblem,
  kitFileText,
  kitsOfFile,
  type ReadKits,
  readKits,
  type RefusedKit,
} from './kitFile';
export { STARTING_POINTS } from './startingPoints/index';
export type { LightSeen, StartingPoint } from './startingPoints/startingPoint';
