import { clean, tone } from '../criteria/exposure';
import { sharp } from '../criteria/sharpness';
import type { Drill } from '../drill';
import { EVENING_SKY, STONES } from './places';
import { HAND } from './rigs';

export const byHandAtDusk: Drill = {
  id: 'by-hand-at-dusk',
  title: 'By hand at dusk',
  wish: 'By hand after sunset: the stones sharp, the sky a stop over mid-grey, as clean as that allows.',
  sceneId: 'sluice-at-dusk',
  rig: HAND,
  criteria: [tone(EVENING_SKY, 1), sharp(STONES), clean(EVENING_SKY)],
  note: 'shake',
};
