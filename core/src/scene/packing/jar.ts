import {
  abs,
  add,
  any,
  both,
  div,
  either,
  floor,
  got,
  k,
  less,
  mul,
  put,
  same,
  select,
  sqrt,
  sub,
  valueNoise,
  type Four,
} from '../rays/four';
import { cos, dot, exp, fractalNoise, onlyWhere, setLight } from '../rays/functions';
import { BLUE, GREEN, HIT_NX, HIT_NY, HIT_NZ, OWN, RED } from '../rays/registers';
import { hitCylinder } from '../rays/solid';
import { BENCH_Y, LAMP_X, LAMP_Y, LAMP_Z } from './place';

/**
 * The jar a ray met: its axis, radius, top, and the height of the salt over the bench; 0 radius is
 * none.
 */
export const JAR_X = OWN;
export const JAR_Z = OWN + 1;
const JAR_RADIUS = OWN + 2;
const JAR_HEIGHT = OWN + 3;
const JAR_FILL = OWN + 4;
const LID_M = 0.018;

/** Keeps the nearer of what was hit and a jar, by the registers. */
export function meetJar(
  x: number,
  z: number,
  radius: number,
  height: number,
  fill: number,
  dx: Four,
  dy: Four,
  dz: Four,
): void {
  const top = BENCH_Y + height;
  const where = hitCylinder(x, z, radius, BENCH_Y, top, k(0), k(0), k(0), dx, dy, dz);
  if (!any(where)) return;
  put(JAR_X, select(where, k(x), got(JAR_X)));
  put(JAR_Z, select(where, k(z), got(JAR_Z)));
  put(JAR_RADIUS, select(where, k(radius), got(JAR_RADIUS)));
  put(JAR_HEIGHT, select(where, k(height), got(JAR_HEIGHT)));
  put(JAR_FILL, select(where, k(fill), got(JAR_FILL)));
}

/** Reflectance of the jar that was hit, as light: its lid, label, glass and salt. */
export function jarAlbedo(y: Four, around: Four, footprint: Four): void {
  const fill = got(JAR_FILL);
  const height = sub(y, k(BENCH_Y));
  const lid = either(less(sub(got(JAR_HEIGHT), k(LID_M)), height), less(k(0), got(HIT_NY)));
  const radius = got(JAR_RADIUS);
  const crystals = fractalNoise(mul(around, radius), y, 0.004, 4, footprint);
  const salt = add(k(0.74), mul(k(0.1), crystals));
  const empty = less(fill, height);
  setLight(
    select(empty, k(0.16), salt),
    select(empty, k(0.16), mul(salt, k(0.985))),
    select(empty, k(0.15), mul(salt, k(0.96))),
  );
  const off = sub(height, mul(fill, k(0.5)));
  const label = both(less(abs(off), k(0.022)), less(abs(around), k(1.1)));
  if (any(label)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    labelAlbedo(off, height, around, radius);
    onlyWhere(label, r, g, b);
  }
  if (any(lid)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    const rim = add(k(0.85), mul(k(0.15), cos(mul(around, k(60)))));
    setLight(mul(rim, k(0.1)), mul(rim, k(0.075)), mul(rim, k(0.045)));
    onlyWhere(lid, r, g, b);
  }
}

/** @param off from the label's middle */
function labelAlbedo(off: Four, height: Four, around: Four, radius: Four): void {
  const rule = select(less(k(0.018), abs(off)), k(0.25), k(1));
  const half = mul(floor(mul(off, k(1 / 0.006))), k(0.5));
  const written = both(same(floor(half), half), less(abs(around), k(0.8)));
  const strokes = valueNoise(mul(mul(around, radius), k(900)), floor(mul(height, k(1 / 0.006))));
  const line = select(both(written, less(k(0.1), strokes)), k(0.3), k(1));
  const tone = mul(rule, line);
  setLight(mul(k(0.62), tone), mul(k(0.55), tone), mul(k(0.4), tone));
}

/** Lamp mirrored in curved glass: a narrow upright streak far brighter than the salt. */
export function glassGlint(x: Four, y: Four, z: Four, dx: Four, dy: Four, dz: Four): Four {
  const nx = got(HIT_NX);
  const nz = got(HIT_NZ);
  const twice = mul(k(2), add(mul(dx, nx), mul(dz, nz)));
  const rx = sub(dx, mul(twice, nx));
  const rz = sub(dz, mul(twice, nz));
  const lx = sub(k(LAMP_X), x);
  const ly = sub(k(LAMP_Y), y);
  const lz = sub(k(LAMP_Z), z);
  const cosine = div(dot(rx, dy, rz, lx, ly, lz), sqrt(dot(lx, ly, lz, lx, ly, lz)));
  const off = sub(cosine, k(1));
  const narrow = mul(k(900), exp(mul(off, k(260))));
  const glint = add(narrow, mul(k(18), exp(mul(off, k(22)))));
  return select(less(cosine, k(0.9)), k(0), glint);
}
