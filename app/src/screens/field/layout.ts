/** How Field is laid out: upright phone, phone on its side, wide screen. */
export type FieldLayout = 'phone' | 'side' | 'wide';

/** How large its parts are, in CSS pixels. */
export interface FieldMeasures {
  readonly layout: FieldLayout;
  /** Where the status line runs: along the screen's top, or that of a part of it. */
  readonly statusOn: 'screen' | 'picture' | 'column';
  /** The picture stands (3:4) or lies (4:3). */
  readonly upright: boolean;
  readonly pictureWidth: number;
  readonly pictureHeight: number;
  readonly ladderWidth: number;
  /** The ladder lies over the picture's right edge instead of beside it. */
  readonly ladderOver: boolean;
  readonly columnWidth: number;
  readonly verdictHeight: number;
  readonly tapeHeight: number;
  /** Room around and between verdict, tapes and bar. */
  readonly gap: number;
  readonly barHeight: number;
  /** Height of the newest frames under a wide Window; 0 where they have no place. */
  readonly stripHeight: number;
  /** Ladder and controls lie on the left, for a left hand. */
  readonly mirrored: boolean;
}

/** Height of the status line. */
export const STATUS_PX = 44;
const GAP = 6;
/** Room for three lines of an answer in the verdict's place, in usual type and in larger. */
const VERDICT = { usual: 48, large: 56 } as const;
/** Every camera has the five: what it keeps to itself is said in a tape's place. */
const TAPES = 5;
/** Below this height everything is as low as a finger allows. */
const LOW_PX = 700;
/** From this height on nothing need be low. */
const HIGH_PX = 900;

interface Heights {
  readonly verdict: number;
  readonly tape: number;
  readonly bar: number;
  readonly gap: number;
}
const ROOMY: Omit<Heights, 'verdict'> = { tape: 52, bar: 60, gap: GAP };
const SNUG: Omit<Heights, 'verdict'> = { tape: 44, bar: 56, gap: 4 };
const TIGHT: Omit<Heights, 'verdict'> = { tape: 44, bar: 44, gap: 3 };
/** A phone on its side whose browser keeps its bars. */
const TIGHTEST: Omit<Heights, 'verdict'> = { tape: 44, bar: 44, gap: 1 };

/** Verdict, tapes, expose bar, the gaps between them, and the padding around. */
const controlsHeight = ({ verdict, tape, bar, gap }: Heights): number =>
  verdict + TAPES * (tape + gap) + bar + 3 * gap;

/** From this width on picture and controls stand side by side, and the status line has room. */
export const WIDE_PX = 900;

/**
 * Laid out as for these sides where the window has less: one that is just being opened can say that
 * it has a pixel.
 */
const MIN_PX = 240;
/** Height of a picture that a ladder still fits beside. */
const MIN_PICTURE = 120;

/** For whom it is laid out. */
export interface FieldFor {
  readonly hand: 'right' | 'left';
  readonly type: 'usual' | 'large';
}

/** Where everything goes in a window of this size. */
export function measureField(
  windowWidth: number,
  windowHeight: number,
  { hand, type }: FieldFor = { hand: 'right', type: 'usual' },
): FieldMeasures {
  const width = Math.max(MIN_PX, windowWidth);
  const height = Math.max(MIN_PX, windowHeight);
  const verdict = VERDICT[type];
  return {
    ...measured(width, height, verdict, type === 'large' ? LARGER_TAPE : 0),
    verdictHeight: verdict,
    mirrored: hand === 'left',
  };
}

/** Where the picture begins in the room of the screen, in CSS pixels. */
export function pictureCorner(
  { layout, statusOn, pictureWidth, ladderWidth, ladderOver, mirrored }: FieldMeasures,
  windowWidth: number,
): { readonly left: number; readonly top: number } {
  const top = statusOn === 'column' ? 0 : STATUS_PX;
  if (layout !== 'phone') return { left: mirrored ? windowWidth - pictureWidth : 0, top };
  const beside = ladderOver ? 0 : ladderWidth;
  const spare = windowWidth - pictureWidth - beside;
  return { left: spare / 2 + (mirrored ? beside : 0), top };
}

type Measured = Omit<FieldMeasures, 'mirrored' | 'verdictHeight'>;

/** What larger type adds to a tape, in pixels. */
const LARGER_TAPE = 2;

function measured(width: number, height: number, verdict: number, more: number): Measured {
  if (width >= WIDE_PX && height >= 560) return wide(width, height, more);
  if (width > height) return side(width, height, verdict);
  const usual = height < LOW_PX ? TIGHT : height < HIGH_PX ? SNUG : ROOMY;
  const heights = { ...usual, verdict, tape: usual.tape + more };
  const room = Math.max(MIN_PICTURE, height - STATUS_PX - controlsHeight(heights));
  const pictureHeight = Math.min(room, Math.round((width * 4) / 3));
  const pictureWidth = Math.round((pictureHeight * 3) / 4);
  const spare = width - pictureWidth;
  const ladderOver = spare < 56;
  return {
    layout: 'phone',
    statusOn: 'screen',
    upright: true,
    pictureWidth,
    pictureHeight,
    ladderWidth: ladderOver ? 62 : Math.min(96, spare),
    ladderOver,
    columnWidth: width,
    tapeHeight: heights.tape,
    barHeight: heights.bar,
    stripHeight: 0,
    gap: heights.gap,
  };
}

function wide(width: number, height: number, more: number): Measured {
  const columnWidth = Math.max(340, Math.round(width * 0.29));
  const ladderWidth = 96;
  const strip = 108;
  const room = width - columnWidth - ladderWidth - 3 * GAP;
  const pictureWidth = Math.min(room, Math.round(((height - STATUS_PX - strip) * 4) / 3));
  const pictureHeight = Math.round((pictureWidth * 3) / 4);
  return {
    layout: 'wide',
    statusOn: 'screen',
    upright: false,
    pictureWidth,
    pictureHeight,
    ladderWidth,
    ladderOver: false,
    columnWidth,
    tapeHeight: SNUG.tape + more,
    barHeight: SNUG.bar,
    stripHeight: height - STATUS_PX - pictureHeight,
    gap: SNUG.gap,
  };
}

function side(width: number, height: number, verdict: number): Measured {
  const ladderWidth = 58;
  const fits = (heights: Omit<Heights, 'verdict'>, status: number): boolean =>
    status + controlsHeight({ ...heights, verdict }) <= height;
  const withStatus = [ROOMY, SNUG, TIGHT].find((heights) => fits(heights, STATUS_PX));
  const heights = withStatus ?? (fits(TIGHT, 0) ? TIGHT : TIGHTEST);
  const whole = Math.round(((withStatus ? height : height - STATUS_PX) * 4) / 3);
  const columnWidth = Math.max(330, width - whole - GAP);
  const beside = Math.min(whole, width - columnWidth - GAP);
  const pictureWidth = Math.max(Math.round((MIN_PICTURE * 4) / 3), beside);
  return {
    layout: 'side',
    // Lower than the column with it, the picture gives it room.
    statusOn: withStatus ? 'column' : 'picture',
    upright: false,
    pictureWidth,
    pictureHeight: Math.round((pictureWidth * 3) / 4),
    ladderWidth,
    ladderOver: true,
    columnWidth,
    tapeHeight: heights.tape,
    barHeight: heights.bar,
    stripHeight: 0,
    gap: heights.gap,
  };
}
