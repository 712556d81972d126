import { framedSize, type Reframe } from '@velmo/core/recipe';
import type { Size } from '../../frame/shownPicture';

/** "1.2°", with its sign where it has one. */
export const tiltText = (tenths: number): string =>
  `${tenths < 0 ? '−' : ''}${(Math.abs(tenths) / 10).toFixed(1)}°`;

const TURNS = ['', 'turned right', 'turned about', 'turned left'] as const;

/**
 * "3024 × 2016, turned right, straightened 1.2°": what is left of a picture, and how it is seen.
 */
export function reframeWords(reframe: Reframe, taken: Size): string {
  const { width, height } = framedSize(reframe, taken);
  const share = Math.round((100 * width * height) / (taken.width * taken.height));
  return [
    `${width} × ${height} photosites, ${share} % of the frame`,
    TURNS[reframe.quarters],
    reframe.tilt === 0 ? '' : `straightened ${tiltText(reframe.tilt)}`,
  ]
    .filter(Boolean)
    .join(', ');
}
