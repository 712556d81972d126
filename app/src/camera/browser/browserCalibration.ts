import { CLICKS_PER_STOP } from '@velmo/core/exposure';
import { guidedClicks, type RecoveredResponse } from '@velmo/core/response';
import type { Settings } from '@velmo/core/settings';
import { keepLight, UNKNOWN_LIGHT, type CameraLight } from '../../storage/kept/cameraLight';
import type { Calibration, SeriesOutcome } from '../device/calibration';
import { heldAt, SETTLING_FRAMES } from './heldTrack';
import { compRangeOf, reportedClicks, reportedTimeS, timeRangeOf } from './track/trackControls';
import type { ControlCapabilities, ControlSettings } from './track/trackTypes';

const NO_STEPS =
  'This camera takes neither a shutter time nor a compensation from the browser, so its exposure cannot be changed in known steps. ' +
  'Torch and filter would change the light and its colour with it: that is no calibration. Use a grey card instead.';

/** What a guided series needs of the camera. */
export interface SeriesSource {
  readonly track: MediaStreamTrack;
  readonly controls: ControlCapabilities;
  /** Settings as they are now. */
  settings(): Settings | null;
  /**
   * Asks for settings and waits until the track says it follows, but not for ever: what it reports
   * is what counts.
   */
  hold(settings: Settings): Promise<void>;
  /** Gives the track back to the photographer's settings. */
  restore(): void;
  startSeries(): Promise<void>;
  /** One picture; false where those taken show by now that the camera does not follow. */
  gather(exposureStops: number, skip: number): Promise<boolean>;
  recover(): Promise<RecoveredResponse | null>;
  readonly closing: Promise<never>;
  reading: Calibration['reading'];
  onLight(light: CameraLight): void;
}

/**
 * Calibrates a browser camera's light: by a guided series, a grey card, another meter. Kept for
 * each camera.
 */
export class BrowserCalibration implements Calibration {
  constructor(
    private readonly source: SeriesSource,
    private readonly key: string,
    public light: CameraLight,
  ) {
    // sRGB's is what the live picture starts with.
    if (light !== UNKNOWN_LIGHT) source.onLight(light);
  }

  get series(): Calibration['series'] {
    const { controls } = this.source;
    if (this.clicks('time') !== null) return { by: 'time' };
    if (this.clicks('comp') !== null) return { by: 'comp' };
    const some = timeRangeOf(controls) ?? compRangeOf(controls);
    return {
      refused: some
        ? 'This camera’s exposure can be changed by less than three stops, which shows too little of its curve. Use a grey card instead.'
        : NO_STEPS,
    };
  }

  set(light: CameraLight): void {
    this.light = light;
    keepLight(this.key, light);
    this.source.onLight(light);
  }

  reading(): ReturnType<Calibration['reading']> {
    return this.source.reading();
  }

  async recover(onProgress: (share: number) => void, stop: AbortSignal): Promise<SeriesOutcome> {
    const { source, series } = this;
    const before = source.settings();
    if ('refused' in series || !before) return 'unchanged';
    const { by } = series;
    const clicks = this.clicks(by)!;
    await source.startSeries();
    try {
      // The whole curve lies between the darkest and the brightest: one after the other, as the eye
      // expects.
      for (const [k, click] of clicks.entries()) {
        if (stop.aborted) return 'stopped';
        onProgress(k / clicks.length);
        await source.hold(heldAt(before, source.controls, this.reported, by, click));
        const follows = await Promise.race([
          source.gather(this.stopsAt(by, click), SETTLING_FRAMES[by]),
          source.closing,
        ]);
        if (!follows) return 'unchanged';
      }
      if (stop.aborted) return 'stopped';
      onProgress(1);
      const found = await source.recover();
      if (found?.kind !== 'found') return found?.kind ?? 'moved';
      // A grey card read by another curve says nothing any more.
      this.set({ ...this.light, response: found.response, measuredAt: Date.now(), greyStops: 0 });
      return 'found';
    } finally {
      source.restore();
    }
  }

  /** How much light the picture gets, from what the track says it does. */
  private stopsAt(by: 'time' | 'comp', click: number): number {
    const reported = this.reported;
    if (by === 'comp') return reported.exposureCompensation ?? click / CLICKS_PER_STOP;
    const timeS = reportedTimeS(reported);
    return timeS === null ? click / CLICKS_PER_STOP : Math.log2(timeS);
  }

  private clicks(by: 'time' | 'comp'): number[] | null {
    const { controls } = this.source;
    const range = by === 'time' ? timeRangeOf(controls) : compRangeOf(controls);
    if (!range) return null;
    const now = by === 'time' ? reportedClicks(this.reported).timeClick : 0;
    return guidedClicks(this.middle(now ?? (range.min + range.max) / 2, by), range);
  }

  /**
   * The exposure at which the scene lies in the middle of the curve: where the meter reads
   * mid-grey.
   */
  private middle(now: number, by: 'time' | 'comp'): number {
    const off = by === 'time' ? (this.source.reading()?.meterStops ?? 0) : 0;
    return Math.round(now - off * CLICKS_PER_STOP);
  }

  private get reported(): ControlSettings {
    return this.source.track.getSettings() as ControlSettings;
  }
}
