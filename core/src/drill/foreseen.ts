import { asShotNeutral } from '../colour/cameraProfile';
import { whiteChromaticity, type WhitePoint } from '../colour/whitePoint';
import { timeSFromClick } from '../exposure/clicks';
import { cameraProfile } from '../sensor/cameraResponse';
import { planSimulated, type SimulatedShot } from '../simulate/simulatedPlan';
import { foreseenBlurPx } from './blur';
import type { FrameLook, RegionLook } from './frameLook';
import { knownLight, type KnownLight } from './knownLight';
import { regionBox, type Region } from './region';
import { foreseenReading } from './regionReading';

/** What can be chosen for a frame of a drill. */
export interface Choice {
  readonly timeClick: number;
  readonly isoClick: number;
  readonly focusDioptres: number;
  readonly white: WhitePoint;
}

/** The shot that these choices make of another, which stands where it stood. */
export const chosen = (
  shot: SimulatedShot,
  { timeClick, isoClick, focusDioptres, white }: Choice,
): SimulatedShot => ({
  ...shot,
  timeS: timeSFromClick(timeClick),
  isoClick,
  focusDioptres,
  white,
});

/** The light of a framing's regions, looked up once. */
export type LightOf = (region: Region) => KnownLight | null;

/** Looks up the light of regions in a shot's framing; null for what is not in the picture. */
export function lightOf(shot: SimulatedShot): LightOf {
  const plan = planSimulated(shot);
  const known = new Map<Region, KnownLight | null>();
  return (region) => {
    const before = known.get(region);
    if (before !== undefined) return before;
    const box = regionBox(region, plan.framing);
    const light = box && knownLight(plan, box);
    known.set(region, light);
    return light;
  };
}

/** A frame that would be made. Looking at a region that is not in the picture throws RangeError. */
export function foreseenFrame(shot: SimulatedShot, light: LightOf): FrameLook {
  const plan = planSimulated(shot);
  const profile = cameraProfile(plan.lens.sensor.sensitivities);
  const looks = new Map<Region, RegionLook>();
  const white = whiteChromaticity(shot.white);
  return {
    plan,
    profile,
    white,
    neutral: asShotNeutral(profile, white),
    look(region) {
      const before = looks.get(region);
      if (before) return before;
      const known = light(region);
      if (!known) throw new RangeError(`${region.name} is not in the picture`);
      const look = {
        light: known,
        reading: foreseenReading(plan, known),
        blurPx: foreseenBlurPx(plan, known),
      };
      looks.set(region, look);
      return look;
    },
  };
}
