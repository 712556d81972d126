import { circleOfConfusionMm, hyperfocalM } from '../depthOfField';
import { dioptresOf } from '../defocus';
import type { LensModel } from '../lenses';

/** Detents from infinity to the hyperfocal distance. */
const CLICKS_TO_HYPERFOCAL = 6;
/** Detents beyond infinity: lenses and warmth differ, so a focus ring never ends there. */
const CLICKS_BEYOND = 3;

/**
 * Focus is counted in detents that are even in dioptres: 0 is infinity, nearer is negative. Six of
 * them lead to the hyperfocal distance, so that on every lens the sharp zone is twelve detents wide
 * wherever it lies.
 */
export const focusClicksPerDioptre = (lens: LensModel): number =>
  CLICKS_TO_HYPERFOCAL * hyperfocalM(lens, circleOfConfusionMm(lens));

export const focusClickOf = (lens: LensModel, dioptres: number): number =>
  -dioptres * focusClicksPerDioptre(lens) || 0;

export const dioptresOfClick = (lens: LensModel, click: number): number =>
  -click / focusClicksPerDioptre(lens) || 0;

/** First and last detent of a lens: its closest distance, and a little beyond infinity. */
export const focusClickRange = (
  lens: LensModel,
): { readonly min: number; readonly max: number } => ({
  min: Math.ceil(focusClickOf(lens, dioptresOf(lens.closestM)) - 1e-9),
  max: CLICKS_BEYOND,
});

/**
 * Where a lens really stands when it is asked for a focus: within its reach, or where it is fixed.
 */
export function lensFocus(lens: LensModel, dioptres: number): number {
  if (lens.fixedFocusM !== null) return dioptresOf(lens.fixedFocusM);
  const furthest = dioptresOfClick(lens, CLICKS_BEYOND);
  return Math.min(dioptresOf(lens.closestM), Math.max(furthest, dioptres));
}
