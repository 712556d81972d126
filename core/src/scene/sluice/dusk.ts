import {
  DAY_15000_B,
  DAY_15000_G,
  DAY_15000_R,
  DAY_4200_B,
  DAY_4200_G,
  DAY_4200_R,
} from '../rays/colours';
import { add, got, k, less, mul, select, sub, type Four } from '../rays/four';
import { exp, setLight } from '../rays/functions';
import { WHITE_B, WHITE_G, WHITE_R } from '../rays/registers';
import { GLOW_L, ZENITH_L } from './place';

/** Illuminance of the open dusk sky in lux; its colour is the place's white. */
export const DUSK_LX = 58;

/** The sky's light along directions with dy >= 0. */
export function duskSky(dx: Four, dy: Four, dz: Four): void {
  // Brighter where the sun went down, left of the axis; level over a frame's width.
  const side = mul(sub(k(1), mul(k(0.12), dx)), select(less(k(0), dz), k(1), k(0.7)));
  const glow = mul(mul(k(GLOW_L), exp(mul(dy, k(-6.5)))), side);
  setLight(
    add(k(ZENITH_L * DAY_15000_R), mul(glow, k(DAY_4200_R))),
    add(k(ZENITH_L * DAY_15000_G), mul(glow, k(DAY_4200_G))),
    add(k(ZENITH_L * DAY_15000_B), mul(glow, k(DAY_4200_B))),
  );
}

/** Sets light of the dusk's own colour. */
export function setDusk(level: Four): void {
  setLight(mul(level, got(WHITE_R)), mul(level, got(WHITE_G)), mul(level, got(WHITE_B)));
}
