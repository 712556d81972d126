// Searches for focus on pieces of the simulated sensor, in a process of its own: Jest's sandbox
// slows number crunching tenfold. Prints one outcome for every trial given as JSON on the command
// line.
import {
  contrastSearch,
  dioptresOfClick,
  findLens,
  focusClickOf,
  focusClickRange,
  type SearchOutcome,
} from '@velmo/core/optics';
import { photositeResponse } from '@velmo/core/sensor';
import { sharpnessOf, type Sharpness } from '@velmo/core/monitor';
import { aimedAt, type Trial } from '../support/focusWall';

const PHOTOSITES = 48;

function search(trial: Trial): SearchOutcome {
  const lens = findLens(trial.lens)!;
  const { piece } = aimedAt(trial, PHOTOSITES);
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
const outcomeOf = (trial: Trial) => {
  const outcome = search(trial);
  const off = outcome.found
    ? Math.abs(outcome.click - focusClickOf(findLens(trial.lens)!, trial.dioptres))
    : null;
  return { ...outcome, off };
};

process.stdout.write(JSON.stringify((JSON.parse(process.argv[2]) as Trial[]).map(outcomeOf)));
