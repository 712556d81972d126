import { AUTO_FOCUS } from '../../settings/settings';
import { heldAtBase, onTripod } from './base';
import { steadyUnderLamps, whiteAsRead } from './exposeFor';
import type { StartingPoint } from './startingPoint';

/** 1/25 s: a whole number of pulses of lamps on 50 Hz. */
const USUAL_TIME = -14;

export const pageCopy: StartingPoint = {
  id: 'page-copy',
  name: 'Copy of a page',
  why: 'The long lens keeps edges straight; paper lies just under clipping, white is held.',
  next: 'Next: phone parallel to the page, light from both sides, White tapped on paper.',
  parts: ['exposure', 'focus', 'white', 'rig', 'files', 'series'],
  meant: {},
  begin: (s, camera) => ({
    ...heldAtBase(onTripod(s), camera, USUAL_TIME),
    lens: 'tele',
    crop: 1,
    // Focus is found once, so that it does not hunt between pages.
    focus: { ...AUTO_FOCUS, follow: false },
    files: 'dng+jpeg',
    aspect: '4:3',
    average: 1,
  }),
  fit: (s, light, camera) => whiteAsRead(steadyUnderLamps(s, light, camera), light),
};
