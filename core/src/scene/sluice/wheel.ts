import {
  add,
  any,
  atMost,
  div,
  floor,
  k,
  less,
  max,
  min,
  mul,
  neg,
  select,
  sqrt,
  sub,
  type Four,
  type Whole,
} from '../rays/four';
import { atan2, clamped } from '../rays/functions';
import { WHEEL_OMEGA, WHEEL_RADIUS } from './place';

/** The sluice wheel: metres and radians. */
const RIM_INNER = 1.24;
const RIM_OUTER = 1.36;
const HUB = 0.17;
const SPOKES = 8;
const SPOKE_HALF_WIDTH = 0.045;
const PADDLES = 16;
const PADDLE_HALF_WIDTH = 0.04;
const PADDLES_FROM = 1.22;

const TURN = 2 * Math.PI;

/** Angle covered by bars from 0 up to an angle: the integral of a periodic bar pattern. */
function barsUpTo(angle: Four, count: Whole, half: Four): Four {
  const period = k(TURN / count);
  const turns = floor(add(div(angle, period), k(0.5)));
  const within = sub(angle, mul(turns, period));
  return add(mul(mul(turns, k(2)), half), min(half, max(neg(half), within)));
}

/** Share of the angles from..from + width that bars cover. */
function barCover(from: Four, width: Four, count: Whole, half: Four): Four {
  const bar = min(half, k(Math.PI / count));
  return div(sub(barsUpTo(add(from, width), count, bar), barsUpTo(from, count, bar)), width);
}

/** Share of a ring that a circle of this footprint covers. */
function ring(r: Four, inner: number, outer: number, footprint: Four): Four {
  const soft = max(k(1e-4), footprint);
  const entered = clamped(add(div(sub(r, k(inner)), soft), k(0.5)));
  return mul(entered, clamped(add(div(sub(k(outer), r), soft), k(0.5))));
}

/**
 * Share of the open shutter in which wood covers a point of the wheel's plane, exactly averaged
 * over the turn.
 *
 * @param x, y from the wheel's axis
 */
export function wheelCover(x: Four, y: Four, footprint: Four, startS: number, timeS: number): Four {
  const r = sqrt(add(mul(x, x), mul(y, y)));
  const inReach = atMost(r, add(k(WHEEL_RADIUS), footprint));
  if (!any(inReach)) return k(0);
  const fixed = max(ring(r, RIM_INNER, RIM_OUTER, footprint), ring(r, -1, HUB, footprint));
  const away = max(r, k(0.05));
  // A pixel's own width counts as a small turn.
  const own = div(footprint, away);
  const width = add(k(WHEEL_OMEGA * timeS), own);
  const turned = (WHEEL_OMEGA * (startS + timeS)) / TURN;
  const stands = sub(atan2(y, x), k((turned - Math.floor(turned)) * TURN));
  const from = sub(stands, mul(own, k(0.5)));
  const spokes = barCover(from, width, SPOKES, div(k(SPOKE_HALF_WIDTH), away));
  const paddles = mul(
    barCover(from, width, PADDLES, div(k(PADDLE_HALF_WIDTH), away)),
    ring(r, PADDLES_FROM, WHEEL_RADIUS, footprint),
  );
  const turning = max(
    select(less(r, k(RIM_INNER)), spokes, k(0)),
    select(less(k(PADDLES_FROM), r), paddles, k(0)),
  );
  return select(inReach, max(fixed, turning), k(0));
}
