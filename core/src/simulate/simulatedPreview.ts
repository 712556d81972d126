import { DevelopingTable } from '../colour/develop/developingTable';
import type { PixelBox } from '../optics/aspect';
import { binMosaic } from '../sensor/binMosaic';
import { simulatedDeveloper } from './simulatedDeveloper';
import type { SimulatedPlan } from './simulatedPlan';

/** The part of the whole preview that is meant to be seen. */
export function previewBox({ crop, previewFactor: f }: SimulatedPlan): PixelBox {
  const [x, y] = [Math.round(crop.x / f), Math.round(crop.y / f)];
  return { x, y, width: Math.floor(crop.width / f), height: Math.floor(crop.height / f) };
}

/** A box of an RGBA picture. */
function cutOut(
  rgba: Uint8ClampedArray,
  wholeWidth: number,
  { x, y, width, height }: PixelBox,
): { rgba: Uint8ClampedArray; width: number; height: number } {
  const out = new Uint8ClampedArray(4 * width * height);
  for (let row = 0; row < height; row++) {
    const from = 4 * ((y + row) * wholeWidth + x);
    out.set(rgba.subarray(from, from + 4 * width), 4 * row * width);
  }
  return { rgba: out, width, height };
}

/** Kept for parts of its size and smaller ones: its memory is large. */
let table: DevelopingTable | null = null;

/**
 * Some rows of the preview as RGBA bytes.
 *
 * @param raw rows of the mosaic, whole ones of the preview
 */
export function previewRows(plan: SimulatedPlan, raw: Uint16Array): Uint8ClampedArray {
  const { width, previewFactor: f } = plan;
  const rows = raw.length / width;
  const pixels = raw.length / f ** 2;
  if (!table || table.rgba.length < 4 * pixels) table = new DevelopingTable(pixels);
  binMosaic(raw, width, { x: 0, y: 0, width, height: rows }, f, table.raw);
  table.develop(simulatedDeveloper(plan));
  return table.rgba.slice(0, 4 * pixels);
}

/**
 * The preview as RGBA bytes, in the raw's orientation.
 *
 * @param bands with their `previewRows`, from top to bottom
 */
export function layPreview(
  plan: SimulatedPlan,
  bands: readonly { readonly preview: Uint8ClampedArray }[],
): { rgba: Uint8ClampedArray; width: number; height: number } {
  const { width, height, previewFactor: f } = plan;
  const rgba = new Uint8ClampedArray((4 * width * height) / f ** 2);
  let at = 0;
  for (const { preview } of bands) {
    rgba.set(preview, at);
    at += preview.length;
  }
  return cutOut(rgba, width / f, previewBox(plan));
}
