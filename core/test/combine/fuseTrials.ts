// Fuses a bracket of the simulated camera, and lets OpenCV do the same, in a process of its own:
// Jest's sandbox slows number crunching tenfold. Prints as JSON how far the two lie apart.
import { cv } from 'opencv-wasm';
import { beginCombining, combinedPicture, NO_CORRECTIONS, pictureFrame } from '@velmo/core/combine';
import { planSimulated, plainShot } from '@velmo/core/simulate';
import { developFrame, rawDeveloper } from '../../src/files';
import { frameOf, simulatedFile } from '../support/simulatedStack';

const times = [1 / 1024, 1 / 128, 1 / 16, 1 / 2];

/** The bracket as pictures in 8 bits. */
const pictures = times.map((timeS, k) => {
  const shot = { ...plainShot('drying-shed'), sizeMp: 3 as const, crop: 2, timeS, seed: 7 + k };
  const plan = planSimulated(shot);
  const frame = frameOf(plan);
  const file = simulatedFile(plan, frame);
  const { data: raw, width, height, whiteLevel } = frame;
  return developFrame({ raw, width, height, whiteLevel }, rawDeveloper(file), file.raw.crop, false);
});

const combiner = beginCombining('fuse', true);
for (const [k, { data, width, height }] of pictures.entries()) {
  const { file, frame } = pictureFrame(data, width, height, { timeS: times[k], iso: 100 });
  combiner.add(file, frame);
}
const ours = combinedPicture(
  combiner.combine(NO_CORRECTIONS, () => {}),
  null,
);

const [{ width, height }] = pictures;
const stack = new cv.MatVector();
for (const { data } of pictures) {
  const rgb = new Uint8Array(3 * width * height);
  for (let p = 0; p < width * height; p++)
    for (let c = 0; c < 3; c++) rgb[3 * p + c] = data[4 * p + c];
  stack.push_back(cv.matFromArray(height, width, cv.CV_8UC3, rgb));
}
const fused = new cv.Mat();
// Times and response are asked for by its interface, and not used.
new cv.MergeMertens(1, 1, 1).process(stack, fused, new cv.Mat(), new cv.Mat());
const peer = fused.data32F as Float32Array;

let [sum, furthest, total, squares] = [0, 0, 0, 0];
for (let p = 0; p < width * height; p++)
  for (let c = 0; c < 3; c++) {
    const theirs = Math.min(255, Math.max(0, 255 * peer[3 * p + c]));
    const off = Math.abs(ours.data[4 * p + c] - theirs);
    sum += off;
    furthest = Math.max(furthest, off);
    total += theirs;
    squares += theirs * theirs;
  }
const n = 3 * width * height;
process.stdout.write(
  JSON.stringify([{ mean: sum / n, furthest, spread: Math.sqrt(squares / n - (total / n) ** 2) }]),
);
