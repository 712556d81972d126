import type { PicturePoint } from '@velmo/core/exposure';
import { FIRST_SERIES, type SeriesKind, type SeriesOf } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';

/** What commands remember from one use to the next. */
export interface Remembered {
  /** Time and ISO as they were before, and as they are while base and extended ISO are compared. */
  compared: { readonly before: Settings; readonly meanwhile: Settings } | null;
  /** The last place that was refused as neutral for its colour: tapped again, it is believed. */
  refusedNeutral: PicturePoint | null;
  /** Each kind of series comes back as it was last. */
  series: { readonly [K in SeriesKind]: SeriesOf<K> };
  /** A shutter key of a remote or keyboard; held, it makes a burst. */
  shutterKey: 'up' | 'down' | 'held';
  /**
   * The link that was obeyed last. The browser's way back makes the screen of Field anew, and that
   * must not undo what was set since.
   */
  obeyedLink: string | null;
  /** The best frame of a drill is being exposed: it is no try. */
  exposesBest: boolean;
}

/** Before anything was done. */
export const NOTHING_REMEMBERED: Remembered = {
  compared: null,
  refusedNeutral: null,
  series: FIRST_SERIES,
  shutterKey: 'up',
  obeyedLink: null,
  exposesBest: false,
};
