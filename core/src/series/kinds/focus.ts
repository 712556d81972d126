import { focusedAt } from '../focusSteps';
import { STILL, type SeriesDefinition } from './definition';

/** Frames focused side by side, or at places chosen one by one. */
export const focus: SeriesDefinition<'focus'> = {
  first: { kind: 'focus', places: null, nearDioptres: 2, farDioptres: 0, overlap: 0.2 },
  frames: (series, sharpHalfWidth) => Math.max(1, focusedAt(sharpHalfWidth, series).length),
  steps: (series, _about, { sharpHalfWidth }) => {
    const places = focusedAt(sharpHalfWidth, series);
    if (places.length === 0) return [STILL];
    return places.map((focusDioptres) => ({ ...STILL, moves: { focusDioptres } }));
  },
};
