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
  type LensModel,
  type SharpZone,
} from '@velmo/core/optics';
import { sharpHalfWidth } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import type { FocusControl } from '../device/capabilities';

/** What looks sharp in a picture cropped so, with the lens at a focus. */
export const zoneAt = (lens: LensModel, crop: number, dioptres: number): SharpZone =>
  sharpZone(lens, circleOfConfusionMm(lens, crop), distanceOf(dioptres));

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
    zoneOf: (dioptres) => zoneAt(lens, crop, dioptres),
    hyperfocalM: hyperfocalM(lens, circle),
    sharpHalfWidth: lens.fixedFocusM === null ? sharpHalfWidth(lens, circle) : null,
    findsAtPlace: lens.fixedFocusM === null,
  };
}
