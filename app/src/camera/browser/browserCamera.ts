import { transfer, type Remote } from 'comlink';
import { startedWorker } from '../../workers/startedWorker';
import { stoppedPicture } from '../device/stoppedPicture';
import type { CapturePlan } from '@velmo/core/series';
import {
  releasedSettings,
  sameControl,
  type MeterSetting,
  type Settings,
} from '@velmo/core/settings';
import type { BrowserChoice } from '../../storage/cameraChoice';
import { lastLight, UNKNOWN_LIGHT } from '../../storage/cameraLight';
import type { CapturedFrame } from '../device/capturedFrame';
import type { BrowserLiveApi } from './browserLive.worker';
import { BrowserCalibration } from './browserCalibration';
import { browserCapabilities } from './browserCapabilities';
import { BrowserCapture } from './browserCapture';
import type { PictureReadings } from './browserLive';
import type { Calibration } from '../device/calibration';
import type { CameraCapabilities } from '../device/capabilities';
import type { CameraDevice, CameraFacets, CaptureEvents } from '../device/CameraDevice';
import type { CameraRefusal } from '../device/refusal';
import type { Readings } from '../device/readings';
import type { ViewOptions } from '../device/view';
import { exposureEv } from '../device/exposureEv';
import { VideoFeed } from './feed/videoFeed';
import type { SteppedTrack } from './heldTrack';
import { filledSettings, followLight, openTape } from './openTape';
import { openTrack } from './openTrack';
import { probeScene } from './probeScene';
import { closedCamera, heldBackVideo, lostCamera, stalledCamera, unreachable } from './refusals';
import { StallWatch } from './stallWatch';
import { hasFlash } from './takePhoto';
import { TrackApplier, type RefusedControls } from './track/trackApplier';
import { asksFor, isDone, reportedClicks } from './track/trackControls';
import { reportedFocus } from './track/trackFocus';
import type { ControlCapabilities, ControlSettings } from './track/trackTypes';

/** How often the open tape may be moved: a device needs some frames to show what was asked. */
const FOLLOW_MS = 500;
/** How long a camera may take to hold what a series asks for. */
const HOLD_MS = 3000;

/**
 * The phone's own camera, as far as a browser gives it: processed video frames, never sensor data.
 */
export class BrowserCamera implements CameraDevice {
  readonly kind = 'browser';
  calibration?: Calibration;
  sceneRange?: CameraFacets['sceneRange'];
  private readonly started = startedWorker<BrowserLiveApi>(
    new Worker(new URL('./browserLive.worker.ts', import.meta.url)),
  );
  private readonly live: Remote<BrowserLiveApi> = this.started.api;
  private readonly channel = new MessageChannel();
  private readonly listeners = new Set<(readings: Readings) => void>();
  private readonly lost = new Set<(refusal: CameraRefusal) => void>();
  private readonly refused = new Set<(refused: RefusedControls) => void>();
  private readonly watch = new StallWatch(
    () => this.track?.readyState === 'ended',
    (over) => this.goAway(over ? lostCamera() : stalledCamera()),
  );
  private track: MediaStreamTrack | null = null;
  /** What the track offers: asked once, for it costs a new object each time. */
  private controls: ControlCapabilities = {};
  private feed: VideoFeed | null = null;
  private applier: TrackApplier | null = null;
  private capturing: BrowserCapture | null = null;
  private latest: PictureReadings | null = null;
  private applied = 0;
  private settings: Settings | null = null;
  private metered: MeterSetting | null = null;
  private closed = false;
  /**
   * A series changes the exposure: whether the device follows is for the series to judge.
   */
  private inSeries = false;
  /** Where the tape that was left open has been moved to, and when. */
  private filled: number | null = null;
  private followedAt = 0;
  private giveUp: (refusal: CameraRefusal) => void = () => {};
  private readonly closing = new Promise<never>((_, reject) => (this.giveUp = reject));

  constructor(private readonly choice: BrowserChoice) {
    // Nobody may be waiting when the camera is closed.
    this.closing.catch(() => {});
    this.started.lost.catch(() => this.goAway(stoppedPicture()));
  }

