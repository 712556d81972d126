import { subjectSmearPx } from '../../consequence/timeSmear';
import { timeSFromClick } from '../../exposure/clicks';
import { TIME_CLICKS } from '../../exposure/nominal';
import { AUTO, AUTO_FOCUS, held } from '../../settings/settings';
import { plainly } from './base';
import { isoByLight } from './exposeFor';
import type { LightSeen, StartingPoint } from './startingPoint';

/** 1/1000 s (common practice). */
const USUAL_TIME = -30;
/** What moves stays within a pixel. */
const MAX_SMEAR_PX = 1;
/** Too little light for it may darken the picture by a stop and a third. */
const MIN_COMP = -4;

/** Longest time that freezes what moves. */
function frozenTime({ context }: LightSeen): number {
  if (subjectSmearPx(context, 1) === 0) return USUAL_TIME;
  let click: number = TIME_CLICKS.min;
  while (subjectSmearPx(context, timeSFromClick(click + 1)) < MAX_SMEAR_PX) click++;
  return click;
}

export const movingFrozen: StartingPoint = {
  id: 'moving-frozen',
  name: 'Moving subject, frozen',
  why: 'Time first: so short that what moves stays within a pixel. ISO pays.',
  next: 'Next: tap it to focus, tell Rig its pace, take a burst for the one moment.',
  parts: ['exposure', 'focus', 'rig', 'series'],
  meant: { noise: 'Noise is the price of the short time.', crushed: 'Dark shadows are meant.' },
  begin: (s) => ({
    ...plainly(s),
    time: held(USUAL_TIME),
    iso: AUTO,
    meter: { ...s.meter, pattern: 'centre' },
    focus: AUTO_FOCUS,
  }),
  fit: (s, light, camera) => {
    const frozen = isoByLight({ ...s, time: held(frozenTime(light)) }, light, camera, MIN_COMP);
    // ISO goes on following the light where there is enough of it.
    return frozen.compClicks < 0 ? frozen : { ...frozen, iso: AUTO };
  },
};
