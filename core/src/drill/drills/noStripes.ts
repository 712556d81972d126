import { clean, tone } from '../criteria/exposure';
import { sharp, unstriped } from '../criteria/sharpness';
import type { Drill } from '../drill';
import { BENCH_CARD } from './places';
import { HAND } from './rigs';

export const noStripes: Drill = {
  id: 'no-stripes',
  title: 'Under the lamp',
  wish: 'The card under the lamp on mid-grey, by hand and sharp, without a stripe.',
  sceneId: 'packing-bench',
  rig: HAND,
  criteria: [unstriped, tone(BENCH_CARD, 0), sharp(BENCH_CARD), clean(BENCH_CARD)],
  note: 'lamps',
};
