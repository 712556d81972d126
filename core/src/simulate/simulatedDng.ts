import { createDeveloper, developRgb, type Developer } from '../colour/develop/develop';
import { asShotNeutral } from '../colour/cameraProfile';
import { whiteChromaticity } from '../colour/whitePoint';
import { renderScene } from '../scene/render';
import { createLightPlane, type DepthMap } from '../sensor/lightPlane';
import { TILE_HEIGHT, TILE_WIDTH } from '../files/dng/tiling';
import { writeDng } from '../files/dng/writeDng';
import { cameraProfile } from '../sensor/cameraResponse';
import type { PixelBox } from '../optics/aspect';
import type { MosaicFrame } from '../files/developFrame';
import { rawLevels } from './rawLevels';
import { sceneResponse } from './sceneResponse';
import type { CapturedBand } from './simulatedBand';
import { simulatedMetadata, simulatedOrientation, type SimulatedPlan } from './simulatedPlan';

/** The part of the whole preview that is meant to be seen. */
function previewBox({ crop, previewFactor: f }: SimulatedPlan): PixelBox {
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

/** How a shot is developed: what its DNG asks of a raw developer. */
export const simulatedDeveloper = (plan: SimulatedPlan): Developer => {
  const { blackLevel, whiteLevel, baselineExposure } = rawLevels(plan);
  return createDeveloper({
    profile: cameraProfile(plan.lens.sensor.sensitivities),
    white: whiteChromaticity(plan.shot.white),
    blackLevel,
    whiteLevel,
    baselineExposure,
  });
};

/** The raw of a shot's bands, laid together. Throws RangeError when a band did not keep it. */
export function mosaicOf(plan: SimulatedPlan, bands: readonly CapturedBand[]): MosaicFrame {
  const { width, height } = plan;
  const raw = new Uint16Array(width * height);
  let at = 0;
  for (const band of bands) {
    if (!band.raw) throw new RangeError('a band did not keep its raw values');
    raw.set(band.raw, at);
    at += band.raw.length;
  }
  return { raw, width, height, whiteLevel: rawLevels(plan).whiteLevel };
}

/** The preview as RGBA bytes, in the raw's orientation. */
export function developPreview(
  plan: SimulatedPlan,
  bands: readonly Pick<CapturedBand, 'previewRaw'>[],
): { rgba: Uint8ClampedArray; width: number; height: number } {
  const width = plan.width / plan.previewFactor;
  const height = plan.height / plan.previewFactor;
  const developer = simulatedDeveloper(plan);
  const rgba = new Uint8ClampedArray(4 * width * height);
  let at = 0;
  for (const { previewRaw } of bands) {
    const bytes = (previewRaw.length / 3) * 4;
    developRgb(previewRaw, developer, rgba.subarray(at, at + bytes));
    at += bytes;
  }
  return cutOut(rgba, width, previewBox(plan));
}

/** Samples along the long side of a depth map. */
const DEPTH_SAMPLES = 160;

/** How far away all that keeps still is: the same rows as its light, a few of them. */
function depthMapOf({ scene, lens, framing, width, height }: SimulatedPlan): DepthMap {
  const columns = DEPTH_SAMPLES;
  const rows = Math.round((columns * height) / width);
  const plane = createLightPlane(columns, rows);
  const coarse = { ...framing, longPx: columns, shortPx: rows };
  renderScene(scene, coarse, plane, sceneResponse(scene, lens), 1);
  return plane;
}

/** The finished file, as parts to be laid end to end. `jpeg` is the encoded preview. */
export function assembleSimulatedDng(
  plan: SimulatedPlan,
  bands: readonly CapturedBand[],
  jpeg: Uint8Array,
): Uint8Array[] {
  const profile = cameraProfile(plan.lens.sensor.sensitivities);
  const { blackLevel, whiteLevel, baselineExposure, noise } = rawLevels(plan);
  return writeDng({
    raw: {
      kind: 'cfa',
      width: plan.width,
      height: plan.height,
      tileWidth: TILE_WIDTH,
      tileHeight: TILE_HEIGHT,
      tiles: bands.flatMap((b) => b.tiles),
      blackLevel,
      whiteLevel,
      crop: plan.crop,
      noise,
    },
    preview: { jpeg, ...previewBox(plan) },
    orientation: simulatedOrientation(plan),
    profile,
    asShotNeutral: asShotNeutral(profile, whiteChromaticity(plan.shot.white)),
    baselineExposure,
    depth: depthMapOf(plan),
    shot: simulatedMetadata(plan),
  });
}
