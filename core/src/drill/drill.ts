import type { Criterion } from './criterion';
import type { Settings } from '../settings/settings';

/** A wish to be met at the salt works, judged by the light that was there. */
export interface Drill {
  /** Small letters and hyphens; in the files of its tries. */
  readonly id: string;
  readonly title: string;
  /** What a photographer would ask for, in one sentence: never the settings. */
  readonly wish: string;
  readonly sceneId: string;
  /** What must be so, besides the light, before one begins. */
  readonly rig: Partial<Pick<Settings, 'support' | 'series' | 'lens'>>;
  /** All of what is judged. */
  readonly criteria: readonly Criterion[];
  /** Several frames of one press may share the work; left out: one frame must do. */
  readonly shares?: true;
  /** One of the frames of a press is to be marked, and is judged against the others. */
  readonly picks?: true;
  /** Id of the note that says how. */
  readonly note: string;
}
