import type { RawLayout } from '../../files/rawFile';
import { binLinear } from '../../sensor/binLinear';
import { binMosaic } from '../../sensor/binMosaic';
import { demosaicMalvar } from '../../sensor/demosaic';
import { finishRows, type CameraLight, type FinishChoices, type FinishPlan } from './finish';

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
export function smallLight(light: Float32Array, layout: RawLayout, longPx: number): CameraLight {
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
  return { ...small, data };
}

/** Finishes a picture that is held whole. */
export function finishLight(
  plan: FinishPlan,
  choices: FinishChoices,
  light: CameraLight,
): FinishedPicture {
  const { width, height } = light;
  const data = new Uint8ClampedArray(4 * width * height);
  finishRows(plan, choices, light, 0, height, data);
  return { data, width, height };
}

/**
 * Demosaics and finishes combined light at full size, row by row.
 *
 * @param onShare called with the share that is done
 */
export function finishFull(
  plan: FinishPlan,
  choices: FinishChoices,
  light: Float32Array,
  { kind, width, height, crop }: RawLayout,
  onShare: (share: number) => void = () => {},
): FinishedPicture {
  const data = new Uint8ClampedArray(4 * crop.width * crop.height);
  const rgb = new Float32Array(3 * crop.width * ROWS);
  for (let y = 0; y < crop.height; y += ROWS) {
    const rows = Math.min(ROWS, crop.height - y);
    const part = { x: crop.x, y: crop.y + y, width: crop.width, height: rows };
    if (kind === 'cfa') demosaicMalvar(light, width, height, Infinity, part, rgb);
    else
      for (let row = 0; row < rows; row++) {
        const from = 3 * ((part.y + row) * width + part.x);
        rgb.set(light.subarray(from, from + 3 * part.width), 3 * row * part.width);
      }
    const out = data.subarray(4 * y * crop.width, 4 * (y + rows) * crop.width);
    finishRows(plan, choices, { data: rgb, width: crop.width, height: rows }, y, crop.height, out);
    onShare((y + rows) / crop.height);
  }
  return { data, width: crop.width, height: crop.height };
}
