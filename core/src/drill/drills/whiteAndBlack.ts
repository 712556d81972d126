import { clean, unclipped } from '../criteria/exposure';
import type { Drill } from '../drill';
import { BLACK_CARD, WHITE_CARD } from './places';
import { TRIPOD } from './rigs';

export const whiteAndBlack: Drill = {
  id: 'white-and-black',
  title: 'White and black',
  wish: 'The black card as clean as it can be, the white card beside it whole.',
  sceneId: 'test-wall',
  rig: TRIPOD,
  criteria: [unclipped(WHITE_CARD), clean(BLACK_CARD)],
  note: 'pushing-right',
};
