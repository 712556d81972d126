// Frames of the simulated camera as a stack to be combined, and the light they were made of.
import { asShotNeutral, whiteChromaticity } from '@velmo/core/colour';
import type { StackRaw } from '@velmo/core/combine';
import type { RawFile } from '@velmo/core/files';
import { cameraProfile } from '@velmo/core/sensor';
import {
  bandRows,
  exposeBand,
  noiseProfile,
  StillLight,
  type SimulatedPlan,
} from '@velmo/core/simulate';
import { electronsPerLight, lightOnBand } from '../../src/simulate/simulatedBand';

export const still = new StillLight();

/** Each band's values laid together. */
export function whole<T extends Uint16Array | Float32Array>(
  plan: SimulatedPlan,
  out: T,
  bandOf: (band: number) => T,
): T {
  let at = 0;
  for (let band = 0; band < plan.bands; band++) {
    const part = bandOf(band);
    out.set(part, at);
    at += part.length;
  }
  return out;
}

export function frameOf(plan: SimulatedPlan): StackRaw {
  const { width, height, response, shot } = plan;
  return {
    data: whole(plan, new Uint16Array(width * height), (b) =>
      exposeBand(plan, b, undefined, still),
    ),
    width,
    height,
    samplesPerPixel: 1,
    blackLevel: response.blackLevel,
    whiteLevel: response.whiteLevel,
    noise: noiseProfile(response),
    exposure: shot.timeS,
  };
}

/**
 * What each photosite would hold without noise, its white 1.
 *
 * @param kept null: nothing of other plans is taken
 */
export function truthOf(plan: SimulatedPlan, kept: StillLight | null = still): Float32Array {
  const { width, response } = plan;
  const share = electronsPerLight(plan) / response.saturationE;
  return whole(plan, new Float32Array(width * plan.height), (band) => {
    const light = lightOnBand(plan, band, undefined, kept);
    const out = new Float32Array(width * bandRows(plan, band));
    for (let i = 0; i < out.length; i++) {
      const [x, y] = [i % width, Math.floor(i / width)];
      out[i] = light[3 * i + (x & 1) + (y & 1)] * share;
    }
    return out;
  });
}

/** What a file of the plan would say, but for its times. */
export function simulatedFile({ shot, lens }: SimulatedPlan, frame: StackRaw): RawFile {
  const { width, height, blackLevel, whiteLevel, noise } = frame;
  const crop = { x: 0, y: 0, width, height };
  const profile = cameraProfile(lens.sensor.sensitivities);
  return {
    raw: { kind: 'cfa', width, height, samplesPerPixel: 1, blackLevel, whiteLevel, noise, crop },
    orientation: 1,
    profile,
    asShotNeutral: asShotNeutral(profile, whiteChromaticity(shot.white)),
    baselineExposure: 0,
    chosen: null,
    exif: { focusedM: 1 / shot.focusDioptres },
  };
}
