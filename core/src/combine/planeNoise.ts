import type { Plane } from './pyramid';

/**
 * Standard deviation of a plane's noise: mean size of its second differences, which even surfaces
 * and straight edges do not have (Immerkær 1996, Fast Noise Variance Estimation).
 */
export function planeNoise({ data, width, height }: Plane): number {
  let sum = 0;
  for (let y = 1; y < height - 1; y++)
    for (let x = 1, i = y * width + 1; x < width - 1; x++, i++) {
      const corners =
        data[i - width - 1] + data[i - width + 1] + data[i + width - 1] + data[i + width + 1];
      const sides = data[i - width] + data[i - 1] + data[i + 1] + data[i + width];
      const value = corners - 2 * sides + 4 * data[i];
      sum += value < 0 ? -value : value;
    }
  return (Math.sqrt(Math.PI / 2) * sum) / (6 * Math.max(1, (width - 2) * (height - 2)));
}
