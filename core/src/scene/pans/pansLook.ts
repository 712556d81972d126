import {
  any,
  both,
  div,
  except,
  got,
  k,
  less,
  mul,
  put,
  same,
  select,
  type Four,
} from '../rays/four';
import { onlyWhere } from '../rays/functions';
import { BLUE, DISTANCE, GREEN, RED } from '../rays/registers';
import { background } from './background';
import { shadeGround } from './ground';
import { solids } from './solids';
import { EYE_M } from './place';

/** Ground further away than this lies in the haze of the hills. */
const FAR_END = 420;

/** The pans along four rays from the camera. */
export function look(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  const solid = solids(k(0), k(EYE_M), k(0), dx, dy, dz, footprintRad);
  const ground = select(less(dy, k(0)), div(k(-EYE_M), dy), k(Infinity));
  const onGround = both(less(ground, solid), less(ground, k(FAR_END)));
  const beyond = except(same(solid, k(Infinity)), onGround);
  if (any(onGround)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    // Where there is no ground, any point does: it is not kept.
    const t = select(onGround, ground, k(1));
    shadeGround(mul(t, dx), mul(t, dz), dx, dy, dz, t, footprintRad);
    onlyWhere(onGround, r, g, b);
  }
  if (any(beyond)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    background(dx, dy, dz, footprintRad);
    onlyWhere(beyond, r, g, b);
  }
  put(DISTANCE, select(onGround, ground, solid));
}
