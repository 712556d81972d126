import { pansAtNoon } from './pans/pansAtNoon';
import type { Scene } from './scene';
import { testWall } from './testWall';

export * from './render';
export type { Scene } from './scene';
export { GREY_CARD_LUMINANCE, WALL_M, TEST_WALL_PATCHES, WEDGE, type Patch } from './testWall';

/** Every place of the salt works, in the order they are offered. */
export const SCENES: readonly Scene[] = [pansAtNoon, testWall];

/** Scene by id, or undefined. */
export const findScene = (id: string): Scene | undefined => SCENES.find((s) => s.id === id);
