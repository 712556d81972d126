// Searches for focus by phase on pieces of the simulated sensor, in a process of its own: Jest's
// sandbox slows number crunching tenfold. Prints one outcome for every trial given as JSON on the
// command line.
import { readPhase } from '@velmo/core/simulate';
import {
  circleOfConfusionMm,
  defocusOf,
  findLens,
  hyperfocalM,
  lensFocus,
  phaseSearch,
} from '@velmo/core/optics';
import { framingPixel } from '@velmo/core/scene';
import { photositeResponse } from '@velmo/core/sensor';
import { sharpHalfWidth } from '@velmo/core/series';
import { aimedAt, type Trial } from '../support/focusWall';

const PHOTOSITES = 144;

/**
 * Where a search from a place ends, after how many looks; and what the first look said of the
 * defocus.
 */
function search(trial: Trial & { readonly from: number }) {
  const lens = findLens(trial.lens)!;
  const { piece, framing } = aimedAt(trial, PHOTOSITES);
  const response = photositeResponse(lens.sensor, 100, 1);
  const pxPerDioptre = (dioptres: number): number =>
    defocusOf(lens, dioptres, framingPixel(framing)).pxPerDioptre;
  const steps = phaseSearch(trial.from, {
    hyperfocalDioptres: 1 / hyperfocalM(lens, circleOfConfusionMm(lens)),
    sharpHalfWidth: sharpHalfWidth(lens, circleOfConfusionMm(lens)),
    clamp: (dioptres) => lensFocus(lens, dioptres),
    pxPerDioptre,
  });
  let looks = 0;
  let first: { radiusPx: number; trueRadiusPx: number } | null = null;
  let step = steps.next();
  while (!step.done) {
    const dioptres = step.value;
    const exposure = {
      response,
      dioptres,
      timeS: 1 / 125,
      startS: 0,
      filterStops: 0,
      steady: true,
      stabiliserStops: 0,
      shakeSeed: 1,
      seed: (trial.seed * 1000 + looks * 7) >>> 0,
    };
    const seen = readPhase(piece.phase(exposure));
    // The thin lens: radius of the blur of what lies at the wall's distance.
    const trueRadiusPx = pxPerDioptre(dioptres) * (trial.dioptres - dioptres);
    first ??= { radiusPx: seen.radiusPx, trueRadiusPx };
    looks++;
    step = steps.next(seen);
  }
  return { ...step.value, looks, first };
}

process.stdout.write(
  JSON.stringify((JSON.parse(process.argv[2]) as Parameters<typeof search>[0][]).map(search)),
);
