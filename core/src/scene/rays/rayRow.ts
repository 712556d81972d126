import {
  add,
  columnsFrom,
  div,
  given,
  got,
  k,
  LANES,
  min,
  mul,
  put,
  sqrt,
  storeFour,
  storeRgb,
  sub,
  type Four,
  type Whole,
} from './four';
import { receive, weighed } from './receive';
import { BLUE, DISTANCE, GREEN, RED, REFLECTANCE, WHITE_B, WHITE_G, WHITE_R } from './registers';
import {
  COS_PITCH,
  COS_YAW,
  HALF_LONG,
  HALF_SHORT,
  PATTERN,
  PIXEL,
  SIN_PITCH,
  SIN_YAW,
  TO_CAMERA,
  UPRIGHT,
  UPRIGHT_SENSOR,
  WHITE,
} from './setting';

/**
 * What a place looks like along rays: writes the light (RED, GREEN, BLUE), DISTANCE and REFLECTANCE
 * to the registers. Unit directions, x right, y up, z ahead; detail finer than the footprint, in
 * radians, is averaged away.
 */
export type Look = (dx: Four, dy: Four, dz: Four, footprintRad: Four) => void;

/**
 * A row of a picture: rays through the framing, what the place shows along them, a lamp beside the
 * lens, the sensor's colours.
 *
 * @param column, row of the first pixel in the framing's picture
 * @param samples rays a pixel
 * @param layout 0 level, else UPRIGHT or UPRIGHT_SENSOR
 * @param lamp 1: a lamp beside the lens is on
 * @param rgb receives 3 floats a pixel, at an address in bytes; up to three pixels more are written
 *   behind the last, as at `depth`
 * @param depth receives the distance along the lens' axis
 */
export function renderRow(
  look: Look,
  column: Whole,
  row: Whole,
  width: Whole,
  samples: Whole,
  layout: Whole,
  lamp: Whole,
  rgb: Whole,
  depth: Whole,
): void {
  put(WHITE_R, given(WHITE));
  put(WHITE_G, given(WHITE + 1));
  put(WHITE_B, given(WHITE + 2));
  const pixel = given(PIXEL);
  const cosPitch = given(COS_PITCH);
  const sinPitch = given(SIN_PITCH);
  const cosYaw = given(COS_YAW);
  const sinYaw = given(SIN_YAW);
  const share = div(k(1), k(samples));
  for (let x = 0; x < width; x += LANES) {
    let sumX = k(0);
    let sumY = k(0);
    let sumZ = k(0);
    let nearest = k(Infinity);
    for (let s = 0; s < samples; s++) {
      const a = mul(add(columnsFrom(column + x), given(PATTERN + 2 * s)), pixel);
      const b = mul(add(k(row), given(PATTERN + 2 * s + 1)), pixel);
      let u = sub(a, given(HALF_LONG));
      let v = sub(given(HALF_SHORT), b);
      if (layout === UPRIGHT) {
        u = sub(a, given(HALF_SHORT));
        v = sub(given(HALF_LONG), b);
      } else if (layout === UPRIGHT_SENSOR) {
        u = sub(given(HALF_SHORT), b);
        v = sub(given(HALF_LONG), a);
      }
      const inverse = div(k(1), sqrt(add(add(mul(u, u), mul(v, v)), k(1))));
      const y0 = add(mul(v, cosPitch), sinPitch);
      const z0 = sub(cosPitch, mul(v, sinPitch));
      const dx = mul(add(mul(u, cosYaw), mul(z0, sinYaw)), inverse);
      const dz = mul(sub(mul(z0, cosYaw), mul(u, sinYaw)), inverse);
      put(REFLECTANCE, k(0));
      look(dx, mul(y0, inverse), dz, mul(pixel, inverse));
      receive(lamp, inverse);
      sumX = add(sumX, got(RED));
      sumY = add(sumY, got(GREEN));
      sumZ = add(sumZ, got(BLUE));
      nearest = min(nearest, mul(got(DISTANCE), inverse));
    }
    storeFour(depth + 4 * x, nearest);
    storeRgb(
      rgb + 12 * x,
      mul(weighed(TO_CAMERA, sumX, sumY, sumZ), share),
      mul(weighed(TO_CAMERA + 3, sumX, sumY, sumZ), share),
      mul(weighed(TO_CAMERA + 6, sumX, sumY, sumZ), share),
    );
  }
}
