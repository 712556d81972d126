import { lightFieldOf } from '../scene/lightField';
import { flashTint } from '../scene/besideLamp';
import { renderFlash } from '../scene/render';
import { createLightPlane, type LightPlane } from '../sensor/lightPlane';
import { FLASH_GUIDE_NUMBER } from './flash';
import { sceneResponse } from './sceneResponse';
import type { SimulatedPlan } from './simulatedPlan';

/**
 * What a framing sends back of the flash on some rows of its picture, in cd s/m2 on the camera's
 * channels. What moves is met where it is as the flash fires.
 */
export function flashRows(plan: SimulatedPlan, top: number, height: number): LightPlane {
  const { shot, scene, lens, framing, binning, width } = plan;
  const plane = createLightPlane(width, height, 0, top);
  const response = sceneResponse(scene, lens);
  renderFlash(scene, framing, plane, response, binning === 1 ? 1 : 2, FLASH_GUIDE_NUMBER);
  const atS = shot.flash === 'end' ? shot.startS + shot.timeS : shot.startS;
  const tint = flashTint(scene, FLASH_GUIDE_NUMBER);
  lightFieldOf(scene).moving?.flash?.(framing, plane, response, atS, tint);
  return plane;
}
