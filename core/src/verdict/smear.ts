import { longestSharpSubjectClick, subjectSmearPx } from '../consequence/timeSmear';
import { timeSFromClick } from '../exposure/clicks';
import { nominalTime } from '../exposure/nominal';
import type { Rule } from './finding';
import { retime } from './repairs';

/**
 * The subject moves further than the circle of confusion. A time that is held may mean it: then it
 * weighs less.
 */
export const smear: Rule = (input) => {
  const { context, solution, settings } = input;
  const limit = longestSharpSubjectClick(context);
  const time = Math.round(solution.timeClick);
  if (limit === null || time <= limit || !context.subject) return null;
  const px = subjectSmearPx(context, timeSFromClick(time));
  return {
    id: 'smear',
    weight: settings.time.mode === 'held' ? 15 : 35,
    text: `${context.subject.name} smears by ${px < 10 ? px.toFixed(1) : Math.round(px)} px in ${nominalTime(time)} s.`,
    repairs: retime(input, limit),
  };
};
