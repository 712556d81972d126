import { whiteFromNeutral } from '../colour/cameraProfile';
import { whitePointOf } from '../colour/whitePoint';
import { clickFromIso } from '../exposure/clicks';
import { ORIENTATION_UPRIGHT } from '../files/dng/tags';
import type { DecodedRaw } from '../files/rawFile';
import { LENSES, type LensModel } from '../optics/lenses';
import { dioptresOf } from '../optics/defocus';
import { plainShot } from '../simulate/plainShot';
import { SIMULATED_MODEL, planSimulated, type SimulatedShot } from '../simulate/simulatedPlan';
import { readDrillSentence } from '../simulate/drillSentence';
import { bestOf, FRAME_STOPS, lossesOf, sum, type Best } from './best';
import { measuredBlurPx } from './blur';
import type { Drill } from './drill';
import { lightOf } from './foreseen';
import type { FrameLook, RegionLook } from './frameLook';
import { regionBox, type Region } from './region';
import { measuredReading, type JudgedRaw } from './regionReading';
import { variationOf } from './variation';

/** A file that cannot be judged, and why. */
export class DrillRefusal extends Error {
  override readonly name = 'DrillRefusal';
}

/** What a frame lost against the best there could have been. */
export interface DrillCost {
  /** Of its criterion. */
  readonly id: string;
  /** Weighted stops; below 0: it was even better, at the cost of something else. */
  readonly stops: number;
  readonly words: string;
}

export interface Judgement {
  /** 100 is what the best settings reach there; each stop lost halves it. */
  readonly score: number;
  readonly round: number;
  /** The dearest first; only what cost something. */
  readonly costs: readonly DrillCost[];
  readonly best: Best;
  /** Frames that were judged. */
  readonly frames: number;
}

const LESS_THAN_SEEN = 0.05;
/** Blur is measured to about half a pixel: nobody is charged for that. */
const DOUBT_PX = 0.5;

function lensOf({ exif }: DecodedRaw['file']): LensModel {
  const lens = LENSES.find(({ focalLength35Mm }) =>
    exif.lensModel?.includes(` ${focalLength35Mm} mm `),
  );
  if (exif.model !== SIMULATED_MODEL || !lens)
    throw new DrillRefusal(
      'This file was not made by the simulated camera: its light is not known.',
    );
  return lens;
}

/** The shot a file was made by, as far as a judge needs it. Throws DrillRefusal. */
export function shotOfFile(drill: Drill, { file }: DecodedRaw): SimulatedShot {
  const { exif, profile, asShotNeutral, orientation } = file;
  const lens = lensOf(file);
  const told = readDrillSentence(exif.description ?? '');
  if (!told) throw new DrillRefusal('This frame was made in no drill.');
  if (told.id !== drill.id)
    throw new DrillRefusal(`This frame was made in another drill, not in “${drill.title}”.`);
  if (told.steady !== (drill.rig.support === 'tripod'))
    throw new DrillRefusal(
      drill.rig.support === 'tripod'
        ? 'This drill is done on the tripod: set it in Rig.'
        : 'This drill is done by hand: put the tripod away in Rig.',
    );
  if (told.torch) throw new DrillRefusal('This drill is done without the torch.');
  const { timeS, iso, focusedM } = exif;
  if (timeS === undefined || iso === undefined)
    throw new DrillRefusal('The file does not say how it was exposed.');
  return {
    ...plainShot(variationOf(drill, told.round).sceneId),
    ...told,
    lensId: lens.id,
    timeS,
    isoClick: clickFromIso(iso),
    focusDioptres: focusedM === undefined ? 0 : dioptresOf(focusedM),
    upright: orientation === ORIENTATION_UPRIGHT,
    white: whitePointOf(whiteFromNeutral(profile, asShotNeutral)),
    drill: { id: told.id, round: told.round },
  };
}

/** A frame that was made, measured where it is looked at. */
function measuredFrame(shot: SimulatedShot, { file, data }: DecodedRaw): FrameLook {
  const plan = planSimulated(shot);
  const { raw } = file;
  if (
    raw.kind !== 'cfa' ||
    raw.whiteLevel !== plan.response.whiteLevel ||
    raw.width !== plan.width ||
    raw.height !== plan.height ||
    !raw.noise
  )
    throw new DrillRefusal('This is no single raw frame of that drill.');
  const judged: JudgedRaw = {
    data,
    width: raw.width,
    blackLevel: raw.blackLevel,
    whiteLevel: raw.whiteLevel,
    noise: raw.noise,
  };
  const light = lightOf(shot);
  const looks = new Map<Region, RegionLook>();
  return {
    plan,
    profile: file.profile,
    white: whiteFromNeutral(file.profile, file.asShotNeutral),
    neutral: file.asShotNeutral,
    look(region) {
      const before = looks.get(region);
      if (before) return before;
      const known = light(region);
      const box = regionBox(region, plan.framing);
      if (!known || !box) throw new DrillRefusal(`Not in the picture: ${region.name}.`);
      const look = {
        light: known,
        reading: measuredReading(judged, plan, known, box),
        blurPx: Math.max(0, measuredBlurPx(judged, known, box) - DOUBT_PX),
      };
      looks.set(region, look);
      return look;
    },
  };
}

