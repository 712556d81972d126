import { composed, inverse, moved, STILL, type Homography } from '../align/homography';
import type { Star } from './findStars';
import { leastSquares, type Equation } from './leastSquares';

/** Two places of a star. */
interface Pair {
  readonly from: Star;
  readonly to: Star;
}

/** A star is looked for so far from where it should be, in shares of the frame's longer side. */
const FIRST_SEARCH = 0.012;
/** And so far, in photosites, once it is known how the sky turns. */
const NEXT_SEARCH = 6;
/** Pairs no further from the motion found than this, in photosites, agree: less and less. */
const AGREES = [1.5, 1, 0.7, 0.5, 0.5] as const;
/** Fewer pairs than this say nothing. */
const MIN_PAIRS = 8;
/** Fewer than this say no more than a shift, a turn and a scale. */
const ENOUGH = 24;
/** Pairs that a motion is tried with. */
const TRIES = 400;
/** What has moved by less, in photosites, may be a lamp on the ground. */
const STANDS = 0.7;

/** The nearest star to a place, no farther than `reach`; null where there is none. */
function nearest(stars: readonly Star[], x: number, y: number, reach: number): Star | null {
  let [best, least] = [null as Star | null, reach * reach];
  for (const star of stars) {
    const d = (star.x - x) ** 2 + (star.y - y) ** 2;
    if (d < least) [best, least] = [star, d];
  }
  return best;
}

/** Stars of one frame, each with the one of the other that lies nearest to where it should be. */
function paired(
  from: readonly Star[],
  to: readonly Star[],
  expected: Homography,
  reach: number,
): Pair[] {
  return from.flatMap((star) => {
    const [x, y] = moved(expected, star.x, star.y);
    const other = nearest(to, x, y, reach);
    return other ? [{ from: star, to: other }] : [];
  });
}

const offBy = (motion: Homography, { from, to }: Pair): number => {
  const [x, y] = moved(motion, from.x, from.y);
  return Math.hypot(x - to.x, y - to.y);
};

/** Shift, turn and scale that bring two stars to two others. */
function similarityOf(a: Pair, b: Pair): Homography | null {
  const [px, py] = [b.from.x - a.from.x, b.from.y - a.from.y];
  const [qx, qy] = [b.to.x - a.to.x, b.to.y - a.to.y];
  const n = px * px + py * py;
  if (n < 100) return null;
  const [re, im] = [(px * qx + py * qy) / n, (px * qy - py * qx) / n];
  const dx = a.to.x - re * a.from.x + im * a.from.y;
  const dy = a.to.y - im * a.from.x - re * a.from.y;
  return [re, -im, dx, im, re, dy, 0, 0, 1];
}

/**
 * The motion that most pairs agree on, fitted to those by least squares; null where too few do.
 *
 * @param start a motion that is nearly right already; null: it is looked for
 */
function fitted(pairs: readonly Pair[], start: Homography | null): Homography | null {
  let motion = start ?? agreedOn(pairs);
  for (const near of AGREES) {
    if (!motion) return null;
    const now: Homography = motion;
    const agree = pairs.filter((pair) => offBy(now, pair) < near);
    if (agree.length < MIN_PAIRS) return null;
    motion = agree.length < ENOUGH ? similarityFit(agree) : homographyFit(agree);
  }
  return motion;
}

/** The similarity of two pairs that most others agree with: RANSAC (Fischler and Bolles 1981). */
function agreedOn(pairs: readonly Pair[]): Homography | null {
  if (pairs.length < MIN_PAIRS) return null;
  let [best, most] = [null as Homography | null, MIN_PAIRS - 1];
  for (let n = 0; n < TRIES; n++) {
    // Always the same: what is combined again comes out as it was.
    const a = pairs[(n * 7919) % pairs.length];
    const b = pairs[(n * 104729 + 31 * ((n / pairs.length) | 0) + 1) % pairs.length];
    const motion = similarityOf(a, b);
    if (!motion) continue;
    // Over the whole frame a turn of the camera is no similarity: pairs may lie farther off.
    const agree = pairs.reduce(
      (sum, pair) => sum + (offBy(motion, pair) < 2 * AGREES[0] ? 1 : 0),
      0,
    );
    if (agree > most) [best, most] = [motion, agree];
  }
  return best;
}

function similarityFit(pairs: readonly Pair[]): Homography | null {
  const rows = pairs.flatMap(({ from: { x, y }, to }): Equation[] => [
    [[x, -y, 1, 0], to.x],
    [[y, x, 0, 1], to.y],
  ]);
  const found = leastSquares(rows, 4);
  if (!found) return null;
  const [re, im, dx, dy] = found;
  return [re, -im, dx, im, re, dy, 0, 0, 1];
}

/** Places are brought to about 1 before they are multiplied with one another. */
const UNIT = 1000;

function homographyFit(pairs: readonly Pair[]): Homography | null {
  const rows = pairs.flatMap(({ from, to }): Equation[] => {
    const [x, y, u, v] = [from.x / UNIT, from.y / UNIT, to.x / UNIT, to.y / UNIT];
    return [
      [[x, y, 1, 0, 0, 0, -u * x, -u * y], u],
      [[0, 0, 0, x, y, 1, -v * x, -v * y], v],
    ];
  });
  const m = leastSquares(rows, 8);
  if (!m) return null;
  return [m[0], m[1], m[2] * UNIT, m[3], m[4], m[5] * UNIT, m[6] / UNIT, m[7] / UNIT, 1];
}

/**
 * How the sky turns from frame to frame, found from the stars themselves: each frame against the
 * first, one after the other, as the sky goes on as it has gone, behind clouds too.
 */
export class SkyMotion {
  private step: Homography = STILL;
  private last: Homography = STILL;
  private isKnown = false;
  /** Frames since the last that was found. */
  private missed = 0;

  /** @param longerSide of the frames, in photosites */
  constructor(
    private readonly first: readonly Star[],
    private readonly longerSide: number,
  ) {}

  /** Where the first frame's stars lie in the next; null where that cannot be told. */
  next(stars: readonly Star[]): Homography | null {
    const found = this.isKnown
      ? this.follow(stars)
      : fitted(
          paired(this.first, stars, STILL, FIRST_SEARCH * this.longerSide).filter(
            ({ from, to }) => Math.hypot(to.x - from.x, to.y - from.y) > STANDS,
          ),
          null,
        );
    if (!found) {
      this.missed++;
      return null;
    }
    // After a gap it is not known how many steps of which length that was.
    if (this.missed === 0) this.step = composed(inverse(this.last), found);
    this.last = found;
    this.isKnown = true;
    this.missed = 0;
    return found;
  }

  private follow(stars: readonly Star[]): Homography | null {
    let expected = this.last;
    for (let n = 0; n <= this.missed; n++) expected = composed(expected, this.step);
    const pairs = paired(this.first, stars, expected, NEXT_SEARCH * (1 + this.missed));
    return fitted(pairs, expected) ?? fitted(pairs, null);
  }
}
