import type { CameraLight } from '../../storage/kept/cameraLight';

/** A guided series that was stopped, was refused, or ended with something else than a response. */
export type SeriesOutcome = 'found' | 'unchanged' | 'narrow' | 'moved' | 'stopped';

/** The ways in which a camera's light is calibrated. */
export interface Calibration {
  readonly light: CameraLight;
  /**
   * What changes the exposure in a guided series: the device's time or its compensation; else why
   * there can be none.
   */
  readonly series: { readonly by: 'time' | 'comp' } | { readonly refused: string };
  /** Takes a guided series and keeps the response it leads to. */
  recover(onProgress: (share: number) => void, stop: AbortSignal): Promise<SeriesOutcome>;
  /** Keeps another calibration. */
  set(light: CameraLight): void;
  /**
   * What the meter reads now: stops from mid-grey, and the exposure as EV 100 without any offset
   * (null unknown).
   */
  reading(): { readonly meterStops: number; readonly ev100: number | null } | null;
}
