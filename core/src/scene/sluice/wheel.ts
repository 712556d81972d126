/** The sluice wheel: seen from the side, turning; metres and radians. */
export const WHEEL = { x: 1.75, y: 1.35, z: 6.2, radius: 1.6, omega: 0.85 } as const;

const RIM = { inner: 1.24, outer: 1.36 } as const;
const HUB = 0.17;
const SPOKES = { count: 8, halfWidth: 0.045 } as const;
const PADDLES = { count: 16, halfWidth: 0.04, from: 1.22 } as const;

/** Angle covered by bars from 0 up to an angle: the integral of a periodic bar pattern. */
function barsUpTo(angle: number, count: number, half: number): number {
  const period = (2 * Math.PI) / count;
  const turns = Math.floor(angle / period + 0.5);
  const within = angle - turns * period;
  return turns * 2 * half + Math.min(half, Math.max(-half, within));
}

/** Share of the angles from..from + width that bars cover. */
function barCover(from: number, width: number, count: number, half: number): number {
  const bar = Math.min(half, Math.PI / count);
  return (barsUpTo(from + width, count, bar) - barsUpTo(from, count, bar)) / width;
}

/** Share of a ring that a circle of this footprint covers. */
const ring = (r: number, inner: number, outer: number, footprint: number): number => {
  const soft = Math.max(1e-4, footprint);
  const edge = (d: number): number => Math.min(1, Math.max(0, d / soft + 0.5));
  return edge(r - inner) * edge(outer - r);
};

/**
 * Share of the open shutter in which wood covers a point of the wheel's plane, exactly averaged over the turn.
 *
 * @param x, y from the wheel's axis
 */
export function wheelCover(
  x: number,
  y: number,
  footprint: number,
  startS: number,
  timeS: number,
): number {
  const r = Math.sqrt(x * x + y * y);
  if (r > WHEEL.radius + footprint) return 0;
  const fixed = Math.max(ring(r, RIM.inner, RIM.outer, footprint), ring(r, -1, HUB, footprint));
  if (fixed >= 1) return 1;
  const away = Math.max(r, 0.05);
  // A pixel's own width counts as a small turn.
  const width = WHEEL.omega * timeS + footprint / away;
  const from = Math.atan2(y, x) - WHEEL.omega * (startS + timeS) - footprint / (2 * away);
  const spokes = r < RIM.inner ? barCover(from, width, SPOKES.count, SPOKES.halfWidth / away) : 0;
  const paddles =
    r > PADDLES.from
      ? barCover(from, width, PADDLES.count, PADDLES.halfWidth / away) *
        ring(r, PADDLES.from, WHEEL.radius, footprint)
      : 0;
  return Math.max(fixed, spokes, paddles);
}
