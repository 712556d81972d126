// Merges brackets of the simulated camera, in a process of its own: Jest's sandbox slows number
// crunching tenfold. Prints as JSON how far the merged light is from the scene's own.
import { debevecMerge, halvedLight } from './mergePeer';
import {
  mergedVariance,
  mergeRows,
  planMerge,
  beginCombining,
  NO_CORRECTIONS,
  type StackRaw,
} from '@velmo/core/combine';
import { planSimulated, plainShot, type SimulatedPlan } from '@velmo/core/simulate';
import { electronsPerLight, lightOnBand } from '../../src/simulate/simulatedBand';
import { frameOf, simulatedFile, still, truthOf, whole } from '../support/simulatedStack';

interface MergeTrial {
  readonly scene: string;
  readonly crop: number;
  /** Shutter times in seconds. */
  readonly times: readonly number[];
  /** Seconds of scene time between the frames. */
  readonly apartS: number;
  /** OpenCV merges them too. */
  readonly peer?: boolean;
  /** How the camera points in each frame, in radians to the right and up: held in a hand. */
  readonly hand?: readonly (readonly [yawRad: number, pitchRad: number])[];
  /** Nothing moves: one bracket on a tripod for each of these seeds of noise. */
  readonly still?: readonly number[];
}

function mergeTrial({ scene, crop, times, apartS }: MergeTrial) {
  const plansOf = (seed: number): SimulatedPlan[] =>
    times.map((timeS, k) =>
      planSimulated({
        ...plainShot(scene),
        crop,
        sizeMp: 3,
        timeS,
        seed: seed + k,
        startS: k * apartS,
      }),
    );
  const plans = plansOf(11);
  const merged = (stack: StackRaw[]) => {
    const plan = planMerge(stack);
    const { width, height } = stack[0];
    const light = new Float32Array(width * height);
    mergeRows(plan, 0, height, light);
    return { plan, light };
  };
  const { plan, light } = merged(plans.map(frameOf));
  return {
    plan,
    light,
    truth: truthOf(plans[times.indexOf(Math.min(...times))]),
    /** The same light with other noise. */
    again: merged(plansOf(71).map(frameOf)).light,
  };
}

/**
 * A bracket held in a hand: how far its light is from the scene's as the frame it was laid on shows
 * it, in stops, and whether each was laid.
 */
function handTrial({ scene, crop, times, hand = [] }: MergeTrial) {
  const plain = plainShot(scene);
  const plans = times.map((timeS, k) =>
    planSimulated({
      ...plain,
      crop,
      sizeMp: 3,
      timeS,
      seed: 5 + k,
      yawRad: plain.yawRad + hand[k][0],
      pitchRad: plain.pitchRad + hand[k][1],
    }),
  );
  const combiner = beginCombining('merge', true);
  for (const plan of plans) {
    const frame = frameOf(plan);
    combiner.add(simulatedFile(plan, frame), frame);
  }
  const { result, leftOut, aligned, reference } = combiner.combine(NO_CORRECTIONS, () => {});
  const { width, height, crop: box } = result.file.raw;
  const plan = plans[reference];
  const shortest = Math.min(...times);
  const share =
    (electronsPerLight(plan) / plan.response.saturationE) * (shortest / times[reference]);
  const truth = whole(plan, new Float32Array(3 * width * height), (band) =>
    lightOnBand(plan, band, undefined, still),
  );
  const stops: number[] = [];
  for (let y = box.y; y < box.y + box.height; y++)
    for (let x = box.x; x < box.x + box.width; x++) {
      const i = 3 * (y * width + x) + 1;
      if (truth[i] * share < 0.9)
        stops.push(Math.abs(Math.log2(Math.max(1e-9, result.light[i]) / (truth[i] * share))));
    }
  const off = sorted(stops);
  return {
    aligned,
    leftOut,
    median: off[off.length >> 1],
    p95: off[Math.floor(0.95 * off.length)],
    seen: (box.width * box.height) / (width * height),
  };
}

