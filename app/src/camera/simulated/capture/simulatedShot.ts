import type { DrillPlace, SimulatedShot } from '@velmo/core/simulate';
import { isoFromClick, timeSFromClick } from '@velmo/core/exposure';
import type { Moment } from '@velmo/core/files';
import { findLens, longestHandheldS } from '@velmo/core/optics';
import { findScene, type Scene } from '@velmo/core/scene';
import type { HeldExposure, SeriesPlace } from '@velmo/core/series';
import { askedSpot, type Settings } from '@velmo/core/settings';
import { frameJob, type FrameJob } from '../../files/frameJob';
import type { ClockSetting } from '../light/sceneClock';

/** Where the phone is, how it is held and how late it is, when Expose is pressed. */
export interface Standpoint {
  readonly scene: Scene;
  readonly yawRad: number;
  readonly pitchRad: number;
  readonly upright: boolean;
  readonly clock: ClockSetting;
  /** The drill it is a try at; null: none. */
  readonly drill: DrillPlace | null;
}

/** Where a shot stands in its plan. */
interface ShotPlace {
  /** Scene time at which its shutter opens, in seconds. */
  readonly startS: number;
  /** The same by the clock. */
  readonly capturedAt: Moment;
  /** Clicks brighter than what is held, on purpose. */
  readonly biasClicks: number;
  readonly series: SeriesPlace | null;
}

/** A shot whose shutter opens at a moment of scene time. */
export function shotOf(
  settings: Settings,
  { timeClick, isoClick, white, focusDioptres }: HeldExposure,
  { scene, yawRad, pitchRad, upright, drill }: Standpoint,
  { startS, capturedAt, biasClicks, series }: ShotPlace,
): SimulatedShot {
  return {
    sceneId: scene.id,
    lensId: settings.lens,
    crop: settings.crop,
    timeS: timeSFromClick(timeClick),
    isoClick,
    compClicks: settings.compClicks + biasClicks,
    meter: settings.meter.pattern,
    program: programOf(settings),
    focusDioptres,
    focusedAt: askedSpot(settings.focus),
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
    flash: settings.flash === 'off' ? null : settings.flash,
    steady: settings.support === 'tripod',
    stabiliserStops: settings.stabiliserStops,
    mainsHz: settings.mainsHz,
    startS,
    seed: crypto.getRandomValues(new Uint32Array(1))[0],
    capturedAt,
    series,
    gathered: null,
    drill,
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
      focusedAt: shot.focusedAt ?? null,
      white: shot.white,
      roll,
      series: shot.series,
      longestHandheldS: longestOf(shot),
    },
    shot.capturedAt,
    findScene(shot.sceneId)?.place ?? shot.sceneId,
  );

function longestOf({ steady, lensId, crop, stabiliserStops }: SimulatedShot): number | null {
  const lens = steady ? null : findLens(lensId);
  return lens ? longestHandheldS(lens.focalLength35Mm * crop, stabiliserStops) : null;
}

/** Who chose the exposure, for the Exif. */
function programOf({ time, iso }: Settings): SimulatedShot['program'] {
  if (time.mode === 'held') return iso.mode === 'held' ? 'manual' : 'time-held';
  return iso.mode === 'held' ? 'iso-held' : 'auto';
}