  async open(): Promise<CameraCapabilities> {
    const problem = unreachable();
    if (problem) throw problem;
    await this.started.ready.catch(() => {
      throw stoppedPicture();
    });
    const track = await openTrack(this.choice);
    if (this.closed) {
      track.stop();
      throw lostCamera();
    }
    this.track = track;
    this.controls = (track.getCapabilities?.() ?? {}) as ControlCapabilities;
    track.addEventListener('ended', () => this.goAway(lostCamera()));
    this.channel.port1.onmessage = (event: MessageEvent<PictureReadings>) =>
      this.passOn(event.data);
    await this.live.open(transfer(this.channel.port2, [this.channel.port2]));
    const key = track.label || track.getSettings().deviceId || 'camera';
    this.calibration = this.calibrationOf(track, key, await lastLight(key));
    this.feed = new VideoFeed(track, this.live);
    // A video that will not play says nothing: the watch does.
    this.watch.start();
    const started = this.feed.start().catch(() => {
      throw heldBackVideo();
    });
    const [flash] = await Promise.race([Promise.all([hasFlash(track), started]), this.closing]);
    const capabilities = browserCapabilities(track, this.controls, flash);
    const stepped = this.steppedTrack();
    this.capturing = this.captureOf(track, stepped, capabilities.takesPhotos);
    if (capabilities.coversScene)
      this.sceneRange = async (share) => this.settings && probeScene(stepped, this.settings, share);
    this.capturing.warm();
    return capabilities;
  }

  attach(canvas: OffscreenCanvas): void {
    void this.live.attach(transfer(canvas, [canvas]));
  }

  apply(settings: Settings): number {
    if (settings.meter !== this.metered) void this.live.meter(settings.meter);
    this.metered = settings.meter;
    // Another tape open, or none: it starts from where the device stands.
    const { time, iso } = this.settings ?? settings;
    if (!sameControl(time, settings.time) || !sameControl(iso, settings.iso)) this.filled = null;
    this.settings = settings;
    this.applied++;
    this.pushSettings();
    return this.applied;
  }

  view(options: ViewOptions): void {
    void this.live.view(options);
  }

  attachLoupe(canvas: OffscreenCanvas): void {
    void this.live.attachLoupe(transfer(canvas, [canvas]));
  }

