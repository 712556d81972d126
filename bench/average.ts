import { cv } from 'opencv-wasm';
import { FrameStack } from '@velmo/core/combine';
import { LINEAR_WHITE, linearTable, SRGB_RESPONSE } from '@velmo/core/response';
import { CURVES, dice, filmFrame } from '../core/test/support/films';
import { compared, inTurns, type Result } from './measure';

const [WIDTH, HEIGHT] = [1280, 960];
/** Frames that have been added before one is timed: the first five only wait. */
const BEFORE = 6;

/** A frame of soft waves, moved and noisy. */
function frameAt(dx: number, dy: number, normal: () => number): Uint8ClampedArray {
  const light = Float32Array.from({ length: WIDTH * HEIGHT }, (_, p) => {
    const [x, y] = [(p % WIDTH) - dx, Math.floor(p / WIDTH) - dy];
    return 0.18 * 2 ** (Math.sin(x / 9) + Math.sin(y / 13) + Math.sin((x + y) / 47));
  });
  return filmFrame(light, 1, [CURVES.sRgb], 0.02, normal);
}

/**
 * One more frame added to an average: aligned, drawn anew, what moved left out, summed. Against the
 * usual way with OpenCV.
 */
export function averageBench(): Result[] {
  const { normal } = dice(4);
  const first = frameAt(0, 0, normal);
  const hand = Array.from({ length: BEFORE }, (_, k) => frameAt(3.4 - k, 1.7 * k - 2.7, normal));
  const stack = new FrameStack(first, WIDTH, HEIGHT, linearTable(SRGB_RESPONSE, LINEAR_WHITE));
  for (const frame of hand) stack.add(frame);
  let next = 0;
  const ours = (): void => void stack.add(hand[next++ % BEFORE]);
  const times = inTurns(ours, openCvRoute(first, hand[0]), 12, 4);
  return [
    compared(
      'average-frame',
      times.ours,
      times.peer,
      'ms',
      `${WIDTH}x${HEIGHT}, from the hand: linearised, aligned, drawn anew, outliers left out, summed. Peer: opencv-wasm, ECC for translation at half size, 8 steps, cubic warp, difference, comparison, masked sum; without linearising`,
    ),
  ];
}

function openCvRoute(first: Uint8ClampedArray, moved: Uint8ClampedArray): () => void {
  const a = cv.matFromArray(HEIGHT, WIDTH, cv.CV_8UC4, first);
  const b = cv.matFromArray(HEIGHT, WIDTH, cv.CV_8UC4, moved);
  const [greyA, greyB, smallA, smallB, rgb, float, drawn, away, far, near, none] = Array.from(
    { length: 11 },
    () => new cv.Mat(),
  );
  const reference = new cv.Mat();
  cv.cvtColor(a, rgb, cv.COLOR_RGBA2RGB);
  rgb.convertTo(reference, cv.CV_32F);
  cv.cvtColor(a, greyA, cv.COLOR_RGBA2GRAY);
  const half = new cv.Size(WIDTH / 2, HEIGHT / 2);
  cv.resize(greyA, smallA, half, 0, 0, cv.INTER_AREA);
  const sum = cv.Mat.zeros(HEIGHT, WIDTH, cv.CV_32FC3);
  const criteria = new cv.TermCriteria(3, 8, 0.001);
  return () => {
    cv.cvtColor(b, greyB, cv.COLOR_RGBA2GRAY);
    cv.resize(greyB, smallB, half, 0, 0, cv.INTER_AREA);
    const warp = cv.matFromArray(2, 3, cv.CV_32F, [1, 0, 0, 0, 1, 0]);
    cv.findTransformECC(smallA, smallB, warp, cv.MOTION_TRANSLATION, criteria, none, 5);
    warp.data32F[2] *= 2;
    warp.data32F[5] *= 2;
    cv.cvtColor(b, rgb, cv.COLOR_RGBA2RGB);
    rgb.convertTo(float, cv.CV_32F);
    cv.warpAffine(float, drawn, warp, new cv.Size(WIDTH, HEIGHT), cv.INTER_CUBIC | 16);
    cv.absdiff(drawn, reference, away);
    cv.threshold(away, far, 30, 1, cv.THRESH_BINARY_INV);
    cv.multiply(drawn, far, near);
    cv.add(sum, near, sum);
    warp.delete();
  };
}
