import { hash32 } from '../sensor/noise';
import { inLight } from '../scene/otherLight';
import type { Drill } from './drill';

/** How a round of a drill differs from its first. */
export interface Variation {
  /** The place under this round's light. */
  readonly sceneId: string;
  /** How far the picture is dragged at first, as shares of its sides. */
  readonly dx: number;
  readonly dy: number;
}

/** Two thirds of a stop darker to two thirds brighter. */
const THIRDS = 2;
const DRAG = 0.06;

const share = (seed: number, k: number): number => hash32(seed, k) / 4294967296;

/** Light and framing of a round; the first is the place as it is. The same round is the same. */
export function variationOf({ id, sceneId }: Drill, round: number): Variation {
  if (round === 0) return { sceneId, dx: 0, dy: 0 };
  const seed = [...id].reduce((sum, letter) => (31 * sum + letter.charCodeAt(0)) >>> 0, round);
  const thirds = Math.floor(share(seed, 0) * (2 * THIRDS + 1)) - THIRDS;
  return {
    sceneId: inLight(sceneId, thirds),
    dx: DRAG * (2 * share(seed, 1) - 1),
    dy: DRAG * (2 * share(seed, 2) - 1),
  };
}