  onReadings(listener: (readings: Readings) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  onLost(listener: (refusal: CameraRefusal) => void): () => void {
    this.lost.add(listener);
    return () => this.lost.delete(listener);
  }

  onRefused(listener: (refused: RefusedControls) => void): () => void {
    this.refused.add(listener);
    return () => this.refused.delete(listener);
  }

  capture(
    plan: CapturePlan,
    roll: string,
    events: CaptureEvents,
    stop: AbortSignal,
  ): AsyncIterable<CapturedFrame> {
    if (!this.capturing || this.track?.readyState !== 'live') throw lostCamera();
    return this.capturing.capture(plan, roll, events, stop);
  }

  /** A frame that was asked for just before is still grabbed: leaving Field loses nothing. */
  close(): void {
    this.closed = true;
    this.watch.stop();
    this.applier?.stop();
    const grabbed = this.capturing?.grabbed();
    if (grabbed) void grabbed.then(() => this.letGo());
    else this.letGo();
  }

  private letGo(): void {
    this.feed?.stop();
    this.track?.stop();
    this.channel.port1.close();
    this.started.end();
    this.giveUp(closedCamera());
    this.capturing?.close();
  }

  /** The camera has gone by itself, or might as well have: it is let go, and everybody told. */
  private goAway(refusal: CameraRefusal): void {
    if (this.closed) return;
    this.giveUp(refusal);
    this.close();
    for (const listener of [...this.lost]) listener(refusal);
  }

  private reported(): ControlSettings {
    return (this.track?.getSettings() ?? {}) as ControlSettings;
  }

  /** Asks the track for the settings as they are now; a guided series keeps them waiting. */
  private pushSettings(): void {
    const { settings } = this;
    if (settings && !this.inSeries) this.push(filledSettings(settings, this.controls, this.filled));
  }

  private push(filled: Settings): void {
    const { track, settings } = this;
    if (!track || !settings) return;
    this.applier ??= new TrackApplier(
      track,
      { ...releasedSettings(settings), torch: false, crop: 1 },
      (refused) => this.tellRefused(refused),
    );
    this.applier.apply(settings, this.applied, filled);
  }

  private tellRefused(refused: RefusedControls): void {
    // What was left open is Velmo's to find, and nothing the photographer holds: there is nothing
    // to roll back.
    const open = openTape(refused.wanted, this.controls)?.name;
    const controls = refused.controls.filter((control) => control !== open);
    if (this.inSeries || controls.length === 0) return;
    for (const listener of [...this.refused]) listener({ ...refused, controls });
  }

  private steppedTrack(): SteppedTrack {
    const nextReadings = (): Promise<Readings> =>
      new Promise((resolve) => {
        const stop = this.onReadings((readings) => {
          stop();
          resolve(readings);
        });
      });
    return {
      controls: this.controls,
      reported: () => this.reported(),
      hold: (settings) => this.hold(settings),
      restore: () => this.restore(),
      letGo: (frames) => Promise.race([this.live.letGo(frames), this.closing]),
      nextReadings: () => Promise.race([nextReadings(), this.closing]),
    };
  }

  private captureOf(
    track: MediaStreamTrack,
    stepped: SteppedTrack,
    takesPhotos: boolean,
  ): BrowserCapture {
    const light = () => this.calibration?.light ?? UNKNOWN_LIGHT;
    return new BrowserCapture({
      track,
      takesPhotos,
      closing: this.closing,
      get light() {
        return light();
      },
      stepped,
      grab: () => this.live.grab(),
      holdWatch: (work) => this.watch.hold(work),
    });
  }

  private calibrationOf(track: MediaStreamTrack, key: string, light: Calibration['light']) {
    const { live, closing } = this;
    const { controls } = this;
    return new BrowserCalibration(
      {
        track,
        controls,
        closing,
        settings: () => this.settings,
        hold: (settings) => this.hold(settings),
        restore: () => this.restore(),
        startSeries: () => live.startSeries(),
        gather: (stops, skip) => live.gather(stops, skip),
        recover: () => live.recover(),
        reading: () =>
          this.latest && {
            meterStops: this.latest.meterStops,
            ev100: exposureEv(this.reported(), this.latest.meterStops),
          },
        onLight: ({ response, greyStops }) => void live.calibrate(response, greyStops),
      },
      key,
      light,
    );
  }

  /** Asks for settings and waits until the track says it follows. */
  private async hold(settings: Settings): Promise<void> {
    this.inSeries = true;
    this.push(settings);
    const asks = asksFor(settings, this.controls);
    const end = performance.now() + HOLD_MS;
    while (performance.now() < end && !this.closed) {
      const reported = this.reported();
      if (asks.every((ask) => isDone(ask, reported, this.controls))) return;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  }

  /** Gives the track back to the photographer's settings. */
  private restore(): void {
    this.inSeries = false;
    this.pushSettings();
  }

  /** Moves the tape that was left open while the other is held. */
  private follow(meterStops: number): void {
    const { settings, inSeries } = this;
    if (!settings || inSeries || performance.now() - this.followedAt < FOLLOW_MS) return;
    this.followedAt = performance.now();
    const to = followLight(settings, this.controls, this.reported(), meterStops, this.filled);
    if (to === this.filled) return;
    this.filled = to;
    this.pushSettings();
  }

  private passOn(picture: PictureReadings): void {
    this.watch.alive();
    this.latest = picture;
    this.follow(picture.meterStops);
    const settings = this.reported();
    const { meterStops, ...seen } = picture;
    const offset = this.calibration?.light.evOffset ?? null;
    const ev = offset === null ? null : exposureEv(settings, meterStops);
    const kelvin = settings.colorTemperature;
    const readings: Readings = {
      ...seen,
      ...reportedClicks(settings),
      ev100: ev === null ? null : ev + offset!,
      white: kelvin ? { kelvin, tint: 0 } : null,
      focus: reportedFocus(this.controls, settings),
      applied: this.applier?.honoured ?? 0,
    };
    for (const listener of [...this.listeners]) listener(readings);
  }
}
