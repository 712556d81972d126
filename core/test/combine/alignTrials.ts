// Lays frames of a known motion on one another, in a process of its own: Jest's sandbox slows
// number crunching tenfold. Prints as JSON how far each was off, in photosites, at the corner where
// it was most.
import { FrameTones, similarity, STILL, type Homography, type StackRaw } from '@velmo/core/combine';
import { hash32, NORMAL_MASK, normalTable } from '@velmo/core/sensor';
import { inverse, moved } from '../../src/combine/align/homography';

export interface AlignTrial {
  readonly dx: number;
  readonly dy: number;
  readonly turnRad: number;
  readonly scale: number;
  /** Stops the other frame is brighter. */
  readonly stops: number;
  /** Something as large as a fifth of the picture's height moves by so many photosites. */
  readonly walks: number;
  readonly seed: number;
}

const [WIDTH, HEIGHT] = [720, 540];
const SATURATION_E = 12_000;
const READ_E = 3;

/** Light that varies at every size, by many stops. */
function lightAt(x: number, y: number, seed: number): number {
  let stops = 0;
  for (let k = 0; k < 14; k++) {
    const h = hash32(seed, k);
    const angle = ((h & 1023) / 1023) * 2 * Math.PI;
    const f = 0.01 * 2 ** (((h >>> 10) & 255) / 51);
    stops += Math.sin(f * (x * Math.cos(angle) + y * Math.sin(angle)) + (h >>> 20)) / (1 + 8 * f);
  }
  return 0.03 * 2 ** (1.2 * stops);
}

function frameOf(
  motion: Homography,
  exposure: number,
  noiseSeed: number,
  trial: AlignTrial,
): StackRaw {
  const data = new Uint16Array(WIDTH * HEIGHT);
  const back = inverse(motion);
  const [cx, cy] = [(WIDTH - 1) / 2, (HEIGHT - 1) / 2];
  const walked = motion === STILL ? 0 : trial.walks;
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      const [u, v] = moved(back, x - cx, y - cy);
      const walker = trial.walks > 0 && Math.hypot(x - 200 - walked, y - 200) < HEIGHT / 10;
      const light = walker ? 0.2 : lightAt(u, v, trial.seed);
      const electrons = Math.min(1.2, light * exposure) * SATURATION_E;
      const noise =
        normalTable()[hash32(noiseSeed, y * WIDTH + x) & NORMAL_MASK] *
        Math.sqrt(electrons + READ_E * READ_E);
      const value = 256 + ((electrons + noise) / SATURATION_E) * 3839;
      data[y * WIDTH + x] = Math.max(0, Math.min(4095, Math.round(value)));
    }
  return {
    data,
    width: WIDTH,
    height: HEIGHT,
    samplesPerPixel: 1,
    blackLevel: 256,
    whiteLevel: 4095,
    noise: { scale: 1 / SATURATION_E, offset: (READ_E / SATURATION_E) ** 2 },
    exposure,
  };
}

function offBy(trial: AlignTrial): { off: number | null; still: boolean } {
  const { dx, dy, turnRad, scale, stops, seed } = trial;
  const isStill = dx === 0 && dy === 0 && turnRad === 0 && scale === 1;
  const truth = isStill ? STILL : similarity(dx, dy, turnRad, scale);
  const reference = frameOf(STILL, 1, 2 * seed + 1, trial);
  const other = frameOf(truth, 2 ** stops, 2 * seed + 2, trial);
  const found = new FrameTones(reference).motionOf(new FrameTones(other));
  if (!found) return { off: null, still: false };
  let off = 0;
  for (const x of [-WIDTH / 2, WIDTH / 2])
    for (const y of [-HEIGHT / 2, HEIGHT / 2]) {
      const [a, b] = [moved(found, x, y), moved(truth, x, y)];
      off = Math.max(off, Math.hypot(a[0] - b[0], a[1] - b[1]));
    }
  return { off, still: found === STILL };
}

const trials = JSON.parse(process.argv[2]) as AlignTrial[];
process.stdout.write(JSON.stringify(trials.map(offBy)));
