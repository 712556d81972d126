import { framingSize, rayCaster, type Framing } from './framing';
import type { Scene } from './scene';

/** Places of the picture looked at along each side. */
const GRID = 9;

/**
 * Cosine of the declination of the fastest star in a framing, 1 when the celestial equator crosses
 * it; null when the scene has no stars or the picture no sky.
 */
export function fastestSky(scene: Scene, framing: Framing): number | null {
  const { skyPole } = scene;
  if (!skyPole) return null;
  const { width, height } = framingSize(framing);
  const cast = rayCaster(framing);
  const ray = new Float64Array(4);
  let fastest: number | null = null;
  for (let j = 0; j <= GRID; j++)
    for (let i = 0; i <= GRID; i++) {
      cast((width * i) / GRID, (height * j) / GRID, ray);
      if (ray[1] <= 0) continue;
      const sine = ray[0] * skyPole[0] + ray[1] * skyPole[1] + ray[2] * skyPole[2];
      fastest = Math.max(fastest ?? 0, Math.sqrt(Math.max(0, 1 - sine * sine)));
    }
  return fastest;
}
