import type { Bracket } from './bracket';

/** Frames of the same picture, as fast as the camera gives them. */
export interface Burst {
  readonly frames: number;
}

/** Frames focused side by side between two distances, or at places chosen one by one. */
export interface FocusSteps {
  /** In dioptres, in the order in which they were chosen; null: side by side between the ends. */
  readonly places: readonly number[] | null;
  /** In dioptres: the nearer end is the larger one. */
  readonly nearDioptres: number;
  readonly farDioptres: number;
  /** Share of a frame's sharp zone that the next one holds too. */
  readonly overlap: number;
}

/** A frame every so many seconds. */
export interface Interval {
  readonly everyS: number;
  readonly frames: number;
  /** As the first was, or metered anew for each. */
  readonly exposure: 'held' | 'metered';
  /** Seconds that the photographer gives the light; 0: not said. */
  readonly lightS: number;
}

/** How frames of a long exposure become one: mean, sum, or the brightest of each photosite. */
export const GATHERS = ['mean', 'sum', 'brightest'] as const;
export type Gather = (typeof GATHERS)[number];

/** One frame gathered from many, each as long as Time says. */
export interface Long {
  readonly totalS: number;
  readonly gather: Gather;
}

/** What one press will take: plain, serialisable, comparable. */
export type Series =
  | { readonly kind: 'single' }
  | ({ readonly kind: 'bracket' } & Bracket)
  | ({ readonly kind: 'burst' } & Burst)
  | ({ readonly kind: 'focus' } & FocusSteps)
  | ({ readonly kind: 'interval' } & Interval)
  | ({ readonly kind: 'long' } & Long);

export type SeriesKind = Series['kind'];
export type SeriesOf<K extends SeriesKind> = Extract<Series, { kind: K }>;

export const BURST_FRAMES = { min: 3, max: 60 } as const;
/** Largest overlap of focus steps. */
export const MAX_OVERLAP = 0.8;
export const INTERVAL_S = { min: 1, max: 3600 } as const;
/** A day. */
export const MAX_LIGHT_S = 86_400;
/** From half a minute to two hours. */
export const LONG_S = { min: 30, max: 7200 } as const;
export const INTERVAL_FRAMES = { min: 2, max: 999 } as const;

/** Where a frame stands in its series. */
export interface SeriesPlace {
  /** The same for all frames of one press. */
  readonly id: string;
  readonly kind: SeriesKind;
  /** From 0 on, in the order in which they were made. */
  readonly step: number;
  /** How many were planned. */
  readonly count: number;
}

/** Seconds from the press to the first frame. */
export const DELAYS_S = [0, 2, 3, 10, 20] as const;
export type DelayS = (typeof DELAYS_S)[number];
