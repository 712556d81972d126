import { cv } from 'opencv-wasm';
import { choiceOf, sharpnessOf, stackRows, type StackRaw } from '@velmo/core/combine';
import { hash32 } from '@velmo/core/sensor';
import { compared, inTurns, type Result } from './measure';

const [WIDTH, HEIGHT] = [4032, 3024];
const STEPS = 6;
/** Rows made at a time, as in the field. */
const ROWS = 64;

/** A frame with texture where it is focused: in one of so many upright strips. */
function rawOf(k: number): StackRaw {
  const data = new Uint16Array(WIDTH * HEIGHT);
  for (let i = 0; i < data.length; i++) {
    const [x, y] = [i % WIDTH, Math.floor(i / WIDTH)];
    const far = Math.abs((STEPS * x) / WIDTH - k - 0.5);
    const texture = ((hash32(7, (y >> 1) * WIDTH + (x >> 1)) & 511) - 255) / (1 + 4 * far * far);
    data[i] = 1200 + texture + ((hash32(k, i) & 15) - 7.5);
  }
  return {
    data,
    width: WIDTH,
    height: HEIGHT,
    samplesPerPixel: 1,
    blackLevel: 256,
    whiteLevel: 4095,
    noise: { scale: 1e-4, offset: 1.5e-6 },
    exposure: 1,
  };
}

/** Six focus steps of 12 MP become one raw. */
export function focusStackBench(): Result[] {
  const stack = Array.from({ length: STEPS }, (_, k) => rawOf(k));
  const light = new Float32Array(WIDTH * HEIGHT);
  const given = stack.map(() => 1);
  const ours = (): void => {
    const choice = choiceOf(stack.map((frame) => sharpnessOf(frame, 1)));
    for (let y = 0; y < HEIGHT; y += ROWS) {
      const rows = Math.min(ROWS, HEIGHT - y);
      stackRows(stack, given, choice, y, rows, light.subarray(y * WIDTH, (y + rows) * WIDTH));
    }
  };
  const times = inTurns(ours, openCvStack(stack), 3, 1);
  return [
    compared(
      'combine-focus-12mp',
      times.ours,
      times.peer,
      'ms',
      `${STEPS} raws of ${WIDTH}x${HEIGHT}, decoded: sharpness by scale, smooth choice, mosaics laid together; frames do not move. Peer: opencv-wasm, as many pictures of that size in 8 bits: grey, Laplacian, its size smoothed over 9 pixels, the sharpest copied with a mask; one scale, hard choice, without demosaicing`,
    ),
  ];
}

/** The plainest focus stack of as many pictures of that size by OpenCV's own functions. */
function openCvStack(stack: readonly StackRaw[]): () => void {
  const pictures = stack.map(({ data }) => {
    const bytes = new Uint8Array(3 * data.length);
    for (let i = 0; i < bytes.length; i++) bytes[i] = data[Math.floor(i / 3)] >> 4;
    return cv.matFromArray(HEIGHT, WIDTH, cv.CV_8UC3, bytes);
  });
  const [grey, laplacian, size, smooth, best, sharper] = Array.from(
    { length: 6 },
    () => new cv.Mat(),
  );
  const out = new cv.Mat();
  const window = new cv.Size(9, 9);
  return () => {
    for (const [k, picture] of pictures.entries()) {
      cv.cvtColor(picture, grey, cv.COLOR_RGB2GRAY);
      cv.Laplacian(grey, laplacian, cv.CV_16S);
      cv.convertScaleAbs(laplacian, size);
      cv.GaussianBlur(size, smooth, window, 0);
      if (k === 0) {
        smooth.copyTo(best);
        picture.copyTo(out);
        continue;
      }
      cv.compare(smooth, best, sharper, cv.CMP_GT);
      smooth.copyTo(best, sharper);
      picture.copyTo(out, sharper);
    }
  };
}
