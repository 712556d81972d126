import type { Rule } from '../finding';

/** So many focus steps do not reach: what lies between their zones stays unsharp. */
export const seriesGap: Rule = ({ settings, series }) => {
  const steps = settings.series;
  if (!series || steps.kind !== 'focus' || series.focusGapDioptres <= 0) return null;
  const repairs =
    steps.overlap > 0
      ? [{ label: 'No overlap', settings: { ...settings, series: { ...steps, overlap: 0 } } }]
      : [];
  return {
    id: 'series-gap',
    weight: 80,
    text: `${series.frames} focus steps do not reach from end to end: gaps between them stay unsharp.`,
    repairs,
  };
};
