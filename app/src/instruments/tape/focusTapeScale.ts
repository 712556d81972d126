import {
  dioptresOf,
  distanceFigures,
  distanceOf,
  formatDistance,
  METRES_A_FOOT,
  type DistanceUnit,
} from '@velmo/core/optics';
import type { TapeScale } from './tapeScale';

/** What a scale needs to know of a lens. */
interface FocusDetents {
  readonly range: { readonly min: number; readonly max: number };
  readonly clickOf: (dioptres: number) => number;
  readonly dioptresOf: (click: number) => number;
  readonly steps: boolean;
  readonly hyperfocalM: number | null;
}

/** Distances that are engraved where there is room, the roundest first. */
const ENGRAVED: Readonly<Record<DistanceUnit, readonly number[]>> = {
  m: [1, 0.1, 10, 0.5, 5, 0.2, 2, 0.3, 3, 0.15, 1.5, 0.7, 0.4, 4, 0.25, 0.6, 0.8, 1.2, 0.12, 20],
  ft: [1, 10, 0.5, 5, 2, 3, 1.5, 4, 0.7, 7, 0.4, 2.5, 0.33, 1.2, 0.6, 0.8, 6, 20, 50],
};
/** Detents that a number needs for itself. */
const ROOM = 3;

/**
 * The engraving of a focus tape: distances on a scale that is even in dioptres, infinity, and H for
 * the hyperfocal distance.
 */
export function focusTapeScale(detents: FocusDetents, unit: DistanceUnit): TapeScale {
  const { clickOf, steps, hyperfocalM, range } = detents;
  if (steps) return stepScale(range);
  const far = clickOf(0);
  const engraved = [{ click: far, text: '∞' }];
  if (hyperfocalM !== null)
    engraved.unshift({ click: clickOf(dioptresOf(hyperfocalM)), text: 'H' });
  for (const value of ENGRAVED[unit]) {
    const metres = unit === 'ft' ? value * METRES_A_FOOT : value;
    const click = clickOf(dioptresOf(metres));
    if (click < range.min - 1 || engraved.some((e) => Math.abs(e.click - click) < ROOM)) continue;
    engraved.push({ click, text: distanceFigures(metres, unit) });
  }
  const words = (click: number): string => {
    const dioptres = detents.dioptresOf(click);
    return dioptres < -1e-6 ? 'past ∞' : formatDistance(distanceOf(dioptres), unit);
  };
  return {
    name: 'Focus',
    engrave: words,
    readout: words,
    speak: (click) => words(click).replace('∞', 'infinity'),
    majorEvery: 6,
    engraved,
  };
}

/**
 * A device that counts steps of its own: how far they focus is not known, so no distance is shown.
 */
function stepScale(range: FocusDetents['range']): TapeScale {
  const step = (click: number): number => Math.round(click - range.min);
  const every = step(range.max) > 60 ? 10 : 5;
  const engraved = Array.from({ length: Math.floor(step(range.max) / every) + 1 }, (_, i) => ({
    click: range.min + i * every,
    text: `${i * every}`,
  }));
  return {
    name: 'Focus',
    engrave: (click) => `${step(click)}`,
    readout: (click) => `step ${step(click)}`,
    speak: (click) => `step ${step(click)} of ${step(range.max)}`,
    majorEvery: every,
    engraved,
  };
}
