import {
  abs,
  add,
  any,
  atMost,
  both,
  div,
  floor,
  got,
  k,
  less,
  max,
  min,
  mul,
  put,
  select,
  sub,
  type Four,
} from '../rays/four';
import { clamped, exp2, fractalNoise, setLight, sineOfTurns } from '../rays/functions';
import {
  BLUE,
  DISTANCE,
  GREEN,
  RED,
  REFLECTANCE,
  WHITE_B,
  WHITE_G,
  WHITE_R,
} from '../rays/registers';
import {
  WALL_M,
  WEDGE_HALF_HEIGHT,
  WEDGE_STEPS,
  WEDGE_STEP_WIDTH,
  WEDGE_TOP,
  WEDGE_Y,
} from './place';

/** Luminance of what is white on it, cd/m2. */
export const WHITE_L = (12.5 * 2.4 * 2.4 * 128) / 100 / 0.18;

/** Fine line targets right of the wedge and left of it: line pairs from 4 mm down to 0.4 mm. */
const TARGET_X = 0.67;
const TARGET_HALF = 0.1;

function lineTarget(lx: Four, ly: Four, footprint: Four): Four {
  // Eight bars; the period shrinks from bar to bar by 1.39. Lines stand upright in one half,
  // lie in the other.
  const bar = min(k(7), floor(mul(add(ly, k(TARGET_HALF)), k(8 / (2 * TARGET_HALF)))));
  // log2 of 1.389.
  const period = mul(k(0.004), exp2(mul(bar, k(-0.47404672))));
  const along = select(less(k(0), lx), ly, lx);
  // A cosine grating keeps its mean where the pixel can no longer resolve it.
  const contrast = clamped(sub(div(period, mul(k(1.6), footprint)), k(0.6)));
  const wave = sineOfTurns(add(div(along, period), k(0.25)));
  return add(k(0.42), mul(mul(k(0.4), contrast), wave));
}

/** Limewashed plaster between the cards: grain down to fractions of a millimetre. */
function plaster(x: Four, y: Four, footprint: Four): Four {
  // Turned against the frame, so that the noise's lattice does not line up with the pixels.
  const u = add(mul(k(0.8), x), mul(k(0.6), y));
  const v = sub(mul(k(0.8), y), mul(k(0.6), x));
  const coarse = mul(k(0.015), fractalNoise(add(u, k(3)), v, 0.35, 4, footprint));
  const fine = mul(k(0.02), fractalNoise(u, add(v, k(5)), 0.01, 5, footprint));
  return max(k(0.04), add(add(k(0.11), coarse), fine));
}

/** Lays a flat patch of a reflectance over what is there; centre and half sizes in metres. */
function patch(
  px: number,
  py: number,
  halfWidth: number,
  halfHeight: number,
  r: number,
  g: number,
  b: number,
  x: Four,
  y: Four,
): void {
  const inWidth = atMost(abs(sub(x, k(px))), k(halfWidth));
  const inside = both(inWidth, atMost(abs(sub(y, k(py))), k(halfHeight)));
  if (!any(inside)) return;
  put(RED, select(inside, k(r), got(RED)));
  put(GREEN, select(inside, k(g), got(GREEN)));
  put(BLUE, select(inside, k(b), got(BLUE)));
}

function wedge(x: Four, y: Four): void {
  const at = mul(add(x, k((WEDGE_STEPS * WEDGE_STEP_WIDTH) / 2)), k(1 / WEDGE_STEP_WIDTH));
  const step = floor(at);
  const onSteps = both(atMost(k(0), step), less(step, k(WEDGE_STEPS)));
  const inside = both(onSteps, atMost(abs(sub(y, k(WEDGE_Y))), k(WEDGE_HALF_HEIGHT)));
  if (!any(inside)) return;
  const grey = mul(k(WEDGE_TOP), exp2(mul(step, k(-1 / 3))));
  put(RED, select(inside, grey, got(RED)));
  put(GREEN, select(inside, grey, got(GREEN)));
  put(BLUE, select(inside, grey, got(BLUE)));
}

/** Cards, and boards painted in the works' own colours; wall.ts lists them. */
function patches(x: Four, y: Four): void {
  patch(0, 0, 0.2, 0.15, 0.18, 0.18, 0.18, x, y);
  patch(-0.38, 0, 0.13, 0.15, 0.9, 0.9, 0.9, x, y);
  patch(0.38, 0, 0.13, 0.15, 0.03, 0.03, 0.03, x, y);
  patch(-0.425, 0.26, 0.075, 0.065, 0.52, 0.25, 0.24, x, y);
  patch(-0.255, 0.26, 0.075, 0.065, 0.3, 0.1, 0.045, x, y);
  patch(-0.085, 0.26, 0.075, 0.065, 0.48, 0.3, 0.09, x, y);
  patch(0.085, 0.26, 0.075, 0.065, 0.16, 0.25, 0.09, x, y);
  patch(0.255, 0.26, 0.075, 0.065, 0.07, 0.16, 0.22, x, y);
  patch(0.425, 0.26, 0.075, 0.065, 0.07, 0.1, 0.26, x, y);
  wedge(x, y);
}

/** The wall along four rays from the camera, under a light of any colour. */
export function look(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  const ahead = less(k(0.05), dz);
  const t = select(ahead, div(k(WALL_M), dz), k(WALL_M));
  const x = mul(dx, t);
  const y = mul(dy, t);
  const footprint = mul(footprintRad, t);
  const lime = plaster(x, y, footprint);
  setLight(lime, lime, lime);
  const tx = sub(abs(x), k(TARGET_X));
  const onTarget = both(less(abs(tx), k(TARGET_HALF)), less(abs(y), k(TARGET_HALF)));
  if (any(onTarget)) {
    const lines = select(onTarget, lineTarget(tx, y, footprint), lime);
    setLight(lines, lines, lines);
  }
  if (any(both(less(abs(x), k(0.62)), less(abs(y), k(0.4))))) patches(x, y);
  const green = got(GREEN);
  // Behind the camera the room is dark.
  const level = k(WHITE_L);
  setLight(
    select(ahead, mul(mul(got(RED), level), got(WHITE_R)), k(0.5)),
    select(ahead, mul(mul(green, level), got(WHITE_G)), k(0.5)),
    select(ahead, mul(mul(got(BLUE), level), got(WHITE_B)), k(0.5)),
  );
  put(DISTANCE, t);
  put(REFLECTANCE, select(ahead, mul(green, dz), k(0)));
}
