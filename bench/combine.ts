import { cv } from 'opencv-wasm';
import { mergeRows, planMerge, type StackRaw } from '@velmo/core/combine';
import { hash32 } from '@velmo/core/sensor';
import { compared, inTurns, type Result } from './measure';

const [WIDTH, HEIGHT] = [4032, 3024];
/** Stops between the exposures. */
const APART = 2;
const FRAMES = 5;

/** Waves of light over ten stops, exposed so many times as much as the first. */
function rawOf(k: number): StackRaw {
  const exposure = 2 ** (APART * k);
  const data = new Uint16Array(WIDTH * HEIGHT);
  for (let i = 0; i < data.length; i++) {
    const [x, y] = [i % WIDTH, Math.floor(i / WIDTH)];
    const light = 2 ** (-6 + 2.5 * Math.sin(x / 301) + 2.5 * Math.sin(y / 409));
    const noise = (hash32(k, i) & 15) - 7.5;
    data[i] = Math.max(0, Math.min(4095, 256 + light * exposure * 0.3 * 3839 + noise));
  }
  return {
    data,
    width: WIDTH,
    height: HEIGHT,
    samplesPerPixel: 1,
    blackLevel: 256,
    whiteLevel: 4095,
    noise: { scale: 1e-4, offset: 1.5e-6 },
    exposure,
  };
}

/** Five raws of 12 MP become one: exposures measured, what moved looked for, merged. */
export function combineBench(): Result[] {
  const stack = Array.from({ length: FRAMES }, (_, k) => rawOf(k));
  const light = new Float32Array(WIDTH * HEIGHT);
  const ours = (): void => mergeRows(planMerge(stack), 0, HEIGHT, light);
  const times = inTurns(ours, openCvMerge(stack), 3, 1);
  return [
    compared(
      'combine-merge-12mp',
      times.ours,
      times.peer,
      'ms',
      `${FRAMES} raws of ${WIDTH}x${HEIGHT}, decoded: exposures measured, moved places found, merged by noise; frames do not move. Peer: opencv-wasm, MergeDebevec of as many pictures of that size in 8 bits; without demosaicing them, and without what moved`,
    ),
  ];
}

/** OpenCV's merge of as many pictures of that size. */
function openCvMerge(stack: readonly StackRaw[]): () => void {
  const pictures = new cv.MatVector();
  for (const { data } of stack) {
    const bytes = new Uint8Array(3 * data.length);
    for (let i = 0; i < bytes.length; i++) bytes[i] = data[Math.floor(i / 3)] >> 4;
    const picture = cv.matFromArray(HEIGHT, WIDTH, cv.CV_8UC3, bytes);
    pictures.push_back(picture);
    picture.delete();
  }
  const exposures = stack.map(({ exposure }) => exposure);
  const times = cv.matFromArray(FRAMES, 1, cv.CV_32F, exposures);
  const curve = Array.from({ length: 256 }, (_, v) => new Array(3).fill(Math.max(v, 0.5))).flat();
  const response = cv.matFromArray(256, 1, cv.CV_32FC3, curve);
  const merge = new cv.MergeDebevec();
  const out = new cv.Mat();
  return () => void merge.process(pictures, out, times, response);
}
