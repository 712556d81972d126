import { releasedSettings, sameControl, type Settings } from '@velmo/core/settings';
import { pause } from '../live/pause';
import { filledSettings, followLight, openTape } from './openTape';
import { TrackApplier, type RefusedControls } from './track/trackApplier';
import { asksFor, isDone } from './track/trackControls';
import type { ControlCapabilities, ControlSettings } from './track/trackTypes';

/** How often the open tape may be moved: a device needs some frames to show what was asked. */
const FOLLOW_MS = 500;
/** How long a camera may take to hold what a series asks for, and how often it is asked. */
const HOLD_MS = 3000;
const ASK_MS = 50;

/**
 * Asks a track for the photographer's settings and moves the tape that they leave open, or holds
 * what a series wants instead.
 */
export class TrackDriver {
  /** The photographer's, as they are now; null before the first. */
  settings: Settings | null = null;
  /** What the track offers: asked once, for it costs a new object each time. */
  readonly controls: ControlCapabilities;
  private applied = 0;
  private applier: TrackApplier | null = null;
  private stopped = false;
  /** A series changes the exposure: whether the device follows is for the series to judge. */
  private inSeries = false;
  /** Where the tape that was left open has been moved to, in clicks, and when. */
  private filled: number | null = null;
  private followedAt = -Infinity;

  /** @param onRefused told what the photographer holds and the track does not */
  constructor(
    private readonly track: MediaStreamTrack,
    private readonly onRefused: (refused: RefusedControls) => void,
  ) {
    this.controls = (track.getCapabilities?.() ?? {}) as ControlCapabilities;
  }

  /** Number of the last settings that have been sent. */
  get honoured(): number {
    return this.applier?.honoured ?? 0;
  }

  /** What the track says it does. */
  readonly reported = (): ControlSettings => this.track.getSettings() as ControlSettings;

  apply(settings: Settings, number: number): void {
    // Another tape open, or none: it starts from where the device stands.
    const { time, iso } = this.settings ?? settings;
    if (!sameControl(time, settings.time) || !sameControl(iso, settings.iso)) this.filled = null;
    this.settings = settings;
    this.applied = number;
    this.push();
  }

  /** Asks for settings of a series and waits until the track says it follows, but not for ever. */
  readonly hold = async (settings: Settings): Promise<void> => {
    this.inSeries = true;
    this.send(settings);
    const asks = asksFor(settings, this.controls);
    const end = performance.now() + HOLD_MS;
    while (performance.now() < end && !this.stopped) {
      const reported = this.reported();
      if (asks.every((ask) => isDone(ask, reported, this.controls))) return;
      await pause(ASK_MS);
    }
  };

  /** Gives the track back to the photographer's settings. */
  readonly restore = (): void => {
    this.inSeries = false;
    this.push();
  };

  /** Moves the tape that was left open while the other is held. */
  follow(meterStops: number): void {
    const { settings, inSeries } = this;
    if (!settings || inSeries || performance.now() - this.followedAt < FOLLOW_MS) return;
    this.followedAt = performance.now();
    const to = followLight(settings, this.controls, this.reported(), meterStops, this.filled);
    if (to === this.filled) return;
    this.filled = to;
    this.push();
  }

  stop(): void {
    this.stopped = true;
    this.applier?.stop();
  }

  /** Asks for the settings as they are now; a guided series keeps them waiting. */
  private push(): void {
    const { settings, inSeries } = this;
    if (settings && !inSeries) this.send(filledSettings(settings, this.controls, this.filled));
  }

  private send(filled: Settings): void {
    const { settings } = this;
    if (!settings) return;
    this.applier ??= new TrackApplier(
      this.track,
      this.controls,
      { ...releasedSettings(settings), torch: false, crop: 1 },
      (refused) => this.refuse(refused),
    );
    this.applier.apply(settings, this.applied, filled);
  }

  private refuse(refused: RefusedControls): void {
    // What was left open is Velmo's to find, and nothing the photographer holds: there is nothing
    // to roll back.
    const open = openTape(refused.wanted, this.controls)?.name;
    const controls = refused.controls.filter((control) => control !== open);
    if (!this.inSeries && controls.length > 0) this.onRefused({ ...refused, controls });
  }
}
