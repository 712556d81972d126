// Makes frames in drills with the simulated camera and judges their files, in a process of its own:
// Jest's sandbox slows number crunching tenfold. Prints as JSON what came of it.
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import jpeg from 'jpeg-js';
import {
  DRILLS,
  findDrill,
  judgeDrill,
  variationOf,
  type Best,
  type Drill,
  type Judgement,
} from '@velmo/core/drill';
import { decodeDng, readDng, type DecodedRaw } from '@velmo/core/files';
import { bracketFrames } from '@velmo/core/series';
import {
  assembleSimulatedDng,
  captureBand,
  plainShot,
  planSimulated,
  SIMULATED_ISO,
  SIMULATED_TIME,
  StillLight,
  type SimulatedShot,
} from '@velmo/core/simulate';
import { timeSFromClick } from '@velmo/core/exposure';
import { bestOf, lossesOf, sum } from '../../src/drill/best';
import { chosen, foreseenFrame, lightOf } from '../../src/drill/foreseen';

const NO_PREVIEW = new Uint8Array(
  jpeg.encode({ data: Buffer.alloc(4 * 16 * 16), width: 16, height: 16 }, 50).data,
);

const folder = mkdtempSync(join(tmpdir(), 'velmo-drill-'));
let files = 0;

/** A shot's file, written and read back as any reader would. */
function stored(shot: SimulatedShot, still: StillLight): string {
  const plan = planSimulated(shot);
  const bands = Array.from({ length: plan.bands }, (_, i) => captureBand(plan, i, () => {}, still));
  const path = join(folder, `${files++}.dng`);
  writeFileSync(path, Buffer.concat(assembleSimulatedDng(plan, bands, NO_PREVIEW)));
  return path;
}

const read = (path: string): DecodedRaw => decodeDng(readDng(new Uint8Array(readFileSync(path))));

/** Where one stands in a round of a drill. */
function standing(drill: Drill, round: number): SimulatedShot {
  return {
    ...plainShot(variationOf(drill, round).sceneId),
    steady: drill.rig.support === 'tripod',
    // Where a pixel or two of blur decide, the larger file.
    sizeMp: drill.id === 'three-jars' ? 12 : 3,
    upright: true,
    focusDioptres: 0.5,
    seed: 11 + round,
    drill: { id: drill.id, round },
  };
}

/** The frames that the best settings make. */
function bestShots(shot: SimulatedShot, { choice, bracket }: Best): SimulatedShot[] {
  const one = chosen(shot, choice);
  if (!bracket) return [one];
  const ranges = { time: SIMULATED_TIME, iso: SIMULATED_ISO };
  return bracketFrames(bracket, choice, ranges).map(({ timeClick, isoClick }, i) => ({
    ...one,
    timeS: timeSFromClick(timeClick),
    isoClick,
    seed: one.seed + i,
  }));
}

const judged = (drill: Drill, shots: readonly SimulatedShot[], still: StillLight): Judgement =>
  judgeDrill(
    drill,
    shots.map((shot) => read(stored(shot, still))),
  );

/** Weighted loss along each axis of the camera, from the best on, both ways. */
function axes(drill: Drill, shot: SimulatedShot, { choice }: Best) {
  const light = lightOf(shot);
  const loss = (change: Partial<typeof choice>): number =>
    sum(lossesOf(drill.criteria, foreseenFrame(chosen(shot, { ...choice, ...change }), light)));
  const way = (at: (k: number) => Partial<typeof choice>): number[] =>
    Array.from({ length: 10 }, (_, k) => loss(at(k)));
  const { timeClick, isoClick, focusDioptres, white } = choice;
  return {
    longer: way((k) => ({ timeClick: Math.min(SIMULATED_TIME.max, timeClick + k) })),
    shorter: way((k) => ({ timeClick: Math.max(SIMULATED_TIME.min, timeClick - k) })),
    moreIso: way((k) => ({ isoClick: Math.min(SIMULATED_ISO.max, isoClick + k) })),
    lessIso: way((k) => ({ isoClick: Math.max(SIMULATED_ISO.min, isoClick - k) })),
    nearer: way((k) => ({ focusDioptres: focusDioptres + k * 0.3 })),
    warmer: way((k) => ({ white: { ...white, kelvin: white.kelvin * 1.08 ** k } })),
    cooler: way((k) => ({ white: { ...white, kelvin: white.kelvin / 1.03 ** k } })),
  };
}

const refused = (work: () => unknown): string => {
  try {
    work();
    return '';
  } catch (error) {
    return `${(error as Error).name}: ${(error as Error).message}`;
  }
};

const best = DRILLS.filter(({ picks }) => !picks).map((drill) => {
  const still = new StillLight();
  const shot = standing(drill, 0);
  const found = bestOf(drill, shot);
  const { score, costs } = judged(drill, bestShots(shot, found), still);
  return { id: drill.id, score, costs, axes: drill.shares ? null : axes(drill, shot, found) };
});

/** The same drill exposed by the meter's plain word, too dark, too bright, in another round. */
const heap = findDrill('white-heap')!;
const still = new StillLight();
const plain = standing(heap, 0);
const heapBest = bestOf(heap, plain);
const off = [-6, -3, -1, 0, 1, 3, 6].map((clicks) => {
  const timeS = timeSFromClick(heapBest.choice.timeClick + clicks);
  const { score, costs } = judged(heap, [{ ...chosen(plain, heapBest.choice), timeS }], still);
  return { clicks, score, first: costs[0]?.words ?? '' };
});
const round = standing(heap, 3);
const rounded = judged(heap, bestShots(round, bestOf(heap, round)), new StillLight());

// Twenty by hand are four here: which of them is the sharpest is what it is about.
const pick = findDrill('pick-the-sharpest')!;
const at = { ...standing(pick, 0), timeS: 1 / 4, isoClick: 0 };
const picked = [21, 22, 23, 24].map((seed) => read(stored({ ...at, seed }, new StillLight())));
const picks = picked.map((_, i) => judgeDrill(pick, picked, i));

const path = stored(bestShots(plain, heapBest)[0], still);
const [once, again] = [judgeDrill(heap, [read(path)]), judgeDrill(heap, [read(path)])];
const undrilled = read(stored({ ...chosen(plain, heapBest.choice), drill: null }, still));
const onTripod = read(stored({ ...chosen(plain, heapBest.choice), steady: true }, still));
const away = read(stored({ ...chosen(plain, heapBest.choice), yawRad: 0.9 }, new StillLight()));

process.stdout.write(
  JSON.stringify({
    best,
    off,
    rounded: { score: rounded.score, round: rounded.round },
    picks: picks.map(({ score, costs }) => ({ score, words: costs[0]?.words ?? '' })),
    same: JSON.stringify(once) === JSON.stringify(again),
    refusals: {
      otherDrill: refused(() => judgeDrill(findDrill('last-click')!, [read(path)])),
      noDrill: refused(() => judgeDrill(heap, [undrilled])),
      tripod: refused(() => judgeDrill(heap, [onTripod])),
      away: refused(() => judgeDrill(heap, [away])),
      none: refused(() => judgeDrill(heap, [])),
    },
  }),
);
