import { harbourLight } from './harbour/harbourLight';
import { packingBench } from './packing/packingBench';
import { pansAtNoon } from './pans/pansAtNoon';
import type { Scene } from './scene';
import { dryingShed } from './shed/dryingShed';
import { sluiceAtDusk } from './sluice/sluiceAtDusk';
import { starsOverThePans } from './stars/starsOverThePans';
import { testWall, testWallByDay, testWallByLamp } from './wall/testWall';
export { depthAt, depthRange } from './depths';
export { fastestSky } from './fastestSky';
export {
  type Framing,
  framingPixel,
  framingSize,
  placeOf,
  rayCaster,
  type RayCaster,
} from './framing';
export type { OpenShutter } from './moving';
export { renderFlash, renderScene } from './render';
export type { Scene } from './scene';
export { EQUATOR_STAR, starDirection } from './stars/skyTurn';
export { GREY_CARD_LUMINANCE, WALL_M, TEST_WALL_PATCHES, WEDGE, type Patch } from './wall/testWall';
/** Every place of the salt works, in the order they are offered. */
export const SCENES: readonly Scene[] = [
  pansAtNoon,
  dryingShed,
  packingBench,
  sluiceAtDusk,
  harbourLight,
  starsOverThePans,
  testWall,
  testWallByLamp,
  testWallByDay,
];
/** Scene by id, or undefined. */
export const findScene = (id: string): Scene | undefined => SCENES.find((s) => s.id === id);
