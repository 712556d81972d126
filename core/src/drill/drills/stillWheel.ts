import { clean, tone } from '../criteria/exposure';
import { frozen } from '../criteria/sharpness';
import type { Drill } from '../drill';
import { EVENING_SKY, WHEEL } from './places';
import { TRIPOD } from './rigs';

export const stillWheel: Drill = {
  id: 'still-wheel',
  title: 'The wheel stands still',
  wish: 'Freeze the turning wheel; the evening sky behind it stands on mid-grey.',
  sceneId: 'sluice-at-dusk',
  rig: TRIPOD,
  criteria: [frozen(WHEEL, 4), tone(EVENING_SKY, 0), clean(EVENING_SKY)],
  note: 'motion',
};
