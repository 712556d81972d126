import type { ColourName } from '../theme';

/** What the whole screen is made of, for a kind of light. */
export interface Plate {
  readonly id: string;
  /** What it is for, in a few words. */
  readonly about: string;
  /** Colours it has otherwise than graphite. */
  readonly colours: Readonly<Partial<Record<ColourName, string>>>;
  /**
   * The brightest that anything becomes under it: all colours are turned to grey and shown as
   * shades of this one, the picture too. Null: colours stay as they are.
   */
  readonly veil: string | null;
}
