import { asShotNeutral } from '../colour/cameraProfile';
import { whiteChromaticity } from '../colour/whitePoint';
import { renderScene } from '../scene/render';
import { createLightPlane, type DepthMap } from '../sensor/lightPlane';
import { TILE_HEIGHT, TILE_WIDTH } from '../files/dng/tiling';
import { writeDng } from '../files/dng/writeDng';
import { cameraProfile } from '../sensor/cameraResponse';
import type { MosaicFrame } from '../files/developFrame';
import { rawLevels } from './rawLevels';
import { sceneResponse } from './sceneResponse';
import type { CapturedBand } from './simulatedBand';
import { simulatedMetadata, simulatedOrientation, type SimulatedPlan } from './simulatedPlan';
import { previewBox } from './simulatedPreview';

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

/** Samples along the long side of a depth map. */
const DEPTH_SAMPLES = 160;

/** How far away all that keeps still is: the same rows as its light, a few of them. */
export function depthMapOf({ scene, lens, framing, width, height }: SimulatedPlan): DepthMap {
  const columns = DEPTH_SAMPLES;
  const rows = Math.round((columns * height) / width);
  const plane = createLightPlane(columns, rows);
  const coarse = { ...framing, longPx: columns, shortPx: rows };
  renderScene(scene, coarse, plane, sceneResponse(scene, lens), 1);
  return plane;
}

/**
 * The finished file, as parts to be laid end to end.
 *
 * @param jpeg the encoded preview
 * @param depth of `depthMapOf`, where it is there already
 */
export function assembleSimulatedDng(
  plan: SimulatedPlan,
  bands: readonly CapturedBand[],
  jpeg: Uint8Array,
  depth: DepthMap = depthMapOf(plan),
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
    depth,
    shot: simulatedMetadata(plan),
  });
}
