import { TIME_CLICKS, type SolverInput } from '../exposure/index';
import { findLens } from '../optics/lenses';
import { handheldTimeClick } from '../optics/shake/shake';
import { croppedFocalLength35 } from '../optics/zoom';
import { heldClick, type Settings } from '../settings/settings';

/** Reach of the simulated phone: 1/8000 s to 60 s, ISO 50 (extended) to 6400, base 100. */
export const SIMULATED_TIME = TIME_CLICKS;
export const SIMULATED_ISO = { min: -3, max: 18 } as const;
export const SIMULATED_BASE_ISO_CLICK = 0;

/** What the solver is asked on the simulated phone, for light given as clicks of exposure. */
export function simulatedSolverInput(settings: Settings, lightClicks: number): SolverInput {
  const lens = findLens(settings.lens) ?? findLens('main')!;
  const focal = croppedFocalLength35(lens, settings.crop);
  return {
    timeClick: heldClick(settings.time),
    isoClick: heldClick(settings.iso),
    compClicks: settings.compClicks,
    lightClicks,
    timeRange: SIMULATED_TIME,
    isoRange: SIMULATED_ISO,
    baseIsoClick: SIMULATED_BASE_ISO_CLICK,
    handheldTimeClick:
      settings.support === 'tripod' ? null : handheldTimeClick(focal, settings.stabiliserStops),
  };
}
