import { transfer } from 'comlink';
import { positionNow } from '../position';
import type { ShotMetadata } from '@velmo/core/files';
import { CLICKS_PER_STOP } from '@velmo/core/exposure';
import type { CapturePlan, Long } from '@velmo/core/series';
import { askedSpot, AVERAGE_FRAMES, type Settings } from '@velmo/core/settings';
import type { CameraLight } from '../../storage/cameraLight';
import type { CapturedFrame } from '../device/capturedFrame';
import type { MadeFrame } from '../../storage/madeFrame';
import { KeptWorker } from '../../workers/keptWorker';
import { frameJob, momentNow } from '../files/frameJob';
import { sayLost } from '../files/lostWorker';
import { GROWING_MS } from '../files/thumbnail';
import type { BrowserCaptureApi, VideoFrameJob } from './browserCapture.worker';
import type { GrabbedFrame } from './browserLive';
import type { CaptureEvents } from '../device/CameraDevice';
import { browserSteps, type ReadyStep } from './browserSeries';
import { FrameStream } from './frameStream';
import type { SteppedTrack } from './heldTrack';
import { takePhoto } from './takePhoto';
import { reportedTimeS } from './track/trackControls';
import type { ControlSettings } from './track/trackTypes';
import { pause } from '../live/pause';

/**
 * A camera that is left is let go after so long, whether the frame asked for has come or not: longer
 * than a busy phone takes to give one in the dark.
 */
const MAX_GRAB_MS = 3000;
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

/** Makes one frame of many, in a worker of its own. */
type GatherWork = (worker: KeptWorker<BrowserCaptureApi>) => Promise<MadeFrame>;

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
    const { gathering } = step;
    if (gathering.kind === 'single') return this.single(settings, job, told);
    const work: GatherWork =
      gathering.kind === 'average'
        ? (worker) => this.average(worker, gathering.frames, job, told, stop)
        : (worker) => this.long(worker, gathering, job, told, stop);
    const frame = await this.gathered(work);
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
      settings.files === 'jpeg' && source.takesPhotos
        ? await this.photograph(settings.flash !== 'off', events)
        : null;
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
  private async photograph(flash: boolean, events: CaptureEvents): Promise<Blob | null> {
    const { track, closing, holdWatch } = this.source;
    events.onProgress({ share: 0, stage: 'Photographing' });
    return Promise.race([holdWatch(takePhoto(track, flash)), closing]);
  }

  /** Gathers many frames in a worker of their own. Nothing is stored before all is well. */
  private async gathered(work: GatherWork): Promise<MadeFrame> {
    const worker = newWorker();
    this.stacking.add(worker);
    try {
      return await work(worker);
    } catch (error) {
      return sayLost(error);
    } finally {
      this.stacking.delete(worker);
      worker.end();
    }
  }

  private async average(
    worker: KeptWorker<BrowserCaptureApi>,
    count: number,
    job: VideoFrameJob,
    events: CaptureEvents,
    stop: AbortSignal,
  ): Promise<MadeFrame> {
    const { closing } = this.source;
    await worker.call((api) => api.startAverage(job.response));
    const stream = new FrameStream(this.source, (frame) =>
      worker.call((api) => api.addFrame(transfer(frame, [frame.rgba.buffer]))),
    );
    const composite = await stream.take((taken) => {
      // One that is stopped goes on until it is worth an average.
      if (taken === count || (stop.aborted && taken >= AVERAGE_FRAMES.min)) return false;
      const stage = `Frame ${taken + 1} of ${count}`;
      events.onProgress({ share: taken / count, stage, open: true });
      return true;
    });
    await stream.settle((added, taken) =>
      events.onProgress({ share: added / taken, stage: `Averaging ${added + 1} of ${taken}` }),
    );
    const shot = { ...job.shot, composite: { ...composite, used: composite.taken } };
    const made = worker.call((api) => api.makeAverage({ ...job, shot }));
    return Promise.race([made, closing]);
  }

  /** Frames for as long as is asked, or until it is stopped: what there is then is kept. */
  private async long(
    worker: KeptWorker<BrowserCaptureApi>,
    { totalS, gather }: Long,
    job: VideoFrameJob,
    events: CaptureEvents,
    stop: AbortSignal,
  ): Promise<MadeFrame> {
    const { closing } = this.source;
    await worker.call((api) => api.startLong(job.response, gather));
    const start = performance.now();
    let picture: string | undefined;
    let shownAt = start;
    const stream = new FrameStream(this.source, async (frame) => {
      await worker.call((api) => api.addLong(transfer(frame, [frame.rgba.buffer])));
      if (performance.now() - shownAt < GROWING_MS) return;
      shownAt = performance.now();
      picture = await worker.call((api) => api.longPicture());
    });
    const composite = await stream.take((taken) => {
      const goneS = (performance.now() - start) / 1000;
      if (taken > 0 && (goneS >= totalS || stop.aborted)) return false;
      const stage = `${taken} gathered · ${Math.round(goneS)} of ${totalS} s`;
      events.onProgress({ share: Math.min(1, goneS / totalS), stage, open: true, picture });
      return true;
    });
    await stream.settle(() => {});
    const shot = { ...job.shot, composite: { ...composite, used: composite.taken } };
    const made = worker.call((api) => api.makeLong({ ...job, shot }));
    return Promise.race([made, closing]);
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
      position: positionNow(),
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
      focusDioptres: step.moves.focusDioptres ?? null,
      focusedAt: step.moves.focusDioptres === undefined ? askedSpot(settings.focus) : null,
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
