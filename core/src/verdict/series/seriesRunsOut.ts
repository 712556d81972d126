import { formatStops } from '../../exposure/thirds';
import type { Repair, Rule, VerdictInput } from '../finding';
import { addFilter } from '../repairs';

/** Steps so small that the camera reaches them all. */
function smallerSteps({ settings, series }: VerdictInput): Repair[] {
  const bracket = settings.series;
  if (!series || bracket.kind !== 'bracket') return [];
  const { dark, bright } = series.missingClicks;
  const middle = Math.floor(bracket.frames / 2);
  const steps = [
    dark > 0 ? -series.darkestClicks / middle : bracket.stepClicks,
    bright > 0 ? series.brightestClicks / (bracket.frames - 1 - middle) : bracket.stepClicks,
  ];
  const stepClicks = Math.floor(Math.min(...steps));
  if (!(stepClicks >= 1)) return [];
  const smaller = { ...bracket, stepClicks };
  return [
    { label: `${formatStops(stepClicks)} apart`, settings: { ...settings, series: smaller } },
  ];
}

/** Time and ISO end before the bracket does. */
export const seriesRunsOut: Rule = (input) => {
  const { series } = input;
  if (!series) return null;
  const { dark, bright } = series.missingClicks;
  if (dark === 0 && bright === 0) return null;
  const words =
    dark > 0
      ? `Time ends: the darkest frame is ${formatStops(dark)} brighter than asked.`
      : `Time and ISO end: the brightest frame is ${formatStops(bright)} darker than asked.`;
  // Behind a filter all times are longer: the darkest is there.
  const filter = dark > 0 && input.settings.time.mode === 'auto' ? addFilter(input, dark) : [];
  return {
    id: 'series-runs-out',
    weight: 50,
    text: words,
    repairs: [...smallerSteps(input), ...filter],
  };
};
