import { harbourLight } from './harbour/harbourLight';
import { packingBench } from './packing/packingBench';
import { pansAtNoon } from './pans/pansAtNoon';
import type { Scene } from './scene';
import { dryingShed } from './shed/dryingShed';
import { sluiceAtDusk } from './sluice/sluiceAtDusk';
import { starsOverThePans } from './stars/starsOverThePans';
import { testWall, testWallByDay, testWallByLamp } from './wall/testWall';

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
