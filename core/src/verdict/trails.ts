import { timeTrails } from '../consequence/timeTrails';
import { timeSFromClick } from '../exposure/clicks';
import { nominalTime, TIME_CLICKS } from '../exposure/nominal';
import { trailPx } from '../optics/skyTrail';
import type { Rule } from './finding';
import { retime } from './repairs';

/** Stars drawn out by the turning sky. */
export const trails: Rule = (input) => {
  const { context, solution } = input;
  const [band] = timeTrails(context, input.ranges.time ?? TIME_CLICKS);
  const time = Math.round(solution.timeClick);
  if (!band || time < band.from || !context.optics || !context.sky) return null;
  const { cosDeclination } = context.sky;
  const px = trailPx(timeSFromClick(time), cosDeclination, context.optics.pixelAngleRad);
  return {
    id: 'trails',
    weight: 50,
    text: `Stars trail by ${px.toFixed(1)} px in ${nominalTime(time)} s.`,
    repairs: retime(input, band.from - 1),
  };
};
