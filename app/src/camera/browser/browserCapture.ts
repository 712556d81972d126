import { transfer } from 'comlink';
import type { ShotMetadata } from '@velmo/core/files';
import { CLICKS_PER_STOP } from '@velmo/core/exposure';
import type { CapturePlan } from '@velmo/core/series';
import { AVERAGE_FRAMES, type Settings } from '@velmo/core/settings';
import type { CameraLight } from '../../storage/cameraLight';
import type { CapturedFrame } from '../device/capturedFrame';
import type { MadeFrame } from '../../storage/madeFrame';
import { KeptWorker } from '../../workers/keptWorker';
import { frameJob, momentNow } from '../files/frameJob';
import { sayLost } from '../files/lostWorker';
import type { BrowserCaptureApi, VideoFrameJob } from './browserCapture.worker';
import type { GrabbedFrame } from './browserLive';
import type { CaptureEvents } from '../device/CameraDevice';
import { browserSteps, type ReadyStep, type SteppedTrack } from './browserSeries';
import { takePhoto } from './takePhoto';
import { reportedTimeS } from './track/trackControls';
import type { ControlSettings } from './track/trackTypes';
import { pause } from '../live/pause';

/**
 * Bytes of frames that may wait to be added: a hand is steady for half a second, and adding takes
 * longer.
 */
const MAX_WAITING_BYTES = 1.5e8;
/** A camera that is left is let go after so long, whether the frame asked for has come or not. */
const MAX_GRAB_MS = 500;
/** A camera's name in a record is no longer than this. */
const MAX_LABEL = 120;

/** What a capture needs of the camera. */
export interface CaptureSource {
  readonly track: MediaStreamTrack;
  readonly light: CameraLight;
  readonly takesPhotos: boolean;
  readonly stepped: SteppedTrack;
  grab(): Promise<GrabbedFrame>;
  /** Rejects when the camera goes away. */
  readonly closing: Promise<never>;
  /** A photograph may hold the video up: that is no failure. */
  holdWatch<T>(work: Promise<T>): Promise<T>;
}

const newWorker = (): KeptWorker<BrowserCaptureApi> =>
  new KeptWorker(() => new Worker(new URL('./browserCapture.worker.ts', import.meta.url)));

/**
 * Makes frames of a browser camera: its own photograph, one video frame, or the average of several.
 */
export class BrowserCapture {
  private readonly worker = newWorker();
  private readonly stacking = new Set<KeptWorker<BrowserCaptureApi>>();
  /** Frames that have been asked for, until their files are made. */
  private readonly making = new Set<Promise<unknown>>();
  private readonly grabbing = new Set<Promise<unknown>>();

  constructor(private readonly source: CaptureSource) {}

  /** Loads what it takes ahead of the first press. */
  warm(): void {
    this.worker.warm();
  }

  capture(
    plan: CapturePlan,
    roll: string,
    events: CaptureEvents,
    stop: AbortSignal,
  ): AsyncIterable<CapturedFrame> {
    return this.frames(plan, roll, events, stop);
  }

  private async *frames(
    plan: CapturePlan,
    roll: string,
    events: CaptureEvents,
    stop: AbortSignal,
  ): AsyncGenerator<CapturedFrame, void> {
    // From the press on the first frame counts as being grabbed: the camera is not let go before.
    let tell: () => void = () => {};
    const first = new Promise<void>((resolve) => (tell = resolve));
    this.grabbing.add(first);
    const begun = (): void => {
      this.grabbing.delete(first);
      tell();
    };
    try {
      for await (const ready of browserSteps(plan, this.source.stepped, events, stop)) {
        const frame = await this.frameOf(plan.settings, roll, ready, stop);
        begun();
        yield frame;
      }
    } finally {
      begun();
    }
  }

  private async frameOf(
    settings: Settings,
    roll: string,
    ready: ReadyStep,
    stop: AbortSignal,
  ): Promise<CapturedFrame> {
    const { step, told } = ready;
    const start = performance.now();
    const job = this.job(settings, roll, ready);
    if (step.gathering.kind !== 'average') return this.single(settings, job, told);
    const frame = await this.average(step.gathering.frames, job, told, stop);
    return { frame, stages: { total: performance.now() - start } };
  }

  /** Resolves once no frame is being grabbed: until then the camera must stay. Null: none is. */
  grabbed(): Promise<unknown> | null {
    const { grabbing } = this;
    return grabbing.size === 0
      ? null
      : Promise.race([Promise.allSettled([...grabbing]), pause(MAX_GRAB_MS)]);
  }

  /** Ends what can be ended; what is being made is made. */
  close(): void {
    for (const worker of this.stacking) worker.end();
    void Promise.allSettled([...this.making]).then(() => this.worker.end());
  }

  /** The camera's own photograph where it makes one, else a video frame. */
  private single(
    settings: Settings,
    job: VideoFrameJob,
    events: CaptureEvents,
  ): Promise<CapturedFrame> {
    const making = this.made(settings, job, events);
    const made = making.catch(() => {});
    this.making.add(made);
    void made.then(() => this.making.delete(made));
    return making;
  }