/** Each criterion's least loss over the frames, and the frame that has it. */
function shared(
  drill: Drill,
  frames: readonly FrameLook[],
): { readonly losses: number[]; readonly by: FrameLook[] } {
  const each = frames.map((frame) => lossesOf(drill.criteria, frame));
  const by = drill.criteria.map((_, c) =>
    each.reduce((least, losses, i) => (losses[c] < each[least][c] ? i : least), 0),
  );
  return { losses: by.map((i, c) => each[i][c]), by: by.map((i) => frames[i]) };
}

function costsOf(
  { criteria }: Drill,
  losses: readonly number[],
  by: readonly FrameLook[],
  best: readonly number[],
): DrillCost[] {
  return criteria
    .map(({ id, weight, says }, c) => {
      const stops = losses[c] - best[c];
      return { id, stops, words: says(by[c], stops / weight) };
    })
    .filter(({ stops }) => stops >= LESS_THAN_SEEN)
    .sort((a, b) => b.stops - a.stops);
}

const scoreOf = (lost: number): number => Math.round(100 * 2 ** -Math.max(0, lost));

const framesCost = (made: number, best: Best): DrillCost[] => {
  const stops = FRAME_STOPS * (made - (best.bracket?.frames ?? 1));
  if (stops < LESS_THAN_SEEN) return [];
  return [{ id: 'frames', stops, words: `${made} frames, where ${best.bracket?.frames ?? 1} do.` }];
};

/** One of several frames against the sharpest of them. */
function judgedPick(
  drill: Drill,
  frames: readonly FrameLook[],
  pick: number,
): Pick<Judgement, 'score' | 'costs'> {
  const blurs = frames.map((frame) =>
    Math.max(1, ...drill.criteria.map(({ region }) => (region ? frame.look(region).blurPx : 1))),
  );
  const least = Math.min(...blurs);
  const lost = Math.log2(blurs[pick] / least);
  const sharper = blurs.filter((blur) => blur < blurs[pick]).length;
  const words = `It blurs over ${blurs[pick].toFixed(1)} pixels, the sharpest of ${frames.length} over ${least.toFixed(1)}; ${sharper} of them ${sharper === 1 ? 'is' : 'are'} sharper.`;
  const costs = lost >= LESS_THAN_SEEN ? [{ id: 'sharpness', stops: lost, words }] : [];
  return { score: scoreOf(lost), costs };
}

/**
 * Judges the frames of one press against the light that was there. Throws DrillRefusal where they
 * were not made in this drill, or what matters is not in the picture.
 *
 * @param files of one round, as they were stored
 * @param pick which of them was chosen, for a drill that is about choosing
 */
export function judgeDrill(drill: Drill, files: readonly DecodedRaw[], pick = 0): Judgement {
  if (files.length === 0) throw new DrillRefusal('There is no frame to judge.');
  const shots = files.map((file) => shotOfFile(drill, file));
  const round = shots[0].drill!.round;
  if (shots.some((shot) => shot.drill!.round !== round))
    throw new DrillRefusal('These frames are of several rounds.');
  const frames = files.map((file, i) => measuredFrame(shots[i], file));
  for (const { region } of drill.criteria) if (region) frames.forEach((f) => f.look(region));
  const best = bestOf(drill, shots[0]);
  const about = { round, best, frames: frames.length };
  if (drill.picks) {
    const { score, costs } = judgedPick(drill, frames, pick);
    return { ...about, score, costs };
  }
  if (drill.shares) {
    const { losses, by } = shared(drill, frames);
    const total = sum(losses) + FRAME_STOPS * (frames.length - 1);
    const costs = [
      ...costsOf(drill, losses, by, best.losses),
      ...framesCost(frames.length, best),
    ].sort((a, b) => b.stops - a.stops);
    return { ...about, score: scoreOf(total - best.total), costs };
  }
  const each = frames.map((frame) => ({ frame, losses: lossesOf(drill.criteria, frame) }));
  const { frame, losses } = each.reduce((a, b) => (sum(b.losses) < sum(a.losses) ? b : a));
  return {
    ...about,
    score: scoreOf(sum(losses) - best.total),
    costs: costsOf(
      drill,
      losses,
      drill.criteria.map(() => frame),
      best.losses,
    ),
  };
}
