import type { ExposureContext } from '../consequence/exposureContext';
import { findLens } from '../optics/lenses';
import { PACE_M_S } from '../optics/smear';
import { croppedFocalLength35, croppedSize, pixelAngleRad } from '../optics/zoom';
import type { Scene } from '../scene/index';
import { FLASH_GUIDE_NUMBER } from './flash';
import type { Settings } from '../settings/settings';

/** How far away a chosen subject is taken to be where the scene does not say, in metres. */
const SUBJECT_M = 5;

const PACE_NAMES = { still: 'Subject', walking: 'Walker', running: 'Runner', vehicle: 'Vehicle' };

/** What could spoil a picture of a scene taken with these settings. */
export function simulatedContext(
  scene: Scene,
  settings: Settings,
  cosDeclination: number | null,
): ExposureContext {
  const lens = findLens(settings.lens) ?? findLens('main')!;
  const binning = settings.sizeMp === 12 ? 1 : 2;
  const { widthPx, heightPx } = croppedSize(lens, settings.crop, binning);
  return {
    optics: {
      focalLength35Mm: croppedFocalLength35(lens, settings.crop),
      pixelAngleRad: pixelAngleRad(lens, binning),
      diagonalPx: Math.hypot(widthPx, heightPx),
      sensor: lens.sensor,
      binning,
    },
    steady: settings.support === 'tripod',
    stabiliserStops: settings.stabiliserStops,
    subject: subjectOf(scene, settings),
    sky: cosDeclination === null ? null : { cosDeclination },
    lamps:
      scene.lampModulation === undefined
        ? null
        : { mainsHz: settings.mainsHz, modulation: scene.lampModulation },
    flash:
      settings.flash === 'off' ? null : { guideNumber: FLASH_GUIDE_NUMBER, fNumber: lens.fNumber },
  };
}

function subjectOf(scene: Scene, { subject }: Settings): ExposureContext['subject'] {
  if (subject === 'scene') return scene.subject;
  const speedMS = PACE_M_S[subject];
  const distanceM = scene.subject?.distanceM ?? SUBJECT_M;
  return speedMS === 0 ? null : { name: PACE_NAMES[subject], speedMS, distanceM };
}
