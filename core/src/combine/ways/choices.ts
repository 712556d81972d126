import type { FinishChoices } from '../finish/choices';
import type { Corrections } from './way';
import type { WayId } from './wayIds';

/** All that decides what frames become: plain, so that it can be kept beside what was made. */
export interface CombineChoices extends Corrections {
  readonly way: WayId;
  /** How its range was finished; null: it is developed as any raw is. */
  readonly finish: FinishChoices | null;
  /** Its raw is of floating-point numbers. */
  readonly floating: boolean;
}
