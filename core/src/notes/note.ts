import type { Figure } from './figure';

/** A field note: what a photographer asks, answered in a few words beside one live figure. */
export interface Note {
  readonly id: string;
  readonly title: string;
  /** Paragraphs; at most 150 words together. */
  readonly text: readonly string[];
  /** Where it is published; "Common practice" where it is nowhere. */
  readonly source: string;
  readonly figure: Figure;
  /**
   * The query of a link that sets Field up to see it there; left out where there is nothing to set.
   */
  readonly setUp?: string;
}
