// Searches for focus on pieces of the simulated sensor, in a process of its own: Jest's sandbox
// slows number crunching tenfold. Prints one outcome for every trial given as JSON on the command
// line.
import { SensorRegion } from '@velmo/core/simulate';
import {
  contrastSearch,
  dioptresOfClick,
  distanceOf,
  findLens,
  focusClickOf,
  focusClickRange,
  halfLongTangent,
  type SearchOutcome,
} from '@velmo/core/optics';
import { findScene, type Framing } from '@velmo/core/scene';
import { photositeResponse } from '@velmo/core/sensor';
import { sharpnessOf, type Sharpness } from '@velmo/core/monitor';

const PHOTOSITES = 48;

/** A wall at a distance, its grain about a photosite wide; texture 0 is a blank one. */
interface Trial {
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
    sample(dx: number, dy: number, dz: number, _footprint: number, out: Float64Array): void {
      const [x, y] = [Math.floor((dx / dz) * 2600), Math.floor((dy / dz) * 2600)];
      const mixed = Math.imul(x * 73856093 + seed, 19349663) ^ Math.imul(y, 83492791);
      const level = luminance * (1 + texture * (((mixed >>> 8) % 1000) / 500 - 1));
      out.set([level * 0.96, level, level * 0.82, distanceM / dz, 0.2]);
    },
  };
}

function search(trial: Trial): SearchOutcome {
  const lens = findLens(trial.lens)!;
  const framing: Framing = {
    yawRad: 0,
    pitchRad: 0,
    halfLongTangent: halfLongTangent(lens, 1),
    longPx: 4032,
    shortPx: 3024,
    layout: 'level',
  };
  const piece = new SensorRegion(PHOTOSITES);
  piece.aim({ scene: wall(trial), framing, lens, torch: false }, 2000, 1500);
  const response = photositeResponse(lens.sensor, 100, 1);
  const look = (click: number): Sharpness => {
    piece.expose({
      response,
      dioptres: dioptresOfClick(lens, click),
      timeS: 1 / 125,
      startS: 0,
      filterStops: 0,
      steady: true,
      stabiliserStops: 0,
      shakeSeed: 1,
      seed: (trial.seed * 1000 + click * 7) >>> 0,
    });
    return sharpnessOf(piece.raw, PHOTOSITES, PHOTOSITES, response);
  };
  const steps = contrastSearch(focusClickRange(lens), -6);
  let step = steps.next();
  while (!step.done) step = steps.next(look(step.value));
  return step.value;
}

/** The outcome, and how many detents off the wall it is. */
const outcomes = (JSON.parse(process.argv[2]) as Trial[]).map((trial) => {
  const outcome = search(trial);
  const off = outcome.found
    ? Math.abs(outcome.click - focusClickOf(findLens(trial.lens)!, trial.dioptres))
    : null;
  return { ...outcome, off };
});
process.stdout.write(JSON.stringify(outcomes));