/** Of how many brackets on a tripod the frames were taken to have moved, and something in them. */
function stillTrial({ scene, crop, times, still: seeds = [] }: MergeTrial) {
  const told = { aligned: 0, moved: 0 };
  for (const seed of seeds) {
    const combiner = beginCombining('merge', true);
    for (const [k, timeS] of times.entries()) {
      const plan = planSimulated({
        ...plainShot(scene),
        crop,
        sizeMp: 3,
        timeS,
        focusDioptres: 0,
        upright: true,
        seed: (0x9e3779b1 * (1000 * seed + k + 1)) >>> 0,
      });
      const frame = frameOf(plan);
      combiner.add(simulatedFile(plan, frame), frame);
    }
    const { aligned, moved } = combiner.combine(NO_CORRECTIONS, () => {});
    if (aligned) told.aligned++;
    if (moved!.regions.length > 0) told.moved++;
  }
  return told;
}

const sorted = (values: ArrayLike<number>): Float64Array => Float64Array.from(values).sort();

/**
 * Errors in stops wherever a frame holds the light, how much larger noise is than the model says is
 * possible (of two merges, whose photosites differ alike), and how many photosites at which frames
 * disagree beyond doubt are a mix of them.
 */
function errors({ plan, light, truth, again }: ReturnType<typeof mergeTrial>) {
  const { frames, moved } = plan;
  const stops: number[] = [];
  let [squares, disagree, mixed] = [0, 0, 0];
  const shares = frames.map(({ data, blackLevel, whiteLevel }) =>
    Float32Array.from(data, (v) => (v - blackLevel) / (whiteLevel - blackLevel)),
  );
  for (let i = 0; i < light.length; i++) {
    const t = truth[i];
    if (t >= 0.95) continue;
    const variance = mergedVariance(frames, t);
    squares += (light[i] - again[i]) ** 2 / (2 * variance);
    stops.push(Math.abs(Math.log2(Math.max(1e-9, light[i]) / t)));
    let [differ, isOne] = [false, false];
    for (const [k, { given, noise }] of frames.entries()) {
      const v = shares[k][i];
      if (Math.abs(v / given - light[i]) < 1e-6 * Math.abs(light[i])) isOne = true;
      if (k === 0) continue;
      const ratio = given / frames[k - 1].given;
      const [a, b] = [Math.min(1, shares[k - 1][i] * ratio), Math.min(1, v)];
      const level = Math.max(0, a, b);
      const own = noise.scale * level * (1 + ratio) + noise.offset * (1 + ratio * ratio);
      if (Math.abs(a - b) > 8 * Math.sqrt(own + (0.02 * level) ** 2)) differ = true;
    }
    if (differ) disagree++;
    if (differ && !isOne) mixed++;
  }
  const off = sorted(stops);
  const levels = sorted(truth.filter((_, i) => i % 97 === 0));
  return {
    median: off[off.length >> 1],
    p95: off[Math.floor(0.95 * off.length)],
    judged: off.length / light.length,
    noise: Math.sqrt(squares / off.length),
    rangeStops: Math.log2(levels[levels.length - 1] / levels[0]),
    given: frames.map((f) => f.given),
    movedShare: moved.labels.filter((label) => label > 0).length / moved.labels.length,
    disagree,
    mixed,
  };
}

/** Median and 95th percentile of how far RGB light is from another, in stops, up to a factor. */
function distance(light: Float32Array, truth: Float32Array) {
  const stops: number[] = [];
  for (let i = 0; i < light.length; i++)
    if (truth[i] < 0.95) stops.push(Math.log2(Math.max(1e-12, light[i]) / truth[i]));
  const middle = sorted(stops)[stops.length >> 1];
  const off = sorted(stops.map((v) => Math.abs(v - middle)));
  return { median: off[off.length >> 1], p95: off[Math.floor(0.95 * off.length)] };
}

/** How far we are from the scene's light, and OpenCV is, on pictures of half the size. */
function beside({ plan, light, truth }: ReturnType<typeof mergeTrial>) {
  const { width, height } = plan.frames[0];
  const of = (mosaic: Float32Array): Float32Array => halvedLight(mosaic, width, height);
  return {
    own: distance(of(light), of(truth)),
    peer: distance(debevecMerge(plan.frames, width, height), of(truth)),
  };
}

const trials = JSON.parse(process.argv[2]) as MergeTrial[];
process.stdout.write(
  JSON.stringify(
    trials.map((trial) => {
      if (trial.still) return stillTrial(trial);
      if (trial.hand) return handTrial(trial);
      const made = mergeTrial(trial);
      return { ...errors(made), ...(trial.peer && beside(made)) };
    }),
  ),
);
