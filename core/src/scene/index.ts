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
export { lightFieldOf } from './lightField';
export type { OpenShutter } from './moving';
export { inLight, LIGHT_THIRDS } from './otherLight';
export { renderFlash, renderScene } from './render';
export type { Scene } from './scene';
export { findScene, SCENES } from './scenes';
export { EQUATOR_STAR, starDirection } from './stars/skyTurn';
export { GREY_CARD_LUMINANCE, WALL_M, TEST_WALL_PATCHES, WEDGE, type Patch } from './wall/testWall';
