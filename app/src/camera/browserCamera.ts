import { proxy, transfer, wrap, type Remote } from 'comlink';
import { isoFromClick, nominalIso, nominalTime, timeSFromClick } from '@velmo/core/exposure';
import type { ShotMetadata } from '@velmo/core/dng';
import { UNKNOWN_SITUATION } from '@velmo/core/consequence';
import type { MeterSetting, Settings } from '@velmo/core/settings';
import type { Naming } from '../rolls/fileNames';
import { FrameNotStored, type StoredFrame } from '../rolls/frameRecord';
import type { BrowserCaptureApi } from '../workers/browserCapture.worker';
import type { BrowserLiveApi } from '../workers/browserLive.worker';
import type { PictureReadings } from './browserLive';
import type {
  CameraCapabilities,
  CameraDevice,
  CameraRefusal,
  CaptureProgress,
  FocusControl,
  Readings,
  ViewOptions,
} from './CameraDevice';
import { lostCamera, refusalOf, unreachable } from './refusals';
import {
  constraintsFor,
  isoRangeOf,
  reportedClicks,
  timeRangeOf,
  type ControlCapabilities,
  type ControlSettings,
} from './trackControls';
import { reportedFocus, trackFocus } from './trackFocus';
import { VideoFeed } from './videoFeed';

/** The phone's own camera, as far as a browser gives it: processed video frames, never sensor data. */
export class BrowserCamera implements CameraDevice {
  readonly kind = 'browser';
  private readonly worker = new Worker(
    new URL('../workers/browserLive.worker.ts', import.meta.url),
  );
  private readonly live: Remote<BrowserLiveApi> = wrap<BrowserLiveApi>(this.worker);
  private readonly channel = new MessageChannel();
  private readonly listeners = new Set<(readings: Readings) => void>();
  private readonly lost = new Set<(refusal: CameraRefusal) => void>();
  private track: MediaStreamTrack | null = null;
  private feed: VideoFeed | null = null;
  private capturing: Worker | null = null;
  private focusControl: FocusControl | null = null;
  private applied = 0;
  private honoured = 0;
  private wanted: Settings | null = null;
  private metered: MeterSetting | null = null;
  private applying = false;
  private closed = false;
  /** Captures past their grab, whose files are being written. */
  private keeping: Promise<unknown> = Promise.resolve();
  private giveUpGrabs: (refusal: CameraRefusal) => void = () => {};
  private readonly closing = new Promise<never>((_, reject) => (this.giveUpGrabs = reject));

  constructor() {
    // Nobody may be waiting for a grab when the camera is closed.
    this.closing.catch(() => {});
  }

  async open(): Promise<CameraCapabilities> {
    const problem = unreachable();
    if (problem) throw problem;
    const track = await this.startTrack();
    this.channel.port1.onmessage = (event: MessageEvent<PictureReadings>) =>
      this.passOn(event.data);
    await this.live.open(transfer(this.channel.port2, [this.channel.port2]));
    this.feed = new VideoFeed(track, this.live);
    await this.feed.start();
    const controls = this.controls();
    this.focusControl = trackFocus(controls);
    return {
      label: track.label || 'Camera',
      notice: 'This device’s camera: processed video frames, not sensor data.',
      time: timeRangeOf(controls),
      iso: isoRangeOf(controls),
      baseIsoClick: null,
      compensation: null,
      lenses: [],
      sizesMp: [],
      hasRig: false,
      meterPatterns: ['whole', 'centre', 'spot'],
      canPan: false,
      solverInput: () => null,
      situation: () => UNKNOWN_SITUATION,
      focus: () => this.focusControl,
      longSidePx: () => {
        const { width = 0, height = 0 } = this.track?.getSettings() ?? {};
        return Math.max(width, height) || null;
      },
      hasDepth: false,
      hasWhite: false,
      fileKinds: ['dng+jpeg', 'jpeg'],
      hasAspect: false,
      readsRaw: false,
      dngIs: 'linear DNG',
    };
  }

  attach(canvas: OffscreenCanvas): void {
    void this.live.attach(transfer(canvas, [canvas]));
  }

  apply(settings: Settings): number {
    if (settings.meter !== this.metered) void this.live.meter(settings.meter);
    this.metered = settings.meter;
    this.wanted = settings;
    this.applied++;
    void this.pushConstraints();
    return this.applied;
  }

  view(options: ViewOptions): void {
    void this.live.view(options);
  }

  /** A real camera is where it is. */
  goTo(): null {
    return null;
  }

  /** The photographer turns a real camera. */
  pan(): null {
    return null;
  }

  /** Real time cannot be hastened. */
  hasten(): void {}

