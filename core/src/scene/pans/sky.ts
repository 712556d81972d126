import {
  DAY_14000_B,
  DAY_14000_G,
  DAY_14000_R,
  DAY_5800_B,
  DAY_5800_G,
  DAY_5800_R,
  DAY_7000_B,
  DAY_7000_G,
  DAY_7000_R,
  DAY_7600_B,
  DAY_7600_G,
  DAY_7600_R,
} from '../rays/colours';
import { add, any, div, k, less, max, mul, sub, type Four } from '../rays/four';
import { clamped, exp, fractalNoise, mix, setLight, smoothstep } from '../rays/functions';

/**
 * The blue of a clear sky is purer than any daylight phase: a Rayleigh sky's BT.709 mix at Y = 1.
 */
const RAYLEIGH_R = 0.62 * 0.85 + DAY_14000_R * 0.15;
const RAYLEIGH_G = 0.98 * 0.85 + DAY_14000_G * 0.15;
const RAYLEIGH_B = 2.3 * 0.85 + DAY_14000_B * 0.15;

/** Luminances in cd/m2. */
const ZENITH_L = 1900;
const HORIZON_L = 5200;
const CLOUD_L = 9800;
const CLOUD_SHADE_L = 4300;

/** Height of the cloud layer over its thickness, in arbitrary units of the noise. */
const CLOUD_SCALE = 1.15;

/** The sky's light along directions with dy >= 0. */
export function skyAt(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  const up = max(k(0), dy);
  const low = exp(mul(up, k(-5.5)));
  const clear = sub(k(1), low);
  const blue = mul(clear, add(k(ZENITH_L), mul(clear, k(350))));
  const haze = mul(low, k(HORIZON_L));
  const r = add(mul(blue, k(RAYLEIGH_R)), mul(haze, k(DAY_7000_R)));
  const g = add(mul(blue, k(RAYLEIGH_G)), mul(haze, k(DAY_7000_G)));
  const b = add(mul(blue, k(RAYLEIGH_B)), mul(haze, k(DAY_7000_B)));
  setLight(r, g, b);
  // Clouds drift in a plane overhead; perspective flattens them towards the horizon.
  const reach = div(k(1), add(up, k(0.11)));
  const x = mul(mul(dx, reach), k(CLOUD_SCALE));
  const y = mul(mul(mul(dz, reach), k(CLOUD_SCALE)), k(1.5));
  const footprint = mul(mul(footprintRad, mul(reach, reach)), k(0.5));
  const shape = fractalNoise(add(x, k(11.2)), add(y, k(4.7)), 1.9, 7, footprint);
  const cover = mul(smoothstep(-0.02, 0.42, shape), smoothstep(0, 0.07, up));
  if (!any(less(k(0), cover))) return;
  const aside = fractalNoise(add(x, k(11.05)), add(y, k(4.55)), 1.9, 5, footprint);
  const relief = mul(sub(aside, shape), k(1.7));
  const thick = mul(smoothstep(0.25, 0.9, shape), k(0.35));
  const lit = clamped(sub(sub(k(0.62), relief), thick));
  const bright = mul(lit, k(CLOUD_L));
  const dark = mul(sub(k(1), lit), k(CLOUD_SHADE_L));
  const share = mul(cover, k(0.94));
  setLight(
    mix(r, add(mul(bright, k(DAY_5800_R)), mul(dark, k(DAY_7600_R))), share),
    mix(g, add(mul(bright, k(DAY_5800_G)), mul(dark, k(DAY_7600_G))), share),
    mix(b, add(mul(bright, k(DAY_5800_B)), mul(dark, k(DAY_7600_B))), share),
  );
}
