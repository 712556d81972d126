import {
  given,
  got,
  LANES,
  loadFour,
  mul,
  put,
  storeFour,
  storeRgb,
  type Four,
  type Whole,
} from './four';
import { receive, weighed } from './receive';
import { BLUE, COVER, DISTANCE, GREEN, RED, WHITE_B, WHITE_G, WHITE_R } from './registers';
import { PIXEL, TO_CAMERA, WHITE } from './setting';

/**
 * What moves, along rays, while the shutter is open: writes what a Look does, and COVER, the share
 * of time in which it covers the ray. Times in seconds of scene time.
 */
export type LookMoving = (
  dx: Four,
  dy: Four,
  dz: Four,
  footprintRad: Four,
  startS: number,
  timeS: number,
) => void;

/**
 * What moves along a run of rays. All addresses are in bytes; up to three more are read and written
 * than were asked for.
 *
 * @param count how many rays
 * @param lamp 1: a lamp beside the lens is on
 * @param x, y, z unit directions; `cosine` to the lens' axis
 * @param rgb receives 3 floats a ray, `distance` the distance along the axis, `cover` the share of
 *   time
 */
export function renderRun(
  look: LookMoving,
  startS: number,
  timeS: number,
  count: Whole,
  lamp: Whole,
  x: Whole,
  y: Whole,
  z: Whole,
  cosine: Whole,
  rgb: Whole,
  distance: Whole,
  cover: Whole,
): void {
  put(WHITE_R, given(WHITE));
  put(WHITE_G, given(WHITE + 1));
  put(WHITE_B, given(WHITE + 2));
  const pixel = given(PIXEL);
  for (let i = 0; i < count; i += LANES) {
    const at = 4 * i;
    const axis = loadFour(cosine + at);
    look(loadFour(x + at), loadFour(y + at), loadFour(z + at), mul(pixel, axis), startS, timeS);
    receive(lamp, axis);
    const X = got(RED);
    const Y = got(GREEN);
    const Z = got(BLUE);
    storeRgb(
      rgb + 3 * at,
      weighed(TO_CAMERA, X, Y, Z),
      weighed(TO_CAMERA + 3, X, Y, Z),
      weighed(TO_CAMERA + 6, X, Y, Z),
    );
    storeFour(distance + at, mul(got(DISTANCE), axis));
    storeFour(cover + at, got(COVER));
  }
}