  private async made(
    settings: Settings,
    job: VideoFrameJob,
    events: CaptureEvents,
  ): Promise<CapturedFrame> {
    const start = performance.now();
    const { source } = this;
    const photo =
      settings.files === 'jpeg' && source.takesPhotos ? await this.photograph(events) : null;
    events.onProgress({ share: 0, stage: 'Grabbing' });
    const grabbed = photo ? null : await this.grab();
    const grab = performance.now() - start;
    const frame = await this.worker
      .call((api) =>
        photo
          ? api.makePhoto(photo, job)
          : api.make(transfer(grabbed!, [grabbed!.rgba.buffer]), job),
      )
      .catch(sayLost);
    return { frame, stages: { grab, total: performance.now() - start } };
  }

  /** One video frame; the camera is not let go before it has come. */
  private async grab(): Promise<GrabbedFrame> {
    const { source } = this;
    const grabbing = Promise.race([source.grab(), source.closing]);
    this.grabbing.add(grabbing);
    return grabbing.finally(() => this.grabbing.delete(grabbing));
  }

  /** The device's own photograph; null where it does not come, and a video frame has to do. */
  private async photograph(events: CaptureEvents): Promise<Blob | null> {
    const { track, closing, holdWatch } = this.source;
    events.onProgress({ share: 0, stage: 'Photographing' });
    return Promise.race([holdWatch(takePhoto(track)), closing]);
  }

  /**
   * Grabs frames and averages them in a worker of their own. Nothing is stored before all is well.
   */
  private async average(
    count: number,
    job: VideoFrameJob,
    events: CaptureEvents,
    stop: AbortSignal,
  ): Promise<MadeFrame> {
    const { source } = this;
    const worker = newWorker();
    this.stacking.add(worker);
    try {
      await worker.call((api) => api.startAverage(job.response));
      const waiting: Promise<unknown>[] = [];
      let done = 0;
      const start = performance.now();
      let taken = 0;
      let failure: unknown = null;
      // One that is stopped goes on until it is worth an average.
      while (failure === null && taken < count && !(stop.aborted && taken >= AVERAGE_FRAMES.min)) {
        events.onProgress({
          share: taken / count,
          stage: `Frame ${taken + 1} of ${count}`,
          open: true,
        });
        const frame = await Promise.race([source.grab(), source.closing]);
        taken++;
        const added = worker.call((api) => api.addFrame(transfer(frame, [frame.rgba.buffer])));
        waiting.push(added.then(() => done++).catch((error: unknown) => (failure ??= error)));
        const most = Math.max(2, Math.floor(MAX_WAITING_BYTES / (4 * frame.width * frame.height)));
        if (taken - done >= most) await Promise.race([waiting[taken - most], source.closing]);
      }
      const periodS = (performance.now() - start) / 1000;
      for (const [k, one] of waiting.entries()) {
        events.onProgress({ share: k / taken, stage: `Averaging ${k + 1} of ${taken}` });
        await Promise.race([one, source.closing]);
      }
      if (failure !== null) throw failure;
      const shot = { ...job.shot, composite: { taken, used: taken, periodS } };
      const made = worker.call((api) => api.makeAverage({ ...job, shot }));
      return await Promise.race([made, source.closing]);
    } catch (error) {
      return sayLost(error);
    } finally {
      this.stacking.delete(worker);
      worker.end();
    }
  }

  /** What the track says of its exposure now, and what is to be made of it. */
  private job(settings: Settings, roll: string, { step, series }: ReadyStep): VideoFrameJob {
    const { track, light } = this.source;
    const reported = track.getSettings() as ControlSettings;
    const timeS = reportedTimeS(reported) ?? undefined;
    const iso = reported.iso ? Math.round(reported.iso) : undefined;
    const capturedAt = momentNow();
    const shot: ShotMetadata = {
      make: 'Browser camera',
      model: track.label || 'unnamed',
      software: 'Velmo',
      description: 'Processed video frame of a browser camera; not sensor data.',
      capturedAt,
      timeS,
      iso,
      ...(series && {
        series,
        compensationStops: (settings.compClicks + step.biasClicks) / CLICKS_PER_STOP,
      }),
    };
    const facts = {
      camera: 'browser',
      place: (track.label || 'Camera').slice(0, MAX_LABEL),
      timeS: timeS ?? null,
      iso: iso ?? null,
      compClicks: settings.compClicks + step.biasClicks,
      lens: null,
      focusDioptres: null,
      white: reported.colorTemperature ? { kelvin: reported.colorTemperature, tint: 0 } : null,
      roll,
      series,
    } as const;
    return {
      ...frameJob(facts, capturedAt, 'camera'),
      shot,
      response: light.response,
      files: settings.files === 'jpeg' ? 'jpeg' : 'dng+jpeg',
      jpegQuality: settings.jpegQuality,
    };
  }
}
