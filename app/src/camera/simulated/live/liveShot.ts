import { isoFromClick, timeSFromClick, type Solution } from '@velmo/core/exposure';
import type { LensModel } from '@velmo/core/optics';
import type { Scene } from '@velmo/core/scene';
import {
  electronsPerLuminance,
  photositeResponse,
  type LightPlane,
  type PhotositeResponse,
} from '@velmo/core/sensor';
import type { WhitePoint } from '@velmo/core/colour';
import type { RegionExposure } from '@velmo/core/simulate';
import type { Settings } from '@velmo/core/settings';
import type { ViewOptions } from '../../device/view';
import type { LiveStage } from '../../live/liveStage';
import type { FramedScene } from '../light/framedLight';
import type { Look } from '../light/lightOnSensor';
import { pieceExposure } from './liveFocus';
import { LONG_PX } from '../simulatedView';

/** What there is to make a frame of, as it stands when the frame begins. */
export interface LiveSituation {
  /** Number of the `apply` that these settings came with. */
  readonly applied: number;
  readonly settings: Settings;
  readonly options: ViewOptions;
  readonly lens: LensModel;
  readonly scene: Scene;
  readonly framed: FramedScene;
  /** Light in front of the lens. */
  readonly plane: LightPlane;
  readonly stage: LiveStage;
  /** Brightest light by channel. */
  readonly highlights: readonly [number, number, number];
  readonly lightClicks: number;
  readonly ev100: number;
  readonly solution: Solution;
  readonly white: WhitePoint;
  /** Scene time at which the shutter opens, in seconds. */
  readonly startS: number;
  readonly seed: number;
}

/** How one frame is exposed: settled before it begins, whatever is asked for while it is made. */
export interface LiveShot extends LiveSituation {
  readonly timeS: number;
  /** Photosites along each side of a pixel. */
  readonly binning: number;
  readonly response: PhotositeResponse;
  /** Electrons of a pixel per unit of light. */
  readonly perLight: number;
  /** How a piece of the sensor itself is exposed: for focusing and the loupe. */
  readonly piece: Omit<RegionExposure, 'dioptres'>;
}

/** Settles how a frame is exposed. */
export function liveShot(situation: LiveSituation): LiveShot {
  const { settings, lens, solution, startS, seed } = situation;
  const timeS = timeSFromClick(solution.timeClick);
  const iso = isoFromClick(solution.isoClick);
  const binning = lens.sensor.widthPx / settings.crop / LONG_PX;
  return {
    ...situation,
    timeS,
    binning,
    response: photositeResponse(lens.sensor, iso, binning),
    perLight:
      electronsPerLuminance(lens.sensor, binning, timeS, lens.fNumber) / 2 ** settings.filterStops,
    piece: pieceExposure(settings, iso, lens, { timeS, startS, seed }),
  };
}

/** The shot as its light sees it, focused at so many dioptres. */
export const lookOf = (
  { scene, framed, lens, settings, timeS, startS, options }: LiveShot,
  dioptres: number,
): Look => ({
  ...{ scene, lens, settings, dioptres, timeS, startS },
  framing: framed.framing,
  upright: options.upright,
});