  /** Beyond the picture's own clipping nothing is known: how much brighter it could be cannot be told. */
  async pushRight(): Promise<null> {
    return null;
  }

  /** The device balances its picture itself. */
  async readNeutral(): Promise<null> {
    return null;
  }

  attachLoupe(canvas: OffscreenCanvas): void {
    void this.live.attachLoupe(transfer(canvas, [canvas]));
  }

  /** The device focuses where it has been told to, and does not say when it is done. */
  async refocus(): Promise<void> {}

  onReadings(listener: (readings: Readings) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  onLost(listener: (refusal: CameraRefusal) => void): () => void {
    this.lost.add(listener);
    return () => this.lost.delete(listener);
  }

  async capture(
    settings: Settings,
    naming: Naming,
    onProgress: (p: CaptureProgress) => void,
  ): Promise<StoredFrame> {
    const start = performance.now();
    if (!this.track || this.track.readyState === 'ended') throw lostCamera();
    onProgress({ share: 0, stage: 'Grabbing' });
    const frame = await Promise.race([this.live.grab(), this.closing]);
    const grabbed = performance.now();
    const { timeClick, isoClick } = reportedClicks(this.track.getSettings());
    this.capturing ??= new Worker(new URL('../workers/browserCapture.worker.ts', import.meta.url));
    const api = wrap<BrowserCaptureApi>(this.capturing);
    const known = [
      timeClick === null ? null : `${nominalTime(timeClick)} s`,
      isoClick === null ? null : `ISO ${nominalIso(isoClick)}`,
    ].filter((part) => part !== null);
    const keep = api.keep(
      transfer(frame, [frame.rgba.buffer]),
      this.metadata(timeClick, isoClick),
      { files: settings.files, jpegQuality: settings.jpegQuality, naming },
      `${this.track.label || 'Camera'} (video frame)`,
      known.length > 0 ? known.join(' · ') : 'the camera decided',
      proxy((share: number) => onProgress({ share, stage: 'Storing' })),
    );
    this.keeping = keep.catch(() => {});
    const kept = await keep;
    if (!kept.kept) throw new FrameNotStored(kept.reason, kept.files);
    const stages = { grab: grabbed - start, total: performance.now() - start };
    return { record: kept.record, stages };
  }

  close(): void {
    this.closed = true;
    this.feed?.stop();
    this.track?.stop();
    this.channel.port1.close();
    this.worker.terminate();
    this.giveUpGrabs(lostCamera());
    void this.keeping.then(() => this.capturing?.terminate());
  }

  private async startTrack(): Promise<MediaStreamTrack> {
    let stream: MediaStream;
    try {
      stream = await navigator.mediaDevices.getUserMedia({
        audio: false,
        video: { facingMode: 'environment', width: { ideal: 1920 }, height: { ideal: 1440 } },
      });
    } catch (error) {
      throw refusalOf(error);
    }
    const [track] = stream.getVideoTracks();
    if (this.closed) {
      track.stop();
      throw lostCamera();
    }
    this.track = track;
    track.addEventListener('ended', () => {
      if (!this.closed) for (const listener of [...this.lost]) listener(lostCamera());
    });
    return track;
  }

  private controls(): ControlCapabilities {
    return this.track?.getCapabilities?.() ?? {};
  }

  /** Sends the latest settings to the track, one request at a time. */
  private async pushConstraints(): Promise<void> {
    if (this.applying || !this.track) return;
    this.applying = true;
    while (this.wanted) {
      const settings = this.wanted;
      const number = this.applied;
      this.wanted = null;
      try {
        await this.track.applyConstraints(constraintsFor(settings, this.controls()));
      } catch {
        // A refused constraint leaves the track as it was; readings say what it really uses.
      }
      this.honoured = number;
    }
    this.applying = false;
  }

  private passOn(picture: PictureReadings): void {
    const settings: ControlSettings = this.track?.getSettings() ?? {};
    const readings: Readings = {
      ...picture,
      ...reportedClicks(settings),
      focus: reportedFocus(this.controls(), settings),
      applied: this.honoured,
    };
    for (const listener of [...this.listeners]) listener(readings);
  }

  private metadata(timeClick: number | null, isoClick: number | null): ShotMetadata {
    const now = new Date();
    return {
      make: 'Browser camera',
      model: this.track?.label || 'unnamed',
      software: 'Velmo',
      description:
        'Linear DNG made from a processed video frame of a browser camera; not sensor data.',
      capturedAt: { epochMs: now.getTime(), offsetMinutes: -now.getTimezoneOffset() },
      timeS: timeClick === null ? undefined : timeSFromClick(timeClick),
      iso: isoClick === null ? undefined : Math.round(isoFromClick(isoClick)),
    };
  }
}
