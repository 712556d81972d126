import type { Vec3 } from '../../colour/mat3';
import type { RawLayout } from '../../files/rawFile';
import { binLinear } from '../../sensor/binLinear';
import { binMosaic } from '../../sensor/binMosaic';
import { demosaicDirected } from '../../sensor/demosaicDirected';
import type { FinishChoices } from './choices';
import { finishRows, type BalancedLight, type FinishPlan } from './finish';

/** Rows finished at a time: few enough to stay in the cache. */
const ROWS = 32;

/** A finished picture in the raw's own orientation, RGBA. */
export interface FinishedPicture {
  readonly data: Uint8ClampedArray<ArrayBuffer>;
  readonly width: number;
  readonly height: number;
}

/**
 * The part of combined light that is meant to be seen, made smaller by a whole number (even of a
 * mosaic), no longer than `longPx` and no shorter than half of that, if it is that long.
 */
export function smallLight(
  light: Float32Array,
  layout: RawLayout,
  balance: Vec3,
  longPx: number,
): BalancedLight {
  const { kind, width, crop } = layout;
  const step = kind === 'cfa' ? 2 : 1;
  const factor = step * Math.max(1, Math.ceil(Math.max(crop.width, crop.height) / longPx / step));
  // A block begins with red.
  const box = step === 2 ? { ...crop, x: crop.x & ~1, y: crop.y & ~1 } : crop;
  const small = {
    width: Math.max(1, Math.floor(crop.width / factor)),
    height: Math.max(1, Math.floor(crop.height / factor)),
  };
  const data = new Float32Array(3 * small.width * small.height);
  if (kind === 'cfa') binMosaic(light, width, box, factor, data);
  else binLinear(light, width, box, factor, 0, data);
  for (let i = 0; i < data.length; i += 3) for (let c = 0; c < 3; c++) data[i + c] *= balance[c];
  return { ...small, data };
}

/** Finishes a picture that is held whole. */
export function finishLight(
  plan: FinishPlan,
  choices: FinishChoices,
  light: BalancedLight,
): FinishedPicture {
  const { width, height } = light;
  const data = new Uint8ClampedArray(4 * width * height);
  finishRows(plan, choices, light, 0, height, data);
  return { data, width, height };
}

/**
 * Fourth roots of a mosaic's white-balanced light: 14 stops become three and a half, whose edges
 * the demosaic bears.
 */
function rooted(light: Float32Array, width: number, balance: Vec3): Float32Array {
  const roots = new Float32Array(light.length);
  for (let y = 0, i = 0; i < light.length; y++) {
    const pair = [balance[y & 1], balance[1 + (y & 1)]];
    for (let x = 0; x < width; x++, i++) {
      const v = light[i] * pair[x & 1];
      roots[i] = v > 0 ? Math.sqrt(Math.sqrt(v)) : 0;
    }
  }
  return roots;
}

/** Balanced light of rows of a mosaic. */
function mosaicRows(light: Float32Array, { width, height, crop }: RawLayout, balance: Vec3) {
  const roots = rooted(light, width, balance);
  return (top: number, rows: number, rgb: Float32Array): void => {
    const part = { x: crop.x, y: crop.y + top, width: crop.width, height: rows };
    demosaicDirected(roots, width, height, part, rgb);
    for (let i = 0; i < rgb.length; i++) {
      const square = rgb[i] * rgb[i];
      rgb[i] = square * square;
    }
  };
}

/** Balanced light of rows that are no mosaic. */
const linearRows =
  (light: Float32Array, { width, crop }: RawLayout, balance: Vec3) =>
  (top: number, rows: number, rgb: Float32Array): void => {
    for (let row = 0, o = 0; row < rows; row++) {
      let i = 3 * ((crop.y + top + row) * width + crop.x);
      for (let x = 0; x < crop.width; x++)
        for (let c = 0; c < 3; c++, i++, o++) rgb[o] = light[i] * balance[c];
    }
  };

/**
 * Demosaics and finishes combined light at full size, row by row.
 *
 * @param onShare called with the share that is done
 */
export function finishFull(
  plan: FinishPlan,
  choices: FinishChoices,
  light: Float32Array,
  layout: RawLayout,
  balance: Vec3,
  onShare: (share: number) => void = () => {},
): FinishedPicture {
  const { width, height } = layout.crop;
  const data = new Uint8ClampedArray(4 * width * height);
  const rgb = new Float32Array(3 * width * ROWS);
  const fill = (layout.kind === 'cfa' ? mosaicRows : linearRows)(light, layout, balance);
  for (let y = 0; y < height; y += ROWS) {
    const rows = Math.min(ROWS, height - y);
    fill(y, rows, rgb);
    const out = data.subarray(4 * y * width, 4 * (y + rows) * width);
    finishRows(plan, choices, { data: rgb, width, height: rows }, y, height, out);
    onShare((y + rows) / height);
  }
  return { data, width, height };
}
