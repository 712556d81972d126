import { harbourLight } from './harbour/harbourLight';
import { lightOfId, underOtherLight } from './otherLight';
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
const others = new Map<string, Scene>();

/**
 * Scene by id, or undefined. "pans-at-noon@-2" is the same place two thirds of a stop darker; each
 * is made once.
 */
export function findScene(id: string): Scene | undefined {
  const known = SCENES.find((s) => s.id === id) ?? others.get(id);
  if (known) return known;
  const asked = lightOfId(id);
  const place = asked && SCENES.find((s) => s.id === asked.place);
  if (!place) return undefined;
  const made = underOtherLight(place, asked.thirds);
  others.set(id, made);
  return made;
}
