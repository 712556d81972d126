import type { FrameLook } from './frameLook';
import type { Region } from './region';

/** One thing a frame of a drill is judged by. */
export interface Criterion {
  /** "clips"; no other of the same drill is called so. */
  readonly id: string;
  /** What it looks at; null: the picture as a whole. */
  readonly region: Region | null;
  /** What a stop of loss counts for: what is lost for good weighs more than noise. */
  readonly weight: number;
  /** What it depends on besides time and ISO. */
  readonly by?: 'focus' | 'white';
  /** Stops by which a frame falls short; of noise, where it has no end, it may be below 0. */
  readonly loss: (frame: FrameLook) => number;
  /**
   * What is wrong, in a sentence.
   *
   * @param stops by which the best frame there could have been was better
   */
  readonly says: (frame: FrameLook, stops: number) => string;
}

/** What has gone for good, against noise that could have been less. */
export const LOST = 3;
export const NOISY = 1;

/** "The white heap": a name at the beginning of a sentence. */
export const begun = (name: string): string => name[0].toUpperCase() + name.slice(1);
