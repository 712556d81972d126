import type { Mat3 } from '../colour/mat3';
import type { LensModel } from '../optics/lenses';
import type { Scene } from '../scene/index';
import { cameraResponse } from '../sensor/cameraResponse';

/** XYZ to camera values of a lens' sensor under a scene's light: what a meter goes back by. */
export const meterResponse = ({ light }: Pick<Scene, 'light'>, { sensor }: LensModel): Mat3 =>
  cameraResponse(sensor.sensitivities, light);

/**
 * XYZ of a scene's surfaces in its usual light to the camera values they have in its present one:
 * what it is rendered with.
 */
export function sceneResponse(scene: Pick<Scene, 'light' | 'lightStops'>, lens: LensModel): Mat3 {
  const response = meterResponse(scene, lens);
  const { lightStops = 0 } = scene;
  if (lightStops === 0) return response;
  const more = 2 ** lightStops;
  return response.map((v) => v * more) as unknown as Mat3;
}
