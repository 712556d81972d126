/** A tape of a figure: whole positions, as on the tapes of Field. */
export interface FigureScale {
  readonly name: string;
  readonly min: number;
  readonly max: number;
  /** Where it stands at first. */
  readonly start: number;
  /** Positions between engraved ones. */
  readonly majorEvery: number;
  /** A position as engraved: "1/125". */
  readonly engrave: (at: number) => string;
  /** A position with its unit: "1/125 s". */
  readonly words: (at: number) => string;
  /** It is no scale but a choice of a few things, by their names. */
  readonly choices?: readonly string[];
}

/** The ladder that a figure's marks stand on, from its low end to its high one, in its own unit. */
export interface FigureLadder {
  readonly low: number;
  readonly high: number;
  /** Distance between engraved values. */
  readonly every: number;
  readonly engrave: (value: number) => string;
  /** What it counts: "stops from mid-grey". */
  readonly unit: string;
}

/** What a mark says: plain, that something is good there, or that something is lost. */
export type FigureTone = 'plain' | 'good' | 'lost';

/** A place on the ladder (from = to), or a stretch of it. */
export interface FigureMark {
  readonly label: string;
  readonly from: number;
  readonly to: number;
  readonly tone: FigureTone;
}

/** What a figure shows for where its tapes stand. */
export interface FigureReading {
  readonly marks: readonly FigureMark[];
  /** The same in a sentence or two. */
  readonly says: string;
}

/** A live figure: one or two tapes, and what stands on its ladder for them. */
export interface Figure {
  readonly scales: readonly FigureScale[];
  readonly ladder: FigureLadder;
  /** @param at where each tape stands, in their order */
  readonly read: (...at: number[]) => FigureReading;
}

/** A place on the ladder. */
export const place = (label: string, at: number, tone: FigureTone = 'plain'): FigureMark => ({
  label,
  from: at,
  to: at,
  tone,
});

/** A stretch of the ladder, whichever end is given first. */
export const stretch = (
  label: string,
  a: number,
  b: number,
  tone: FigureTone = 'plain',
): FigureMark => ({ label, from: Math.min(a, b), to: Math.max(a, b), tone });

/** A number within the ends of a ladder. */
export const within = ({ low, high }: FigureLadder, value: number): number =>
  Math.min(high, Math.max(low, value));
