import { look as harbourLook } from './harbour/harbourLook';
import { RayLayer, type MovingLayer } from './moving';
import { look as packingLook } from './packing/packingLook';
import { look as pansLook } from './pans/pansLook';
import type { Look } from './rays/rayRow';
import type { Scene } from './scene';
import { look as shedLook } from './shed/shedLook';
import { sluiceAtDusk } from './sluice/sluiceAtDusk';
import { look as sluiceLook } from './sluice/sluiceLook';
import { sluiceMotion } from './sluice/water';
import { StarLayer } from './stars/starLayer';
import { look as starsLook } from './stars/starsLook';
import { look as wallLook } from './wall/wallLook';

/** The light of a place: what a ray through it meets. Workers ask for it; the page never does. */
export interface LightField {
  /** All that keeps still, along rays. */
  readonly look: Look;
  /** What moves, painted over the still light. */
  readonly moving?: MovingLayer;
}

const FIELDS: Readonly<Record<string, LightField>> = {
  'pans-at-noon': { look: pansLook },
  'drying-shed': { look: shedLook },
  'packing-bench': { look: packingLook },
  'sluice-at-dusk': {
    look: sluiceLook,
    moving: new RayLayer(sluiceMotion(sluiceAtDusk.white), 1 / 30),
  },
  'harbour-light': { look: harbourLook },
  'stars-over-the-pans': { look: starsLook, moving: new StarLayer() },
  'test-wall': { look: wallLook },
  'test-wall-lamp': { look: wallLook },
  'test-wall-day': { look: wallLook },
};

/** The light of a scene: its own, or that of the salt works' place of its id. */
export const lightFieldOf = (scene: Scene): LightField =>
  scene.lightField ?? FIELDS[scene.place ?? scene.id];
