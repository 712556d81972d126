import { transfer, type Remote } from 'comlink';
import type { CapturePlan } from '@velmo/core/series';
import type { MeterSetting, Settings } from '@velmo/core/settings';
import { Listeners } from '../../state/listeners';
import type { BrowserChoice } from '../../storage/kept/cameraChoice';
import { lastLight, UNKNOWN_LIGHT, type CameraLight } from '../../storage/kept/cameraLight';
import { startedWorker } from '../../workers/startedWorker';
import type { Calibration } from '../device/calibration';
import type { CameraCapabilities } from '../device/capabilities';
import type { CapturedFrame } from '../device/capturedFrame';
import type { CameraDevice, CameraFacets, CaptureEvents } from '../device/CameraDevice';
import { exposureEv } from '../device/exposureEv';
import type { Readings } from '../device/readings';
import type { CameraRefusal } from '../device/refusal';
import { stoppedPicture } from '../device/stoppedPicture';
import type { ViewOptions } from '../device/view';
import { BrowserCalibration } from './browserCalibration';
import { browserCapabilities } from './browserCapabilities';
import { BrowserCapture } from './capture/browserCapture';
import type { PictureReadings } from './browserLive';
import type { BrowserLiveApi } from './browserLive.worker';
import { VideoFeed } from './feed/videoFeed';
import type { SteppedTrack } from './heldTrack';
import { openTrack } from './openTrack';
import { probeScene } from './probeScene';
import { closedCamera, heldBackVideo, lostCamera, stalledCamera, unreachable } from './refusals';
import { StallWatch } from './stallWatch';
import { hasFlash } from './capture/takePhoto';
import type { RefusedControls } from './track/trackApplier';
import { reportedClicks } from './track/trackControls';
import { reportedFocus } from './track/trackFocus';
import { TrackDriver } from './trackDriver';

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
  private readonly readings = new Listeners<Readings>();
  private readonly lost = new Listeners<CameraRefusal>();
  private readonly refused = new Listeners<RefusedControls>();
  readonly onReadings = this.readings.add;
  readonly onLost = this.lost.add;
  readonly onRefused = this.refused.add;
  private readonly watch = new StallWatch(
    () => this.track?.readyState === 'ended',
    (over) => this.goAway(over ? lostCamera() : stalledCamera()),
  );
  private track: MediaStreamTrack | null = null;
  /** Null until the track has been opened. */
  private driver: TrackDriver | null = null;
  private feed: VideoFeed | null = null;
  private capturing: BrowserCapture | null = null;
  private latest: PictureReadings | null = null;
  private applied = 0;
  private metered: MeterSetting | null = null;
  private closed = false;
  private giveUp: (refusal: CameraRefusal) => void = () => {};
  private readonly closing = new Promise<never>((_, reject) => (this.giveUp = reject));

  constructor(private readonly choice: BrowserChoice) {
    // It rejects even where nobody waits for it.
    this.closing.catch(() => {});
    this.started.lost.catch(() => this.goAway(stoppedPicture()));
  }

  async open(): Promise<CameraCapabilities> {
    const problem = unreachable();
    if (problem) throw problem;
    await this.started.ready.catch(() => {
      throw stoppedPicture();
    });
    const track = await this.openedTrack();
    const driver = new TrackDriver(track, (refused) => this.refused.tell(refused));
    this.driver = driver;
    this.channel.port1.onmessage = (event: MessageEvent<PictureReadings>) =>
      this.passOn(event.data, driver);
    await this.live.open(transfer(this.channel.port2, [this.channel.port2]));
    const key = track.label || track.getSettings().deviceId || 'camera';
    this.calibration = this.calibrationOf(track, driver, key, await lastLight(key));
    const flash = await this.playing(track);
    const capabilities = browserCapabilities(track, driver.controls, flash);
    const stepped = this.steppedTrack(driver);
    this.capturing = this.captureOf(track, stepped, capabilities.takesPhotos);
    if (capabilities.coversScene)
      this.sceneRange = async (share) =>
        driver.settings && probeScene(stepped, driver.settings, share);
    this.capturing.warm();
    return capabilities;
  }

  /** The track that was chosen. Rejects where the camera has been closed meanwhile. */
  private async openedTrack(): Promise<MediaStreamTrack> {
    const track = await openTrack(this.choice);
    if (this.closed) {
      track.stop();
      throw lostCamera();
    }
    this.track = track;
    track.addEventListener('ended', () => this.goAway(lostCamera()));
    return track;
  }

  /** Resolves once its pictures come, with whether it has a flash; rejects where they do not. */
  private async playing(track: MediaStreamTrack): Promise<boolean> {
    this.feed = new VideoFeed(track, this.live);
    // A video that does not play reports no error: the watch notices that no frame comes.
    this.watch.start();
    const started = this.feed.start().catch(() => {
      throw heldBackVideo();
    });
    const [flash] = await Promise.race([Promise.all([hasFlash(track), started]), this.closing]);
    return flash;
  }

  attach(canvas: OffscreenCanvas): void {
    void this.live.attach(transfer(canvas, [canvas]));
  }

  apply(settings: Settings): number {
    if (settings.meter !== this.metered) void this.live.meter(settings.meter);
    this.metered = settings.meter;
    this.applied++;
    this.driver?.apply(settings, this.applied);
    return this.applied;
  }

  view(options: ViewOptions): void {
    void this.live.view(options);
  }

  attachLoupe(canvas: OffscreenCanvas): void {
    void this.live.attachLoupe(transfer(canvas, [canvas]));
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
    this.driver?.stop();
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
    this.lost.tell(refusal);
  }

  private steppedTrack({ controls, reported, hold, restore }: TrackDriver): SteppedTrack {
    const nextReadings = (): Promise<Readings> =>
      new Promise((resolve) => {
        const stop = this.onReadings((readings) => {
          stop();
          resolve(readings);
        });
      });
    return {
      ...{ controls, reported, hold, restore },
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

  private calibrationOf(
    track: MediaStreamTrack,
    driver: TrackDriver,
    key: string,
    light: CameraLight,
  ): BrowserCalibration {
    const { live, closing } = this;
    const { controls, hold, restore, reported } = driver;
    return new BrowserCalibration(
      {
        ...{ track, controls, closing, hold, restore },
        settings: () => driver.settings,
        startSeries: () => live.startSeries(),
        gather: (stops, skip) => live.gather(stops, skip),
        recover: () => live.recover(),
        reading: () =>
          this.latest && {
            meterStops: this.latest.meterStops,
            ev100: exposureEv(reported(), this.latest.meterStops),
          },
        onLight: ({ response, greyStops }) => void live.calibrate(response, greyStops),
      },
      key,
      light,
    );
  }

  /** A picture has come: the open tape follows its light, and the page is told what it says. */
  private passOn(picture: PictureReadings, driver: TrackDriver): void {
    this.watch.alive();
    this.latest = picture;
    driver.follow(picture.meterStops);
    const reported = driver.reported();
    const { meterStops, ...seen } = picture;
    const offset = this.calibration?.light.evOffset ?? null;
    const ev = offset === null ? null : exposureEv(reported, meterStops);
    const kelvin = reported.colorTemperature;
    this.readings.tell({
      ...seen,
      ...reportedClicks(reported),
      ev100: ev === null ? null : ev + offset!,
      white: kelvin ? { kelvin, tint: 0 } : null,
      focus: reportedFocus(driver.controls, reported),
      applied: driver.honoured,
    });
  }
}
