import { clean, isoAtMost } from '../criteria/exposure';
import { points } from '../criteria/sharpness';
import type { Drill } from '../drill';
import { DARK_SKY } from './places';
import { TRIPOD } from './rigs';

const ISO_1600 = 12;

export const starsAsPoints: Drill = {
  id: 'stars-as-points',
  title: 'Stars as points',
  wish: 'Stars as points in as clean a sky as can be, at no more than ISO 1600.',
  sceneId: 'stars-over-the-pans',
  rig: TRIPOD,
  criteria: [points, isoAtMost(ISO_1600), clean(DARK_SKY)],
  note: 'stars',
};
