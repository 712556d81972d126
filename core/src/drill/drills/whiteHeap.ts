import { clean, tone, unclipped } from '../criteria/exposure';
import type { Drill } from '../drill';
import { WHITE_HEAP } from './places';
import { HAND } from './rigs';

export const whiteHeap: Drill = {
  id: 'white-heap',
  title: 'White as salt',
  wish: 'The white heap looks white: two stops over mid-grey, and nothing of it lost.',
  sceneId: 'pans-at-noon',
  rig: HAND,
  criteria: [tone(WHITE_HEAP, 2), unclipped(WHITE_HEAP), clean(WHITE_HEAP)],
  note: 'subjects',
};
