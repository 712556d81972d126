import { framedBox, placeTaken, type Reframe } from './reframe';

/** Interleaved pixels. */
export interface Pixels<T extends Uint8ClampedArray | Uint16Array> {
  readonly data: T;
  readonly width: number;
  readonly height: number;
  readonly channels: 3 | 4;
}

/**
 * Slope of the cubic (R. Keys, Cubic Convolution Interpolation, IEEE ASSP 29, 1981): exact to the
 * second order.
 */
const KEYS = -0.5;

/** Weights of four neighbours at a place 0..1 between the second and the third. */
function keysWeights(t: number, weights: Float64Array): void {
  const u = 1 - t;
  weights[0] = KEYS * t * u * u;
  weights[1] = 1 + t * t * ((KEYS + 2) * t - (KEYS + 3));
  weights[2] = 1 + u * u * ((KEYS + 2) * u - (KEYS + 3));
  weights[3] = KEYS * u * t * t;
}

/**
 * A picture as it is seen reframed. Pixels are copied as they are where it is not straightened, and
 * interpolated between sixteen neighbours where it is.
 *
 * @param taken as it was taken; alpha is copied like a colour
 */
export function reframePixels<T extends Uint8ClampedArray<ArrayBuffer> | Uint16Array<ArrayBuffer>>(
  taken: Pixels<T>,
  reframe: Reframe,
): Pixels<T> {
  const { width, height } = framedBox(reframe, taken);
  const length = taken.channels * width * height;
  const data = (
    taken.data instanceof Uint16Array ? new Uint16Array(length) : new Uint8ClampedArray(length)
  ) as T;
  const framed = { data, width, height, channels: taken.channels };
  // The way from pixel to pixel is the same everywhere.
  const at = placeTaken(reframe, taken, { x: 0.5, y: 0.5 });
  const next = placeTaken(reframe, taken, { x: 1.5, y: 0.5 });
  const below = placeTaken(reframe, taken, { x: 0.5, y: 1.5 });
  const steps = {
    x: at.x - 0.5,
    y: at.y - 0.5,
    across: { x: next.x - at.x, y: next.y - at.y },
    down: { x: below.x - at.x, y: below.y - at.y },
  };
  if (reframe.tilt === 0) copyPixels(taken, framed, steps);
  else interpolatePixels(taken, framed, steps);
  return framed;
}

interface Steps {
  /** Where the first pixel lies. */
  readonly x: number;
  readonly y: number;
  /** From a pixel to the next, and to the one below. */
  readonly across: { readonly x: number; readonly y: number };
  readonly down: { readonly x: number; readonly y: number };
}

type Any = Pixels<Uint8ClampedArray | Uint16Array>;

function copyPixels(taken: Any, framed: Any, { x, y, across, down }: Steps): void {
  const { channels } = taken;
  const step = Math.round(across.x) + Math.round(across.y) * taken.width;
  const row = Math.round(down.x) + Math.round(down.y) * taken.width;
  const first = Math.round(x) + Math.round(y) * taken.width;
  for (let j = 0, o = 0; j < framed.height; j++) {
    let i = channels * (first + j * row);
    for (let n = 0; n < framed.width; n++, i += channels * step)
      for (let c = 0; c < channels; c++) framed.data[o++] = taken.data[i + c];
  }
}

function interpolatePixels(taken: Any, framed: Any, { x, y, across, down }: Steps): void {
  const { width, height, channels, data } = taken;
  const most = data instanceof Uint16Array ? 65535 : 255;
  const [wx, wy] = [new Float64Array(4), new Float64Array(4)];
  const [columns, rows] = [new Int32Array(4), new Int32Array(4)];
  for (let j = 0, o = 0; j < framed.height; j++) {
    for (let n = 0; n < framed.width; n++) {
      const u = x + n * across.x + j * down.x;
      const v = y + n * across.y + j * down.y;
      const [left, top] = [Math.floor(u), Math.floor(v)];
      keysWeights(u - left, wx);
      keysWeights(v - top, wy);
      for (let k = 0; k < 4; k++) {
        // Beyond the edge lies what lies at the edge.
        columns[k] = channels * Math.min(width - 1, Math.max(0, left - 1 + k));
        rows[k] = channels * width * Math.min(height - 1, Math.max(0, top - 1 + k));
      }
      for (let c = 0; c < channels; c++) {
        let sum = 0;
        for (let k = 0; k < 4; k++) {
          const row = rows[k] + c;
          sum +=
            wy[k] *
            (wx[0] * data[row + columns[0]] +
              wx[1] * data[row + columns[1]] +
              wx[2] * data[row + columns[2]] +
              wx[3] * data[row + columns[3]]);
        }
        framed.data[o++] = Math.min(most, Math.max(0, Math.round(sum)));
      }
    }
  }
}
