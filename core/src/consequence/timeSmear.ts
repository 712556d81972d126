import { clickFromTimeS, timeSFromClick } from '../exposure/clicks';
import { nominalTime } from '../exposure/nominal';
import { circlePx } from '../optics/circleOfConfusion';
import { smearPx } from '../optics/smear';
import type { BandRule } from './band';
import type { ExposureContext } from './exposureContext';

/** Pixels the subject smears by in a time; 0 when nothing is known to move. */
export const subjectSmearPx = ({ optics, subject }: ExposureContext, timeS: number): number =>
  optics && subject ? smearPx(subject.speedMS, subject.distanceM, timeS, optics.pixelAngleRad) : 0;

/**
 * Longest click at which the subject smears by less than the circle of confusion; null: it does not
 * move.
 */
export function longestSharpSubjectClick(context: ExposureContext): number | null {
  const { optics } = context;
  const perSecond = subjectSmearPx(context, 1);
  if (!optics || perSecond === 0) return null;
  const limitS = circlePx(optics.diagonalPx) / perSecond;
  const click = clickFromTimeS(limitS);
  return timeSFromClick(click) > limitS * 1.0001 ? click - 1 : click;
}

/** Times in which the subject moves by more than the circle of confusion. */
export const timeSmear: BandRule = (context, range) => {
  const limit = longestSharpSubjectClick(context);
  if (limit === null || limit >= range.max || !context.subject) return [];
  const { name, distanceM } = context.subject;
  const px = subjectSmearPx(context, timeSFromClick(limit + 3));
  return [
    {
      id: 'smears',
      from: Math.max(range.min, limit + 1),
      to: range.max,
      label: `${name} smears`,
      detail: `${name} at ${distanceM.toFixed(1)} m: sharp to ${nominalTime(limit)} s; at ${nominalTime(limit + 3)} s it smears by ${px.toFixed(1)} px.`,
      weight: 'caution',
    },
  ];
};
