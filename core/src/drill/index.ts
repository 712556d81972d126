export { type Best } from './best';
export type { Criterion } from './criterion';
export type { Drill } from './drill';
export { DRILLS, findDrill } from './drills/index';
export type { Choice } from './foreseen';
export { type DrillCost, DrillRefusal, judgeDrill, type Judgement } from './judge';
export { type Variation, variationOf } from './variation';
