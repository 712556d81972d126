import equal from 'fast-deep-equal';
import type { Settings } from '@velmo/core/settings';
import {
  asksFor,
  constraintsFor,
  isDone,
  reportedClicks,
  type AskedControl,
  type ControlName,
} from './trackControls';
import type { ControlCapabilities, ControlSettings } from './trackTypes';
import { pause } from '../../live/pause';

/** How long a track is given to do what it accepted, and how often it is asked. */
const SETTLE_MS = 2000;
const ASK_MS = 100;

/**
 * Settings as the photographer has them, and as the track is asked for them: with what was left
 * open filled in.
 */
interface Sent {
  readonly settings: Settings;
  readonly asks: readonly AskedControl[];
}

/** Controls a track has refused, and the settings that it did follow. */
export interface RefusedControls {
  readonly controls: readonly ControlName[];
  readonly wanted: Settings;
  readonly followed: Settings;
  /** Time and ISO it says it uses, in clicks; null where it says nothing. */
  readonly reported: { readonly timeClick: number | null; readonly isoClick: number | null };
}

/** Constraints by their W3C names, to the control they belong to. */
const CONTROL_OF: Readonly<Record<string, ControlName>> = {
  exposureTime: 'time',
  iso: 'iso',
  exposureCompensation: 'comp',
  focusMode: 'focus',
  focusDistance: 'focus',
  pointsOfInterest: 'focus',
  whiteBalanceMode: 'white',
  colorTemperature: 'white',
  zoom: 'zoom',
  torch: 'torch',
};

/**
 * Sends settings to a track, one request at a time, the latest first; then reads back whether the
 * track follows. A track may refuse with an error, or accept and do something else: both are told.
 */
export class TrackApplier {
  /** Number of the last settings that have been sent. */
  honoured = 0;
  private followed: Sent;
  private next: (Sent & { readonly number: number }) | null = null;
  private busy = false;
  private stopped = false;

  /**
   * @param followed what the track is taken to follow before it was asked for anything
   */
  constructor(
    private readonly track: MediaStreamTrack,
    private readonly capabilities: ControlCapabilities,
    followed: Settings,
    private readonly onRefused: (refused: RefusedControls) => void,
  ) {
    this.followed = { settings: followed, asks: asksFor(followed, this.capabilities) };
  }

  /**
   * @param settings the photographer's
   * @param filled the same with what was left open filled in, as the track is asked for it
   */
  apply(settings: Settings, number: number, filled = settings): void {
    this.next = { settings, number, asks: asksFor(filled, this.capabilities) };
    if (!this.busy) void this.run();
  }

  stop(): void {
    this.stopped = true;
  }

  private async run(): Promise<void> {
    this.busy = true;
    while (this.next && !this.stopped) {
      const { settings, asks, number } = this.next;
      this.next = null;
      const controls = await this.send(asks);
      this.honoured = number;
      const refused = controls ?? (await this.unfollowed(asks));
      if (refused === null) continue;
      if (refused.length === 0) this.followed = { settings, asks };
      else if (!this.stopped) this.refuse(refused, { settings, asks });
    }
    this.busy = false;
  }

  /** Controls the track refused; null where it took all. */
  private async send(asks: readonly AskedControl[]): Promise<ControlName[] | null> {
    if (asks.length === 0) return null;
    try {
      await this.track.applyConstraints(constraintsFor(asks));
      return null;
    } catch (error) {
      const constraint = (error as { constraint?: string }).constraint;
      const named = constraint ? CONTROL_OF[constraint] : undefined;
      return named ? [named] : this.changed(asks);
    }
  }

  /** Without a name, it is what has been changed since all was well. */
  private changed(asks: readonly AskedControl[]): ControlName[] {
    return asks.map(({ name }) => name).filter((name) => this.isNew(name, asks));
  }

  /**
   * Controls that the track accepted and does not follow, once it has had its time; null where
   * newer settings came between.
   */
  private async unfollowed(asks: readonly AskedControl[]): Promise<ControlName[] | null> {
    const end = performance.now() + SETTLE_MS;
    for (;;) {
      const reported = this.track.getSettings() as ControlSettings;
      const open = asks.filter((ask) => !isDone(ask, reported, this.capabilities));
      if (open.length === 0) return [];
      if (this.stopped || this.next !== null || this.track.readyState === 'ended') return null;
      if (performance.now() > end) return open.map(({ name }) => name);
      await pause(ASK_MS);
    }
  }

  /** True for a control that is asked for something else than when all was well. */
  private isNew(name: ControlName, asks: readonly AskedControl[]): boolean {
    const setOf = (all: readonly AskedControl[]) => all.find((ask) => ask.name === name)?.set;
    return !equal(setOf(this.followed.asks), setOf(asks));
  }

  private refuse(controls: readonly ControlName[], { settings, asks }: Sent): void {
    // Nothing is asked for that was not followed before: there is nothing to roll back to.
    const turned = controls.filter((name) => this.isNew(name, asks));
    if (turned.length === 0) return;
    const reported = reportedClicks(this.track.getSettings() as ControlSettings);
    const followed = this.followed.settings;
    this.onRefused({ controls: turned, wanted: settings, followed, reported });
  }
}
