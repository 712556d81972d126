import { daylight } from '../light';
import { fractalNoise, smoothstep } from '../texture';

const BLUE = daylight(14000);
const HAZE = daylight(7000);
/** The blue of a clear sky is purer than any daylight phase: a Rayleigh sky's BT.709 mix at Y = 1. */
const RAYLEIGH = [0.62, 0.98, 2.3].map((v, c) => v * 0.85 + BLUE[c] * 0.15);
const CLOUD = daylight(5800);
const CLOUD_SHADE = daylight(7600);

/** Luminances in cd/m2. */
const ZENITH_L = 1900;
const HORIZON_L = 5200;
const CLOUD_L = 9800;
const CLOUD_SHADE_L = 4300;

/** Height of the cloud layer over its thickness, in arbitrary units of the noise. */
const CLOUD_SCALE = 1.15;

/** Adds the sky along a direction with dy >= 0 to rgb (cd/m2). */
export function skyAt(
  dx: number,
  dy: number,
  dz: number,
  footprintRad: number,
  rgb: Float64Array,
): void {
  const up = Math.max(0, dy);
  const low = Math.exp(-up * 5.5);
  const blue = ZENITH_L + (1 - low) * 350;
  for (let c = 0; c < 3; c++) rgb[c] = (1 - low) * blue * RAYLEIGH[c] + low * HORIZON_L * HAZE[c];
  // Clouds drift in a plane overhead; perspective flattens them towards the horizon.
  const reach = 1 / (up + 0.11);
  const x = dx * reach * CLOUD_SCALE;
  const y = dz * reach * CLOUD_SCALE;
  const footprint = footprintRad * reach * reach * 0.5;
  const shape = fractalNoise(x + 11.2, y * 1.5 + 4.7, 1.9, 7, footprint);
  const cover = smoothstep(-0.02, 0.42, shape) * smoothstep(0.0, 0.07, up);
  if (cover <= 0) return;
  const relief = fractalNoise(x + 11.05, y * 1.5 + 4.55, 1.9, 5, footprint) - shape;
  const lit = Math.min(1, Math.max(0, 0.62 - relief * 1.7 - smoothstep(0.25, 0.9, shape) * 0.35));
  for (let c = 0; c < 3; c++) {
    const cloud = lit * CLOUD_L * CLOUD[c] + (1 - lit) * CLOUD_SHADE_L * CLOUD_SHADE[c];
    rgb[c] += (cloud - rgb[c]) * cover * 0.94;
  }
}
