import { DIRECTIONS, type DetailMap } from './detail';

/** What was measured of one frame. */
export interface FrameMeasure {
  readonly detail: DetailMap;
  /** Share of photosites that clip: red, green, blue. */
  readonly clippedShare: readonly [number, number, number];
  /** Where focus was asked for, 0..1 of the raw; null or left out: nowhere. */
  readonly asked?: Place | null;
}

interface Place {
  readonly x: number;
  readonly y: number;
}

/** A frame among those of its stack. */
export interface RankedFrame {
  /** Its place in what was given. */
  readonly index: number;
  /** Where detail was compared: where focus was asked for, or where the frames have most of it. */
  readonly compared: 'asked' | 'most';
  /** Contrast of fine detail against the frame that has most of it: 0..1. */
  readonly detail: number;
  /**
   * How many times less contrast it has along one direction than across, against that frame: 1 up.
   */
  readonly smear: number;
  /** Largest share of a channel's photosites that clip. */
  readonly clipped: number;
  /** Noise over signal at the frame's median brightness. */
  readonly noise: number;
}

/**
 * Detail is compared where focus was asked for, or else where the frames of the stack have most of
 * it: a tenth of the blocks, the same in all of them, so that what is flat or lies out of focus in
 * every frame does not count.
 */
const SHARE = 0.1;
const MIN_BLOCKS = 6;
/** What clipping and noise weigh against detail (judgement): stops a share of the frame, a stop. */
const STOPS_OF_CLIPPED = 20;
const STOPS_OF_NOISE = 0.25;

/** A frame in which fewer blocks than this can be read is left out of the choice of blocks. */
const MIN_READABLE = 0.25;

/** Whether enough of a frame lies between black and clipping to be compared. */
function isReadable({ mean }: DetailMap): boolean {
  return mean.filter((v) => v > 0).length >= MIN_READABLE * mean.length;
}

/** What lies so near to where focus was asked for belongs to it: a share of the longer side. */
const ASKED_REACH = 0.12;
/** In blocks: enough of them in a small frame as well. */
const MIN_REACH = 1.7;

/** Whether a block lies where focus was asked for. */
function isAsked({ columns, rows }: DetailMap, { x, y }: Place, b: number): boolean {
  const across = ((b % columns) + 0.5) / columns - x;
  const down = (Math.floor(b / columns) + 0.5) / rows - y;
  const reach = Math.max(MIN_REACH, ASKED_REACH * Math.max(columns, rows));
  return Math.hypot(across * columns, down * rows) <= reach;
}

/** The place at which focus was asked for in all of them; null where that differs. */
function askedInAll(frames: readonly FrameMeasure[]): Place | null {
  const place = frames[0].asked ?? null;
  const same = ({ asked }: FrameMeasure): boolean =>
    place !== null && asked?.x === place.x && asked.y === place.y;
  return frames.every(same) ? place : null;
}

/** Blocks in which all frames can be read, those with most detail first. */
function tellingBlocks(maps: readonly DetailMap[], asked: Place | null) {
  const light = maps.map(({ mean }) => mean.reduce((sum, v) => sum + (v > 0 ? v : 0), 0));
  const contrast = (b: number): number =>
    maps.reduce((sum, { fine }, i) => sum + fine[b] / light[i] ** 2, 0);
  const blocks = Array.from(maps[0].fine.keys())
    .map((b) => ({ b, fine: contrast(b) }))
    .filter(({ fine }) => fine > 0)
    .sort((a, b) => b.fine - a.fine);
  const there = asked ? blocks.filter(({ b }) => isAsked(maps[0], asked, b)) : [];
  // A place without any detail was not what focus was found at.
  const compared = there.length >= MIN_BLOCKS ? 'asked' : 'most';
  const count = Math.max(MIN_BLOCKS, Math.round(SHARE * maps[0].fine.length));
  const chosen = (compared === 'asked' ? there : blocks).slice(0, count).map(({ b }) => b);
  return { compared, blocks: chosen } as const;
}

/**
 * Ranks frames of the same picture, best first, by fine detail, with clipping and noise weighed
 * against it; one that is black or clipped nearly everywhere comes last, with detail 0.
 * Frames of another size than the first cannot be compared: RangeError.
 */
export function rankFrames(frames: readonly FrameMeasure[]): RankedFrame[] {
  if (frames.length === 0) return [];
  const maps = frames.map(({ detail }) => detail);
  const { columns, rows } = maps[0];
  if (maps.some((map) => map.columns !== columns || map.rows !== rows))
    throw new RangeError('only frames of the same size can be ranked');
  const readable = maps.filter(isReadable);
  const { compared, blocks } =
    readable.length > 0
      ? tellingBlocks(readable, askedInAll(frames))
      : ({ compared: 'most', blocks: [] } as const);
  const sum = (of: (b: number) => number): number =>
    Math.max(
      0,
      blocks.reduce((total, b) => total + (of(b) || 0), 0),
    );
  const light = maps.map(({ mean }) => sum((b) => mean[b]));
  const over = (energy: number, i: number): number =>
    light[i] > 0 ? Math.sqrt(energy) / light[i] : 0;
  const contrast = maps.map((map, i) =>
    isReadable(map)
      ? over(
          sum((b) => map.fine[b]),
          i,
        )
      : 0,
  );
  const along = maps.map((map, i) =>
    Array.from({ length: DIRECTIONS }, (_, k) =>
      over(
        sum((b) => map.along[DIRECTIONS * b + k]),
        i,
      ),
    ),
  );
  const most = Math.max(...contrast);
  const sharpest = contrast.indexOf(most);
  const ranked = frames.map(({ clippedShare, detail: { noise } }, index) => {
    const kept = along[index].map((a, k) => (along[sharpest][k] > 0 ? a / along[sharpest][k] : 1));
    return {
      index,
      compared,
      detail: most > 0 ? contrast[index] / most : 1,
      smear: Math.min(...kept) > 0 ? Math.max(...kept) / Math.min(...kept) : Infinity,
      clipped: Math.max(...clippedShare),
      noise,
    };
  });
  const least = Math.min(...ranked.map(({ clipped }) => clipped));
  const quietest = Math.min(...ranked.map(({ noise }) => noise));
  const stops = ({ detail, clipped, noise }: RankedFrame): number =>
    Math.log2(Math.max(detail, 1e-6)) -
    STOPS_OF_CLIPPED * (clipped - least) -
    (Number.isFinite(noise) ? STOPS_OF_NOISE * Math.log2(noise / quietest) : 0);
  return ranked.sort((a, b) => stops(b) - stops(a));
}
