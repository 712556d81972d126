import { converter, differenceCiede2000, type Lab65 } from 'culori';
import { balancedCameraToSrgb } from '../../colour/cameraProfile';
import { multiplyVec, type Vec3 } from '../../colour/mat3';
import { midGreyShare } from '../../sensor/sensorModel';
import { begun, NOISY, type Criterion } from '../criterion';
import type { FrameLook } from '../frameLook';
import type { Region } from '../region';

const difference = differenceCiede2000();
const toLab = converter('lab65');

/** A difference that is just seen (common practice). */
const SEEN = 1;
/** So much more is counted as a stop. */
const PER_STOP = 3;

/** A region as the frame's white renders it, mid-grey at 18 %. */
function labOf(region: Region, { plan, look, profile, white, neutral }: FrameLook): Lab65 {
  const { mean } = look(region).reading;
  const grey = 0.18 / midGreyShare(plan.lens.sensor, plan.iso);
  const balanced = mean.map((v, c) => (v / neutral[c]) * grey) as unknown as Vec3;
  // Against the brightest it is far less than one: no channel is cut.
  const matrix = balancedCameraToSrgb(profile, white);
  const [r, g, b] = multiplyVec(matrix, balanced);
  return toLab({ mode: 'lrgb', r, g, b });
}

/** CIEDE2000 of a region from a grey of its own lightness. */
export function offNeutral(region: Region, frame: FrameLook): number {
  const lab = labOf(region, frame);
  return difference(lab, { mode: 'lab65', l: lab.l, a: 0, b: 0 });
}

const towards = ({ a, b }: Lab65): string =>
  Math.abs(a) > Math.abs(b) ? (a > 0 ? 'magenta' : 'green') : b > 0 ? 'yellow' : 'blue';

/** A region that is grey is to look grey, by the white the frame was made with. */
export const neutralGrey = (region: Region): Criterion => ({
  id: `colour of ${region.name}`,
  region,
  weight: NOISY,
  by: 'white',
  loss: (frame) => Math.max(0, offNeutral(region, frame) - SEEN) / PER_STOP,
  says: (frame) =>
    `${begun(region.name)} is off neutral by ${offNeutral(region, frame).toFixed(1)} (CIEDE2000), towards ${towards(labOf(region, frame))}.`,
});
