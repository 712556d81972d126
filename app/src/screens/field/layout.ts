export type FieldLayout = 'phone' | 'side' | 'wide';

export interface FieldMeasures {
  readonly layout: FieldLayout;
  /** The picture stands (3:4) or lies (4:3). */
  readonly upright: boolean;
  readonly pictureWidth: number;
  readonly pictureHeight: number;
  readonly ladderWidth: number;
  /** The ladder lies over the picture's right edge instead of beside it. */
  readonly ladderOver: boolean;
  readonly columnWidth: number;
}

const STATUS = 44;
const GAP = 6;
/** Verdict, tapes, expose bar and gaps on a phone. */
const phoneControls = (tapes: number): number => 50 + tapes * (52 + GAP) + 60 + 4 * GAP;

/** Where everything goes in a window of this size, with this many tapes. */
export function measureField(width: number, height: number, tapes: number): FieldMeasures {
  if (width >= 900 && height >= 560) return wide(width, height);
  if (width > height) return side(width, height);
  const room = Math.max(120, height - STATUS - phoneControls(tapes));
  const pictureHeight = Math.min(room, Math.round((width * 4) / 3));
  const pictureWidth = Math.round((pictureHeight * 3) / 4);
  const spare = width - pictureWidth;
  const ladderOver = spare < 56;
  return {
    layout: 'phone',
    upright: true,
    pictureWidth,
    pictureHeight,
    ladderWidth: ladderOver ? 62 : Math.min(96, spare),
    ladderOver,
    columnWidth: width,
  };
}

function wide(width: number, height: number): FieldMeasures {
  const columnWidth = Math.max(340, Math.round(width * 0.29));
  const ladderWidth = 96;
  const strip = 108;
  const room = width - columnWidth - ladderWidth - 3 * GAP;
  const pictureWidth = Math.min(room, Math.round(((height - STATUS - strip) * 4) / 3));
  return {
    layout: 'wide',
    upright: false,
    pictureWidth,
    pictureHeight: Math.round((pictureWidth * 3) / 4),
    ladderWidth,
    ladderOver: false,
    columnWidth,
  };
}

function side(width: number, height: number): FieldMeasures {
  const ladderWidth = 58;
  const pictureHeight = height;
  const columnWidth = Math.max(280, width - Math.round((pictureHeight * 4) / 3) - GAP);
  const pictureWidth = Math.min(Math.round((pictureHeight * 4) / 3), width - columnWidth - GAP);
  return {
    layout: 'side',
    upright: false,
    pictureWidth,
    pictureHeight: Math.round((pictureWidth * 3) / 4),
    ladderWidth,
    ladderOver: true,
    columnWidth,
  };
}
