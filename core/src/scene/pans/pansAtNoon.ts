import { writeSample } from '../light';
import { litBy, type Scene, type SceneSample } from '../scene';
import { background } from './background';
import { shadeGround } from './ground';
import { SHED } from './shed';
import { solids } from './solids';
import { DOORWAY_L, DOORWAY_X } from './surfaces';

const EYE_M = 1.65;
/** Ground further away than this lies in the haze of the hills. */
const FAR_END = 420;

const rgb = new Float64Array(3);

/** White salt heaps in the sun, brine with glints, a dark shed, sky: contrast no single setting forgives. */
export const pansAtNoon: Scene = {
  id: 'pans-at-noon',
  name: 'Pans at noon',
  ...litBy({ locus: 'daylight', kelvin: 5400 }),
  framing: { yawRad: 0.05, pitchRad: 0.0 },
  description: 'White salt in full sun beside a black shed: keep texture in the salt.',
  stated: {
    what: 'the dark of the shed’s doorway',
    yawRad: Math.atan2(DOORWAY_X, SHED.z0),
    pitchRad: Math.atan2(1.62 - EYE_M, SHED.z0),
    halfAngleRad: 0.5 / SHED.z0,
    luminance: DOORWAY_L,
  },
  subject: null,
  sample(dx: number, dy: number, dz: number, footprintRad: number, out: SceneSample): void {
    let t = solids(0, EYE_M, 0, dx, dy, dz, footprintRad, rgb);
    const ground = dy < 0 ? -EYE_M / dy : Infinity;
    if (ground < t && ground < FAR_END) {
      t = ground;
      shadeGround(t * dx, t * dz, dx, dy, dz, t, footprintRad, rgb);
    } else if (t === Infinity) {
      background(dx, dy, dz, footprintRad, rgb);
    }
    writeSample(out, rgb[0], rgb[1], rgb[2], t);
  },
};
