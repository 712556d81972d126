import { clean, tone } from '../criteria/exposure';
import { sharp } from '../criteria/sharpness';
import type { Drill } from '../drill';
import { CARD_CORNER, GREY_CARD } from './places';
import { HAND } from './rigs';

export const greyCard: Drill = {
  id: 'grey-card',
  title: 'The grey card',
  wish: 'The grey card stands exactly on mid-grey, by hand and sharp.',
  sceneId: 'test-wall',
  rig: HAND,
  criteria: [tone(GREY_CARD, 0), sharp(CARD_CORNER), clean(GREY_CARD)],
  note: 'subjects',
};
