import type { SteppedCamera } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import type { CameraCapabilities } from './capabilities';

/** A control that the camera keeps to itself moves by nothing. */
const KEPT = { min: 0, max: 0 } as const;

/** What the steps of a series are worked out from with these settings. */
export const steppedCamera = (
  {
    time,
    iso,
    baseIsoClick,
    focus,
  }: Pick<CameraCapabilities, 'time' | 'iso' | 'baseIsoClick' | 'focus'>,
  settings: Settings,
): SteppedCamera => ({
  ranges: {
    time: time ?? KEPT,
    // Extended ISO renders the same raw darker: that is no step.
    iso: iso ? { ...iso, min: Math.max(iso.min, baseIsoClick ?? iso.min) } : KEPT,
  },
  sharpHalfWidth: focus(settings)?.sharpHalfWidth ?? null,
});
