import { clean, unclipped } from '../criteria/exposure';
import type { Drill } from '../drill';
import { DOORWAY, WHITE_HEAP } from './places';
import { HAND } from './rigs';

export const lastClick: Drill = {
  id: 'last-click',
  title: 'The last clean click',
  wish: 'All the light the raw can take: one click more, and the white heap would lose its texture.',
  sceneId: 'pans-at-noon',
  rig: HAND,
  criteria: [unclipped(WHITE_HEAP), clean(DOORWAY)],
  note: 'pushing-right',
};
