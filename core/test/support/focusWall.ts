import { SensorRegion } from '@velmo/core/simulate';
import { distanceOf, findLens, halfLongTangent } from '@velmo/core/optics';
import { findScene, type Framing } from '@velmo/core/scene';
import { multiplyVec } from '../../src/colour/mat3';
import { XYZ_TO_SRGB } from '../../src/colour/srgb';
import { put } from '../../src/scene/rays/four';
import { BLUE, DISTANCE, GREEN, RED, REFLECTANCE } from '../../src/scene/rays/registers';

/** A wall at a distance, its grain about a photosite wide; texture 0 is a blank one. */
export interface Trial {
  readonly lens: 'main' | 'tele';
  readonly dioptres: number;
  readonly luminance: number;
  readonly texture: number;
  readonly seed: number;
}

function wall({ dioptres, luminance, texture, seed }: Trial) {
  const distanceM = distanceOf(dioptres);
  return {
    ...findScene('test-wall')!,
    lightField: {
      look(dx: number, dy: number, dz: number): void {
        const [x, y] = [Math.floor((dx / dz) * 2600), Math.floor((dy / dz) * 2600)];
        const mixed = Math.imul(x * 73856093 + seed, 19349663) ^ Math.imul(y, 83492791);
        const level = luminance * (1 + texture * (((mixed >>> 8) % 1000) / 500 - 1));
        const [r, g, b] = multiplyVec(XYZ_TO_SRGB, [level * 0.96, level, level * 0.82]);
        put(RED, r);
        put(GREEN, g);
        put(BLUE, b);
        put(DISTANCE, distanceM / dz);
        put(REFLECTANCE, 0.2);
      },
    },
  };
}

/** A piece of the sensor that looks at a trial's wall. */
export function aimedAt(trial: Trial, photosites: number) {
  const lens = findLens(trial.lens)!;
  const framing: Framing = {
    yawRad: 0,
    pitchRad: 0,
    halfLongTangent: halfLongTangent(lens, 1),
    longPx: 4032,
    shortPx: 3024,
    layout: 'level',
  };
  const piece = new SensorRegion(photosites);
  piece.aim({ scene: wall(trial), framing, lens, torch: false }, 2000, 1500);
  return { piece, framing };
}
