import { HARBOUR_LIGHT } from './harbourWasm';
import { PACKING_LIGHT } from './packingWasm';
import { PANS_LIGHT } from './pansWasm';
import { SHED_LIGHT } from './shedWasm';
import { SLUICE_LIGHT } from './sluiceWasm';
import { STARS_LIGHT } from './starsWasm';
import { WALL_LIGHT } from './wallWasm';
import { WATER_LIGHT } from './waterWasm';

/** What keeps still at each place, compiled, by the scene's id. */
export const COMPILED_STILL: Readonly<Record<string, string>> = {
  'pans-at-noon': PANS_LIGHT,
  'drying-shed': SHED_LIGHT,
  'packing-bench': PACKING_LIGHT,
  'sluice-at-dusk': SLUICE_LIGHT,
  'harbour-light': HARBOUR_LIGHT,
  'stars-over-the-pans': STARS_LIGHT,
  'test-wall': WALL_LIGHT,
  'test-wall-lamp': WALL_LIGHT,
  'test-wall-day': WALL_LIGHT,
};

/** What moves at them ray by ray. */
export const COMPILED_MOVING: Readonly<Record<string, string>> = {
  'sluice-at-dusk': WATER_LIGHT,
};
