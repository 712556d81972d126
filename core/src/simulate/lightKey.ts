import type { SimulatedPlan } from './simulatedPlan';

/** What the light of a still framing depends on: the same text, the same light before the lens. */
export const lightKey = ({ scene, lens, framing, binning, shot }: SimulatedPlan): string =>
  JSON.stringify([scene.id, lens.id, framing, binning, shot.torch]);
