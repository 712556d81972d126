import { createDeveloper, type Developer } from '../colour/develop/develop';
import { whiteChromaticity } from '../colour/whitePoint';
import { cameraProfile } from '../sensor/cameraResponse';
import { rawLevels } from './rawLevels';
import type { SimulatedPlan } from './simulatedPlan';

/** The developer made last, and of what: its tables are large, and bands of a frame share it. */
let last: { readonly of: string; readonly developer: Developer } | null = null;

/** How a shot is developed: what its DNG asks of a raw developer. */
export function simulatedDeveloper(plan: SimulatedPlan): Developer {
  const { lens, shot } = plan;
  const { blackLevel, whiteLevel, baselineExposure } = rawLevels(plan);
  const { kelvin, tint } = shot.white;
  const of = [lens.id, kelvin, tint, blackLevel, whiteLevel, baselineExposure].join();
  if (last?.of === of) return last.developer;
  const developer = createDeveloper({
    profile: cameraProfile(lens.sensor.sensitivities),
    white: whiteChromaticity(shot.white),
    blackLevel,
    whiteLevel,
    baselineExposure,
  });
  last = { of, developer };
  return developer;
}
