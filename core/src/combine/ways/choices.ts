import type { FinishChoices } from '../finish/choices';
import type { MovedChoice } from './way';
import type { WayId } from './wayIds';

/** All that decides what frames become: plain, so that it can be kept beside what was made. */
export interface CombineChoices {
  readonly way: WayId;
  /** Where another frame was chosen for what moved. */
  readonly moved: readonly MovedChoice[];
  /** How its range was finished; null: it is developed as any raw is. */
  readonly finish: FinishChoices | null;
  /** Its raw is of floating-point numbers. */
  readonly floating: boolean;
}
