import { clean, tone } from '../criteria/exposure';
import type { Drill } from '../drill';
import { DOORWAY } from './places';
import { HAND } from './rigs';

export const inTheDoorway: Drill = {
  id: 'in-the-doorway',
  title: 'Into the doorway',
  wish: 'What is behind the dark doorway, two stops under mid-grey, by hand; the heaps may go.',
  sceneId: 'pans-at-noon',
  rig: HAND,
  criteria: [tone(DOORWAY, -2), clean(DOORWAY)],
  note: 'patterns',
};
