import { look as harbourLook } from '../harbour/harbourLook';
import { look as packingLook } from '../packing/packingLook';
import { look as pansLook } from '../pans/pansLook';
import type { LookMoving } from '../rays/movingRun';
import type { Look } from '../rays/rayRow';
import { look as shedLook } from '../shed/shedLook';
import { look as sluiceLook } from '../sluice/sluiceLook';
import { lookMoving as waterLook } from '../sluice/waterLook';
import { look as starsLook } from '../stars/starsLook';
import { look as wallLook } from '../wall/wallLook';
import { HARBOUR_LIGHT } from './harbourWasm';
import { PACKING_LIGHT } from './packingWasm';
import { PANS_LIGHT } from './pansWasm';
import { SHED_LIGHT } from './shedWasm';
import { SLUICE_LIGHT } from './sluiceWasm';
import { STARS_LIGHT } from './starsWasm';
import { WALL_LIGHT } from './wallWasm';
import { WATER_LIGHT } from './waterWasm';

/** What has been compiled of each place. What is not here is looked up in TypeScript. */
const COMPILED: ReadonlyMap<Look | LookMoving, string> = new Map<Look | LookMoving, string>([
  [pansLook, PANS_LIGHT],
  [shedLook, SHED_LIGHT],
  [packingLook, PACKING_LIGHT],
  [sluiceLook, SLUICE_LIGHT],
  [waterLook, WATER_LIGHT],
  [harbourLook, HARBOUR_LIGHT],
  [starsLook, STARS_LIGHT],
  [wallLook, WALL_LIGHT],
]);

/** The module of a function, as base64; empty where there is none. */
export const compiledOf = (look: Look | LookMoving): string => COMPILED.get(look) ?? '';
