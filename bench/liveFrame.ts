import { sceneResponse } from '@velmo/core/simulate';
import { findLens, halfLongTangent } from '@velmo/core/optics';
import { findScene, renderScene } from '@velmo/core/scene';
import {
  createLightPlane,
  electronsPerLuminance,
  exposeLive,
  photositeResponse,
} from '@velmo/core/sensor';

export const LIVE_WIDTH = 640;
export const LIVE_HEIGHT = 480;

/**
 * A live frame of a place, a stop over the meter in the pans: noise, clipped glints and crushed
 * doorway included.
 */
export function liveFrame(sceneId: string, timeS = 1 / 4096): Uint16Array {
  const lens = findLens('main')!;
  const scene = findScene(sceneId)!;
  const framing = {
    ...scene.framing,
    halfLongTangent: halfLongTangent(lens, 1),
    longPx: LIVE_WIDTH,
    shortPx: LIVE_HEIGHT,
    layout: 'level' as const,
  };
  const plane = createLightPlane(LIVE_WIDTH, LIVE_HEIGHT);
  renderScene(scene, framing, plane, sceneResponse(scene, lens), 1);
  const binning = lens.sensor.widthPx / LIVE_WIDTH;
  const perLight = electronsPerLuminance(lens.sensor, binning, timeS, lens.fNumber);
  const raw = new Uint16Array(3 * LIVE_WIDTH * LIVE_HEIGHT);
  exposeLive(
    plane.rgb,
    plane.width,
    photositeResponse(lens.sensor, 100, binning),
    perLight,
    1,
    raw,
  );
  return raw;
}
