import type { SeriesPicture } from './recoverResponse';

/** Distance of the points that are looked at, in pixels. */
const PITCH = 6;
/**
 * Points beside an edge would mix what lies on its sides as the camera trembles: codes they may
 * differ by.
 */
const FLAT = 12;
/** Points that are kept: enough for a smooth curve, few enough to solve in a blink. */
const MAX_POINTS = 2400;

/** One picture of a guided series, gathered from frames that follow each other. */
export class SeriesPoints {
  readonly across: number;
  readonly down: number;
  private readonly sums: Float32Array;
  /** Widest step between neighbours that any frame has shown. */
  private readonly steps: Uint8Array;
  private frames = 0;

  constructor(
    private readonly width: number,
    height: number,
  ) {
    this.across = Math.max(0, Math.floor((width - 2) / PITCH));
    this.down = Math.max(0, Math.floor((height - 2) / PITCH));
    this.sums = new Float32Array(3 * this.across * this.down);
    this.steps = new Uint8Array(this.across * this.down);
  }

  /** Adds a frame's bytes, `4 * width * height`. */
  add(rgba: Uint8Array | Uint8ClampedArray): void {
    const stride = 4 * this.width;
    for (let y = 0, p = 0; y < this.down; y++)
      for (let x = 0; x < this.across; x++, p++) {
        const i = (1 + y * PITCH) * stride + 4 * (1 + x * PITCH);
        for (let c = 0; c < 3; c++) {
          this.sums[3 * p + c] += rgba[i + c];
          const across = Math.abs(rgba[i + c + 4] - rgba[i + c - 4]);
          const down = Math.abs(rgba[i + c + stride] - rgba[i + c - stride]);
          this.steps[p] = Math.max(this.steps[p], across, down);
        }
      }
    this.frames++;
  }

  /** @param exposureStops how much light the frames were given */
  picture(exposureStops: number): SeriesPicture & { readonly steps: Uint8Array } {
    const codes = this.sums.map((sum) => sum / Math.max(1, this.frames));
    return { codes, exposureStops, steps: this.steps };
  }
}

/**
 * The same pictures with only the points that lie in even surfaces in all of them; where those are
 * few, with the evenest there are.
 */
export function evenPoints(
  pictures: readonly (SeriesPicture & { readonly steps: Uint8Array })[],
): SeriesPicture[] {
  const points = pictures[0]?.steps.length ?? 0;
  const step = new Uint8Array(points);
  for (const { steps } of pictures)
    for (let p = 0; p < points; p++) step[p] = Math.max(step[p], steps[p]);
  const sorted = step.slice().sort();
  const limit = Math.max(FLAT, sorted[Math.floor(points / 4)] ?? 0);
  let even: number[] = [];
  for (let p = 0; p < points; p++) if (step[p] <= limit) even.push(p);
  const every = Math.ceil(even.length / MAX_POINTS);
  even = even.filter((_, i) => i % every === 0);
  return pictures.map(({ codes, exposureStops }) => ({
    exposureStops,
    codes: Float32Array.from(
      { length: 3 * even.length },
      (_, i) => codes[3 * even[Math.floor(i / 3)] + (i % 3)],
    ),
  }));
}
