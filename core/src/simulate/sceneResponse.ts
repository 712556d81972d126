import type { Mat3 } from '../colour/mat3';
import type { LensModel } from '../optics/lenses';
import type { Scene } from '../scene/index';
import { cameraResponse } from '../sensor/cameraResponse';

/**
 * XYZ to camera values of a scene's surfaces through a lens: its sensor under the scene's main
 * light.
 */
export const sceneResponse = ({ light }: Pick<Scene, 'light'>, { sensor }: LensModel): Mat3 =>
  cameraResponse(sensor.sensitivities, light);
