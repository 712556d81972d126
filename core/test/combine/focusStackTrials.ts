// Stacks focus steps of the simulated camera, in a process of its own: Jest's sandbox slows number
// crunching tenfold. Prints as JSON how far the pictures are from the same scene all sharp.
import {
  beginCombining,
  combinedPicture,
  type Combined,
  type Dab,
  type StackRaw,
} from '@velmo/core/combine';
import type { RawFile } from '@velmo/core/files';
import { planSimulated, plainShot, type SimulatedPlan } from '@velmo/core/simulate';
import { frameOf, simulatedFile, truthOf } from '../support/simulatedStack';

export interface FocusTrial {
  readonly scene: string;
  readonly sizeMp: 3 | 12;
  readonly timeS: number;
  /** Where each frame is focused, in dioptres. */
  readonly steps: readonly number[];
  /** How the camera points in each frame, in radians to the right and up: held in a hand. */
  readonly hand?: readonly (readonly [yawRad: number, pitchRad: number])[];
  readonly painted?: readonly Dab[];
}

/** Peak signal-to-noise ratio of two pictures in 8 bits, in dB, over a box of both. */
function psnr(a: Uint8ClampedArray, b: Uint8ClampedArray): number {
  let squares = 0;
  for (let i = 0; i < a.length; i++) squares += (a[i] - b[i]) ** 2;
  // A quarter of the bytes are opacity, and equal.
  return 10 * Math.log10(255 ** 2 / (squares / (0.75 * a.length)));
}

const sharpPlan = (plan: SimulatedPlan): SimulatedPlan => ({
  ...plan,
  defocus: { ...plan.defocus, pxPerDioptre: 0 },
});

/** Light developed as a combined frame is. */
const developed = (light: Float32Array, file: RawFile): Uint8ClampedArray =>
  combinedPicture(
    {
      reference: 0,
      moved: null,
      choice: null,
      leftOut: [],
      aligned: false,
      result: { light, file, noise: file.raw.noise!, baselineExposure: 0 },
    },
    null,
  ).data;

const lightOf = ({ data, blackLevel, whiteLevel }: StackRaw): Float32Array =>
  Float32Array.from(data, (v) => (v - blackLevel) / (whiteLevel - blackLevel));

function focusTrial({ scene, sizeMp, timeS, steps, hand, painted = [] }: FocusTrial) {
  const plain = plainShot(scene);
  const plans = steps.map((focusDioptres, k) =>
    planSimulated({
      ...plain,
      sizeMp,
      timeS,
      focusDioptres,
      seed: 11 + k,
      yawRad: plain.yawRad + (hand?.[k][0] ?? 0),
      pitchRad: plain.pitchRad + (hand?.[k][1] ?? 0),
    }),
  );
  const frames = plans.map(frameOf);
  const combiner = beginCombining('focus', true);
  for (const [k, frame] of frames.entries()) combiner.add(simulatedFile(plans[k], frame), frame);
  const combined = combiner.combine({ moved: [], painted }, () => {});
  const { result, reference, aligned, leftOut, choice } = combined;
  return {
    ...compared(combined, plans, frames),
    aligned,
    leftOut,
    reference,
    kind: result.file.raw.kind,
    /** The frame that counts most, cell by cell, at a grid of places. */
    chosen: grid(choice!.columns, choice!.rows).map((i) => {
      const shares = choice!.shares.map((share) => share[i]);
      return shares.indexOf(Math.max(...shares));
    }),
  };
}

/** Some places all over a plane of cells, by their indices. */
function grid(columns: number, rows: number): number[] {
  const places: number[] = [];
  for (let v = 1; v < 8; v++)
    for (let u = 1; u < 8; u++)
      places.push(Math.floor((v * rows) / 8) * columns + Math.floor((u * columns) / 8));
  return places;
}

/** The stack and each of its frames beside the scene all sharp, over what the stack shows. */
function compared(
  { result, reference, aligned }: Combined,
  plans: readonly SimulatedPlan[],
  frames: readonly StackRaw[],
) {
  const sharp = sharpPlan(plans[reference]);
  const { crop } = result.file.raw;
  const own = simulatedFile(sharp, frames[reference]);
  const file = { ...own, raw: { ...own.raw, crop } };
  const truth = developed(truthOf(sharp, null), file);
  return {
    stack: psnr(combinedPicture({ result } as Combined, null).data, truth),
    single: aligned
      ? [psnr(developed(lightOf(frames[reference]), file), truth)]
      : frames.map((frame) => psnr(developed(lightOf(frame), file), truth)),
  };
}

const trials = JSON.parse(process.argv[2]) as FocusTrial[];
process.stdout.write(JSON.stringify(trials.map(focusTrial)));
