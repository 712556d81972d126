import type { SceneRange } from './coverage';

/** What one exposure of a scene showed of its light. */
export interface Probe {
  /** Clicks from the exposure that the scene is measured about. */
  readonly offsetClicks: number;
  /** The brightest texture and the darkest tone, in clicks from mid-grey as exposed. */
  readonly brightestClicks: number;
  readonly darkestClicks: number;
  /** More clips than may, or more is lost in the dark: those tones are not known from here. */
  readonly clips: boolean;
  readonly isLost: boolean;
}

/** How far the next look lies from the one before: two stops. */
const PROBE_CLICKS = 6;

const by = (probes: readonly Probe[], sign: 1 | -1): Probe =>
  probes.reduce((most, probe) =>
    sign * probe.offsetClicks > sign * most.offsetClicks ? probe : most,
  );

/**
 * The exposure to look at next, in clicks: darker while the brightest clips, brighter while the
 * darkest is lost; null when both ends are known, or the camera goes no further.
 *
 * @param probes so far, one at least
 * @param reach offsets the camera can be exposed at
 */
export function nextProbe(
  probes: readonly Probe[],
  reach: { readonly min: number; readonly max: number },
): number | null {
  const [darkest, brightest] = [by(probes, -1), by(probes, 1)];
  if (darkest.clips && darkest.offsetClicks > reach.min)
    return Math.max(reach.min, darkest.offsetClicks - PROBE_CLICKS);
  if (brightest.isLost && brightest.offsetClicks < reach.max)
    return Math.min(reach.max, brightest.offsetClicks + PROBE_CLICKS);
  return null;
}

/**
 * The scene as far as the probes saw it, in clicks from mid-grey at offset 0: each end from the
 * exposure that shows it best.
 */
export function probedRange(probes: readonly Probe[]): SceneRange {
  const unclipped = probes.filter(({ clips }) => !clips);
  const clear = probes.filter(({ isLost }) => !isLost);
  const bright = unclipped.length > 0 ? by(unclipped, 1) : by(probes, -1);
  const dark = clear.length > 0 ? by(clear, -1) : by(probes, 1);
  return {
    brightestClicks: bright.brightestClicks - bright.offsetClicks,
    darkestClicks: dark.darkestClicks - dark.offsetClicks,
  };
}
