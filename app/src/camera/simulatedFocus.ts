import {
  circleOfConfusionMm,
  dioptresOfClick,
  distanceOf,
  findLens,
  focusClickOf,
  focusClickRange,
  hyperfocalM,
  LENSES,
  sharpZone,
} from '@velmo/core/optics';
import type { Settings } from '@velmo/core/settings';
import type { FocusControl } from './CameraDevice';

/** How the simulated lenses focus. */
export function simulatedFocus({ lens: id, crop }: Settings): FocusControl {
  const lens = findLens(id) ?? LENSES[1];
  const circle = circleOfConfusionMm(lens, crop);
  return {
    range: lens.fixedFocusM === null ? focusClickRange(lens) : null,
    clickOf: (dioptres) => focusClickOf(lens, dioptres),
    dioptresOf: (click) => dioptresOfClick(lens, click),
    steps: false,
    fixedM: lens.fixedFocusM,
    zoneOf: (dioptres) => sharpZone(lens, circle, distanceOf(dioptres)),
    hyperfocalM: hyperfocalM(lens, circle),
    findsAtPlace: lens.fixedFocusM === null,
  };
}
