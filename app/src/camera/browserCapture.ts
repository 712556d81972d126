import { proxy, transfer, wrap, type Remote } from 'comlink';
import type { ShotMetadata } from '@velmo/core/dng';
import { nominalIso, timeSFromClick, timeWords } from '@velmo/core/exposure';
import { AVERAGE_FRAMES, type Settings } from '@velmo/core/settings';
import type { CameraLight } from '../rolls/cameraLight';
import type { Naming } from '../rolls/fileNames';
import { FrameNotStored, type StoredFrame } from '../rolls/frameRecord';
import type { BrowserCaptureApi, VideoFrameFiles } from '../workers/browserCapture.worker';
import type { GrabbedFrame } from './browserLive';
import type { CaptureProgress } from './CameraDevice';
import type { KeptFrame } from './keepFrame';
import { takePhoto } from './takePhoto';
import { reportedClicks, reportedTimeS } from './trackControls';
import type { ControlSettings } from './trackTypes';

/** Bytes of frames that may wait to be added: a hand is steady for half a second, and adding takes longer. */
const MOST_WAITING_BYTES = 1.5e8;
/** A record's words are no longer than this. */
const MOST_LABEL = 120;

/** What a capture needs of the camera. */
export interface CaptureSource {
  readonly track: MediaStreamTrack;
  readonly light: CameraLight;
  readonly takesPhotos: boolean;
  grab(): Promise<GrabbedFrame>;
  /** Rejects when the camera goes away. */
  readonly closing: Promise<never>;
  /** A photograph may hold the video up: that is no failure. */
  holdWatch<T>(work: Promise<T>): Promise<T>;
}

const newWorker = (): Worker =>
  new Worker(new URL('../workers/browserCapture.worker.ts', import.meta.url));

/** Makes frames of a browser camera: its own photograph, one video frame, or the average of several. */
export class BrowserCapture {
  private worker: Worker | null = null;
  private readonly stacking = new Set<Worker>();
  /** Captures past their grab, whose files are being written. */
  private keeping: Promise<unknown> = Promise.resolve();

  constructor(private readonly source: CaptureSource) {}

  async capture(
    settings: Settings,
    naming: Naming,
    onProgress: (p: CaptureProgress) => void,
    stop: AbortSignal,
  ): Promise<StoredFrame> {
    const start = performance.now();
    const files: VideoFrameFiles = {
      files: settings.files === 'jpeg' ? 'jpeg' : 'dng+jpeg',
      jpegQuality: settings.jpegQuality,
      naming,
    };
    const onShare = proxy((share: number) => onProgress({ share, stage: 'Storing' }));
    const { source } = this;
    let kept: KeptFrame;
    let grabbedMs = 0;
    if (settings.average > 1)
      kept = await this.average(settings.average, files, onProgress, onShare, stop);
    else {
      const photo =
        settings.files === 'jpeg' && source.takesPhotos ? await this.photograph(onProgress) : null;
      onProgress({ share: 0, stage: 'Grabbing' });
      const frame = photo ? null : await Promise.race([source.grab(), source.closing]);
      grabbedMs = performance.now() - start;
      const facts = this.facts();
      const keep = photo
        ? this.api.keepPhoto(
            photo,
            facts.shot,
            files,
            `${facts.label} (its own photo)`,
            facts.summary,
            onShare,
          )
        : this.api.keep(
            transfer(frame!, [frame!.rgba.buffer]),
            facts.shot,
            files,
            source.light.response,
            `${facts.label} (video frame)`,
            facts.summary,
            onShare,
          );
      this.keeping = keep.catch(() => {});
      kept = await keep;
    }
    if (!kept.kept) throw new FrameNotStored(kept.reason, kept.files);
    return { record: kept.record, stages: { grab: grabbedMs, total: performance.now() - start } };
  }

  /** Ends what can be ended; what is being written is written. */
  close(): void {
    for (const worker of this.stacking) worker.terminate();
    void this.keeping.then(() => this.worker?.terminate());
  }

  private get api(): Remote<BrowserCaptureApi> {
    this.worker ??= newWorker();
    return wrap<BrowserCaptureApi>(this.worker);
  }

  /** The device's own photograph; null where it does not come, and a video frame has to do. */
  private async photograph(onProgress: (p: CaptureProgress) => void): Promise<Blob | null> {
    const { track, closing, holdWatch } = this.source;
    onProgress({ share: 0, stage: 'Photographing' });
    return Promise.race([holdWatch(takePhoto(track)), closing]);
  }

  /** Grabs frames and averages them in a worker of their own. Nothing is stored before all is well. */
  private async average(
    count: number,
    files: VideoFrameFiles,
    onProgress: (p: CaptureProgress) => void,
    onShare: (share: number) => void,
    stop: AbortSignal,
  ): Promise<KeptFrame> {
    const { source } = this;
    const worker = newWorker();
    this.stacking.add(worker);
    try {
      const api = wrap<BrowserCaptureApi>(worker);
      await api.startAverage(source.light.response);
      const facts = this.facts();
      const waiting: Promise<unknown>[] = [];
      let done = 0;
      const start = performance.now();
      let taken = 0;
      let failure: unknown = null;
      // One that is stopped goes on until it is worth an average.
      while (failure === null && taken < count && !(stop.aborted && taken >= AVERAGE_FRAMES.min)) {
        onProgress({ share: taken / count, stage: `Frame ${taken + 1} of ${count}`, open: true });
        const frame = await Promise.race([source.grab(), source.closing]);
        taken++;
        const added = api.addFrame(transfer(frame, [frame.rgba.buffer]));
        waiting.push(added.then(() => done++).catch((error: unknown) => (failure ??= error)));
        const most = Math.max(2, Math.floor(MOST_WAITING_BYTES / (4 * frame.width * frame.height)));
        if (taken - done >= most) await Promise.race([waiting[taken - most], source.closing]);
      }
      const periodS = (performance.now() - start) / 1000;
      for (const [k, one] of waiting.entries()) {
        onProgress({ share: k / taken, stage: `Averaging ${k + 1} of ${taken}` });
        await Promise.race([one, source.closing]);
      }
      if (failure !== null) throw failure;
      const keep = api.keepAverage(
        { ...facts.shot, composite: { taken, used: taken, periodS } },
        files,
        `${facts.label} (average of video frames)`,
        facts.summary,
        onShare,
      );
      return await Promise.race([keep, source.closing]);
    } finally {
      this.stacking.delete(worker);
      worker.terminate();
    }
  }

  /** What the track says of its exposure, for the file and in words. */
  private facts() {
    const { track } = this.source;
    const reported = track.getSettings() as ControlSettings;
    const { timeClick, isoClick } = reportedClicks(reported);
    const timeS = reportedTimeS(reported) ?? undefined;
    const iso = reported.iso ? Math.round(reported.iso) : undefined;
    const now = new Date();
    const shot: ShotMetadata = {
      make: 'Browser camera',
      model: track.label || 'unnamed',
      software: 'Velmo',
      description: 'Processed video frame of a browser camera; not sensor data.',
      capturedAt: { epochMs: now.getTime(), offsetMinutes: -now.getTimezoneOffset() },
      timeS,
      iso,
    };
    const known = [
      timeClick === null ? null : timeWords(timeSFromClick(timeClick)),
      isoClick === null ? null : `ISO ${nominalIso(isoClick)}`,
    ].filter((part) => part !== null);
    return {
      shot,
      label: (track.label || 'Camera').slice(0, MOST_LABEL),
      summary: known.length > 0 ? known.join(' · ') : 'the camera decided',
    };
  }
}
