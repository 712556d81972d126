import type { SimulatedShot } from '@velmo/core/simulate';
import { isoFromClick, timeSFromClick } from '@velmo/core/exposure';
import type { Scene } from '@velmo/core/scene';
import type { HeldExposure } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import { frameJob, momentNow, type FrameJob } from '../files/frameJob';
import { sceneTimeS, type ClockSetting } from './light/sceneClock';

/** Where the phone is, how it is held and how late it is, when Expose is pressed. */
export interface Standpoint {
  readonly scene: Scene;
  readonly yawRad: number;
  readonly pitchRad: number;
  readonly upright: boolean;
  readonly clock: ClockSetting;
}

/** A shot whose shutter opens now. */
export function shotOf(
  settings: Settings,
  { timeClick, isoClick, white, focusDioptres }: HeldExposure,
  { scene, yawRad, pitchRad, upright, clock }: Standpoint,
): SimulatedShot {
  return {
    sceneId: scene.id,
    lensId: settings.lens,
    crop: settings.crop,
    timeS: timeSFromClick(timeClick),
    isoClick,
    compClicks: settings.compClicks,
    meter: settings.meter.pattern,
    program: programOf(settings),
    focusDioptres,
    sizeMp: settings.sizeMp,
    files: settings.files,
    jpegQuality: settings.jpegQuality,
    aspect: settings.aspect,
    white: { kelvin: white.kelvin, tint: white.tint },
    whiteIsAuto: settings.white.mode === 'auto',
    upright,
    yawRad,
    pitchRad,
    filterStops: settings.filterStops,
    torch: settings.torch,
    steady: settings.support === 'tripod',
    stabiliserStops: settings.stabiliserStops,
    mainsHz: settings.mainsHz,
    startS: sceneTimeS(clock),
    seed: crypto.getRandomValues(new Uint32Array(1))[0],
    capturedAt: momentNow(),
  };
}

/** What is kept of a shot besides its files. */
export const jobOf = (shot: SimulatedShot, roll: string): FrameJob =>
  frameJob(
    {
      camera: 'simulated',
      place: shot.sceneId,
      timeS: shot.timeS,
      iso: isoFromClick(shot.isoClick),
      compClicks: shot.compClicks,
      lens: shot.lensId,
      focusDioptres: shot.focusDioptres,
      white: shot.white,
      roll,
      series: null,
    },
    shot.capturedAt,
    shot.sceneId,
  );

/** Who chose the exposure, for the Exif. */
function programOf({ time, iso }: Settings): SimulatedShot['program'] {
  if (time.mode === 'held') return iso.mode === 'held' ? 'manual' : 'time-held';
  return iso.mode === 'held' ? 'iso-held' : 'auto';
}
