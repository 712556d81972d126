import { createDeveloper, developRgb, baselineExposureFor } from '../colour/develop';
import { asShotNeutral } from '../colour/whiteBalance';
import { ILLUMINANT_D65 } from '../dng/tags';
import { TILE_HEIGHT, TILE_WIDTH } from '../dng/tiling';
import { writeDng } from '../dng/writeDng';
import { midGreyShare, type PhotositeResponse } from '../sensor/sensorModel';
import type { CapturedBand } from './simulatedBand';
import { simulatedMetadata, simulatedOrientation, type SimulatedPlan } from './simulatedPlan';

/** DNG NoiseProfile of a photosite: variance = scale * x + offset, signal x in 0..1 of the raw range. */
export function noiseProfile(response: PhotositeResponse): { scale: number; offset: number } {
  const quantisation = 1 / 12 / (response.whiteLevel - response.blackLevel) ** 2;
  return {
    scale: 1 / response.saturationE,
    offset: (response.readNoiseE / response.saturationE) ** 2 + quantisation,
  };
}

const baselineOf = ({ lens, iso }: SimulatedPlan): number =>
  baselineExposureFor(midGreyShare(lens.sensor, iso));

/** The preview as RGBA bytes, in the raw's orientation. */
export function developPreview(
  plan: SimulatedPlan,
  bands: readonly CapturedBand[],
): { rgba: Uint8ClampedArray; width: number; height: number } {
  const { sensor } = plan.lens;
  const width = plan.width / plan.previewFactor;
  const height = plan.height / plan.previewFactor;
  const developer = createDeveloper({
    xyzToCamera: sensor.xyzToCamera,
    white: plan.scene.white,
    blackLevel: sensor.blackLevel,
    whiteLevel: sensor.whiteLevel,
    baselineExposure: baselineOf(plan),
  });
  const rgba = new Uint8ClampedArray(4 * width * height);
  let at = 0;
  for (const { previewRaw } of bands) {
    const bytes = (previewRaw.length / 3) * 4;
    developRgb(previewRaw, developer, rgba.subarray(at, at + bytes));
    at += bytes;
  }
  return { rgba, width, height };
}

/** The finished file, as parts to be laid end to end. `jpeg` is the encoded preview. */
export function assembleSimulatedDng(
  plan: SimulatedPlan,
  bands: readonly CapturedBand[],
  jpeg: Uint8Array,
): Uint8Array[] {
  const { sensor } = plan.lens;
  return writeDng({
    raw: {
      kind: 'cfa',
      width: plan.width,
      height: plan.height,
      tileWidth: TILE_WIDTH,
      tileHeight: TILE_HEIGHT,
      tiles: bands.flatMap((b) => b.tiles),
      blackLevel: sensor.blackLevel,
      whiteLevel: sensor.whiteLevel,
      noise: noiseProfile(plan.response),
    },
    preview: {
      jpeg,
      width: plan.width / plan.previewFactor,
      height: plan.height / plan.previewFactor,
    },
    orientation: simulatedOrientation(plan),
    xyzToCamera: sensor.xyzToCamera,
    calibrationIlluminant: ILLUMINANT_D65,
    asShotNeutral: asShotNeutral(sensor.xyzToCamera, plan.scene.white),
    baselineExposure: baselineOf(plan),
    shot: simulatedMetadata(plan),
  });
}
