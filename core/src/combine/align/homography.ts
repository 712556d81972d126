/**
 * How a frame lies against another: what lies at (x, y) from the middle of the one, lies at
 * (a x + b y + c, d x + e y + f) / (g x + h y + 1) from the middle of the other: row by row a
 * matrix of three by three. Whatever a hand does to a camera that does not walk is one of these.
 */
export type Homography = readonly [
  a: number,
  b: number,
  c: number,
  d: number,
  e: number,
  f: number,
  g: number,
  h: number,
  one: number,
];

export const STILL: Homography = [1, 0, 0, 0, 1, 0, 0, 0, 1];

/** Brings the last element to 1. */
function normed(m: readonly number[]): Homography {
  return m.map((v) => v / m[8]) as unknown as Homography;
}

/** A shift, a turn in radians about the middle, and a scale. */
export function similarity(dx: number, dy: number, turnRad = 0, scale = 1): Homography {
  const [re, im] = [scale * Math.cos(turnRad), scale * Math.sin(turnRad)];
  return [re, -im, dx, im, re, dy, 0, 0, 1];
}

/** The same motion on a plane so many times as large. */
export const magnified = ([a, b, c, d, e, f, g, h]: Homography, by: number): Homography => [
  a,
  b,
  c * by,
  d,
  e,
  f * by,
  g / by,
  h / by,
  1,
];

/** First the one, then the other. */
export function composed(first: Homography, then: Homography): Homography {
  const m: number[] = [];
  for (let row = 0; row < 3; row++)
    for (let column = 0; column < 3; column++)
      m.push(
        then[3 * row] * first[column] +
          then[3 * row + 1] * first[3 + column] +
          then[3 * row + 2] * first[6 + column],
      );
  return normed(m);
}

/** The way back. Throws RangeError where there is none. */
export function inverse([a, b, c, d, e, f, g, h, i]: Homography): Homography {
  const adjugate = [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
  const determinant = a * adjugate[0] + b * adjugate[3] + c * adjugate[6];
  if (!(Math.abs(determinant) > 1e-9)) throw new RangeError('a motion without a way back');
  return normed(adjugate);
}

/** Where a place, counted from the middle, goes. */
export function moved(m: Homography, x: number, y: number): [number, number] {
  const w = m[6] * x + m[7] * y + 1;
  return [(m[0] * x + m[1] * y + m[2]) / w, (m[3] * x + m[4] * y + m[5]) / w];
}

/** How far the picture moves where it moves most: at one of its corners. */
export function largestMotion(m: Homography, width: number, height: number): number {
  let most = 0;
  for (const x of [-width / 2, width / 2])
    for (const y of [-height / 2, height / 2]) {
      const [u, v] = moved(m, x, y);
      most = Math.max(most, Math.hypot(u - x, v - y));
    }
  return most;
}
