import type { SharpZone } from '../optics/depthOfField';
import type { DepthMap } from '../sensor/lightPlane';

/** Ways of showing depth instead of the picture alone: what is sharp, or how far everything is. */
export const DEPTH_LOOKS = ['off', 'zone', 'distance'] as const;
export type DepthLook = (typeof DEPTH_LOOKS)[number];

const PITCH = 8;
/** What is out of the zone is shown in greys, this much darker. */
const OUTSIDE = 0.55;
const LINE = [150, 92, 255] as const;

/**
 * Shows what is sharp: the zone keeps its picture; what is nearer is grey under stripes rising to
 * the right, what is farther grey under level lines, so that both read without colour.
 *
 * @param rgba the picture, `4 * width * height`, changed in place
 */
export function printSharpZone(
  { width, height, depthM }: DepthMap,
  { nearM, farM }: SharpZone,
  rgba: Uint8ClampedArray,
): void {
  for (let y = 0, p = 0; y < height; y++)
    for (let x = 0; x < width; x++, p++) {
      const d = depthM[p];
      if (d >= nearM && d <= farM) continue;
      const o = 4 * p;
      const luma = OUTSIDE * (0.2126 * rgba[o] + 0.7152 * rgba[o + 1] + 0.0722 * rgba[o + 2]);
      const striped = d < nearM ? (x + y) % PITCH < 2 : y % PITCH < 2;
      const grey = striped ? 0.45 * luma + 90 : luma;
      rgba[o] = grey;
      rgba[o + 1] = grey;
      rgba[o + 2] = grey;
    }
}

/** Distances between which tones run from paper to black, even in dioptres of their square root. */
const LIGHTEST_M = 0.25;

/**
 * Shows how far everything is: tones from light (near) to dark (far), a dark contour at every
 * doubling from 1/4 m on, and the limits of the sharp zone as violet lines.
 *
 * @param rgba receives the tones, `4 * width * height`
 */
export function printDistances(
  { width, height, depthM }: DepthMap,
  zone: SharpZone,
  rgba: Uint8ClampedArray,
): void {
  for (let y = 0, p = 0; y < height; y++)
    for (let x = 0; x < width; x++, p++) {
      const d = depthM[p];
      const o = 4 * p;
      const right = x + 1 < width ? depthM[p + 1] : d;
      const below = y + 1 < height ? depthM[p + width] : d;
      if (zoneOf(d, zone) !== zoneOf(right, zone) || zoneOf(d, zone) !== zoneOf(below, zone)) {
        rgba[o] = LINE[0];
        rgba[o + 1] = LINE[1];
        rgba[o + 2] = LINE[2];
        continue;
      }
      const contour = doublings(d) !== doublings(right) || doublings(d) !== doublings(below);
      const tone = 20 + 215 * Math.min(1, Math.sqrt(LIGHTEST_M / d));
      const grey = contour ? 0.5 * tone : tone;
      rgba[o] = grey;
      rgba[o + 1] = grey;
      rgba[o + 2] = grey;
    }
}

const zoneOf = (d: number, { nearM, farM }: SharpZone): number =>
  d < nearM ? -1 : d > farM ? 1 : 0;

/** Whole doublings of 1/4 m in a distance; the sky is the twelfth. */
const doublings = (d: number): number =>
  Math.min(12, Math.max(0, Math.floor(Math.log2(d / LIGHTEST_M))));
