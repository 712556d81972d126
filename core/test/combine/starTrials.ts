// Stacks a turning sky of the simulated camera, in a process of its own: Jest's sandbox slows
// number crunching tenfold. Prints as JSON how far the result is from the sky as it stood in the
// first.
import { beginCombining, NO_CORRECTIONS, STILL, warpRaw, type StackRaw } from '@velmo/core/combine';
import { planSimulated, plainShot, type SimulatedPlan } from '@velmo/core/simulate';
import { electronsPerLight, lightOnBand } from '../../src/simulate/simulatedBand';
import { findStars, type Star } from '../../src/combine/stars/findStars';
import { frameOf, simulatedFile, whole } from '../support/simulatedStack';

const FRAMES = 8;
const [TIME_S, APART_S] = [8, 40];

const plans = Array.from({ length: FRAMES }, (_, k) =>
  planSimulated({
    ...plainShot('stars-over-the-pans'),
    crop: 1.5,
    sizeMp: 3,
    timeS: TIME_S,
    isoClick: 12,
    startS: k * APART_S,
    focusDioptres: 0,
    seed: 21 + k,
  }),
);
const [plan] = plans;
const { width, height } = plan;

const combiner = beginCombining('stars', true);
const frames: StackRaw[] = [];
for (const one of plans) {
  const frame = frameOf(one);
  frames.push(frame);
  combiner.add(simulatedFile(one, frame), frame);
}
const { result, leftOut, choice } = combiner.combine(NO_CORRECTIONS, () => {});

/** Green light as the scene's own, its white 1. */
const greenTruth = (of: SimulatedPlan): Float32Array => {
  const share = electronsPerLight(of) / of.response.saturationE;
  const rgb = whole(of, new Float32Array(3 * width * height), (band) => lightOnBand(of, band));
  return Float32Array.from({ length: width * height }, (_, p) => rgb[3 * p + 1] * share);
};
const truth = greenTruth(plan);
/** The sky at the end of the series: what differs is sky. */
const later = greenTruth(plans[FRAMES - 1]);

const green = Float32Array.from({ length: width * height }, (_, p) => result.light[3 * p + 1]);
const demosaiced = warpRaw(frames[0], STILL).data;
const single = Float32Array.from(green, (_, p) => (demosaiced[3 * p + 1] - 256) / 3839);

/** Root mean square of what is off, over places that are even. */
function noise(of: Float32Array, top: number, bottom: number): number {
  let [sum, squares, n] = [0, 0, 0];
  for (let y = Math.floor(top * height); y < bottom * height; y++)
    for (let x = 200; x < width - 200; x++) {
      const p = y * width + x;
      const even = Math.abs(truth[p] - truth[p - 2]) + Math.abs(truth[p] - truth[p + 2]);
      if (even > 0.02 * truth[p]) continue;
      const d = of[p] - truth[p];
      sum += d;
      squares += d * d;
      n++;
    }
  return Math.sqrt(squares / n - (sum / n) ** 2);
}

/** Stars found in light, as a frame of its size. */
const starsIn = (light: Float32Array): Star[] =>
  findStars({
    ...frames[0],
    samplesPerPixel: 3,
    blackLevel: 256,
    data: Uint16Array.from({ length: 3 * width * height }, (_, i) =>
      Math.max(0, Math.min(4095, 256 + 3839 * light[Math.floor(i / 3)])),
    ),
  }).slice(0, 60);

/** How wide a star is, root mean square, of light over squares about its place. */
function widthOf(light: Float32Array, { x, y }: Star): number {
  const [cx, cy] = [x + (width - 1) / 2, y + (height - 1) / 2];
  const [ix, iy] = [Math.round(cx), Math.round(cy)];
  let around = Infinity;
  for (let d = -7; d <= 7; d++) around = Math.min(around, light[(iy + 7) * width + ix + d]);
  let [sum, squares] = [0, 0];
  for (let dy = -5; dy <= 5; dy++)
    for (let dx = -5; dx <= 5; dx++) {
      const v = Math.max(0, light[(iy + dy) * width + ix + dx] - 1.2 * around);
      sum += v;
      squares += v * ((ix + dx - cx) ** 2 + (iy + dy - cy) ** 2);
    }
  return Math.sqrt(squares / sum);
}

const median = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1];
const inside = ({ x, y }: Star): boolean =>
  Math.abs(x) < width / 2 - 40 && Math.abs(y) < height / 2 - 40;
const trueStars = starsIn(truth).filter(inside);
const stacked = starsIn(green).filter(inside);
const offs = trueStars.map((star) =>
  Math.min(...stacked.map((other) => Math.hypot(other.x - star.x, other.y - star.y))),
);

/** Shares of the sky where it moves, and of the ground below where nothing does. */
let [sky, skyN, ground, groundN] = [0, 0, 0, 0];
for (let row = 0; row < choice!.rows; row++)
  for (let column = 0; column < choice!.columns; column++) {
    const p = Math.min(height - 1, row * 8 + 4) * width + Math.min(width - 1, column * 8 + 4);
    let differs = 0;
    for (let d = -4; d < 4; d++)
      differs = Math.max(differs, Math.abs(later[p + d] - truth[p + d]) / (truth[p + d] + 1e-9));
    const share = choice!.shares[1][row * choice!.columns + column];
    if (differs > 0.5) {
      sky += share;
      skyN++;
    } else if (row > 0.9 * choice!.rows) {
      ground += 1 - share;
      groundN++;
    }
  }

process.stdout.write(
  JSON.stringify({
    leftOut,
    stars: trueStars.length,
    offMedian: median(offs),
    offMost: offs.sort((a, b) => a - b)[Math.floor(0.9 * offs.length)],
    widthTrue: median(trueStars.map((star) => widthOf(truth, star))),
    widthStacked: median(trueStars.map((star) => widthOf(green, star))),
    noiseSingle: noise(single, 0.05, 0.5),
    noiseStacked: noise(green, 0.05, 0.5),
    skyShare: sky / skyN,
    groundShare: ground / groundN,
    turned: (15.041 * APART_S * (FRAMES - 1)) / 3600,
  }),
);
