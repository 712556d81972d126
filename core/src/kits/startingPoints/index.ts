import { flowingWater } from './flowingWater';
import { lampAtNight } from './lampAtNight';
import { movingFrozen } from './movingFrozen';
import { pageCopy } from './pageCopy';
import { snowAndSalt } from './snowAndSalt';
import { stars } from './stars';
import type { StartingPoint } from './startingPoint';
import { tableTop } from './tableTop';
import { windowInterior } from './windowInterior';

/** Every kit that ships, in the order they are offered. */
export const STARTING_POINTS: readonly StartingPoint[] = [
  snowAndSalt,
  windowInterior,
  tableTop,
  flowingWater,
  movingFrozen,
  lampAtNight,
  stars,
  pageCopy,
];
