import { FIRST_SERIES } from '../../series/kinds';
import type { Rule } from '../finding';

/** What moves stands elsewhere in each frame of a bracket or of focus steps. */
export const seriesMoves: Rule = ({ context, series, settings }) => {
  const { kind } = settings.series;
  if (!series || !context.subject || (kind !== 'bracket' && kind !== 'focus')) return null;
  return {
    id: 'series-moves',
    weight: 18,
    text: `${context.subject.name} moves from frame to frame: each will show it elsewhere.`,
    repairs: [{ label: 'One frame', settings: { ...settings, series: FIRST_SERIES.single } }],
  };
};
