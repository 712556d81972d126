import { clean, unclipped } from '../criteria/exposure';
import { flowing } from '../criteria/sharpness';
import type { Drill } from '../drill';
import { FALLING_WATER, STONES, WATER } from './places';
import { TRIPOD } from './rigs';

export const flowingWater: Drill = {
  id: 'flowing-water',
  title: 'The water flows',
  wish: 'Now let the water flow like cloth, and lose nothing of it; the stones as clean as can be.',
  sceneId: 'sluice-at-dusk',
  rig: TRIPOD,
  criteria: [flowing(WATER, 400), unclipped(FALLING_WATER), clean(STONES)],
  note: 'motion',
};
