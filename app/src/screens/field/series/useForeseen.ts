import { useValue } from '../../../state/store';
import { foreseenNow, type Foreseen } from './foreseen';

/** What a press would make now; null before the first frame, or where the camera cannot. */
export const useForeseen = (): Foreseen | null => useValue(foreseenNow);
