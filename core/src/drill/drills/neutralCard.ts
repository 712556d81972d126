import { clean, tone } from '../criteria/exposure';
import { neutralGrey } from '../criteria/neutral';
import type { Drill } from '../drill';
import { BENCH_CARD } from './places';
import { TRIPOD } from './rigs';

export const neutralCard: Drill = {
  id: 'neutral-card',
  title: 'Grey under a warm lamp',
  wish: 'The card on the bench is grey: it shall look neither yellow nor blue, and stand on mid-grey.',
  sceneId: 'packing-bench',
  rig: TRIPOD,
  criteria: [neutralGrey(BENCH_CARD), tone(BENCH_CARD, 0), clean(BENCH_CARD)],
  note: 'white',
};
