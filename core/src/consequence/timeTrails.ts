import { timeSFromClick } from '../exposure/clicks';
import { fiveHundredRuleS, TRAIL_LIMIT_PX, trailPx } from '../optics/skyTrail';
import type { BandRule } from './band';

/** Times in which stars trail, by the sky's real motion; the 500 rule as a second opinion. */
export const timeTrails: BandRule = ({ optics, sky }, range) => {
  if (!optics || !sky) return [];
  const px = (timeS: number): number => trailPx(timeS, sky.cosDeclination, optics.pixelAngleRad);
  let from = range.min;
  while (from <= range.max && px(timeSFromClick(from)) <= TRAIL_LIMIT_PX) from++;
  if (from > range.max) return [];
  const rule = Math.round(fiveHundredRuleS(optics.focalLength35Mm));
  const limitS = TRAIL_LIMIT_PX / px(1);
  return [
    {
      id: 'trails',
      from,
      to: range.max,
      label: `stars trail · 500/f: ${rule} s`,
      detail: `Stars stay points (${TRAIL_LIMIT_PX} px) to ${limitS.toFixed(0)} s; the 500 rule says ${rule} s.`,
      weight: 'fault',
    },
  ];
};
