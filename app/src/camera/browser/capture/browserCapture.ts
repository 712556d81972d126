import { transfer } from 'comlink';
import type { CapturePlan } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import type { CameraLight } from '../../../storage/kept/cameraLight';
import type { MadeFrame } from '../../../storage/frames/madeFrame';
import { KeptWorker } from '../../../workers/keptWorker';
import type { CapturedFrame } from '../../device/capturedFrame';
import type { CaptureEvents } from '../../device/CameraDevice';
import { sayLost } from '../../files/lostWorker';
import { pause } from '../../live/pause';
import type { BrowserCaptureApi, VideoFrameJob } from './browserCapture.worker';
import type { GrabbedFrame } from '../browserLive';
import { browserSteps, type ReadyStep } from './browserSeries';
import { averagedFrame, longFrame } from './gatheredFrame';
import type { SteppedTrack } from '../heldTrack';
import { takePhoto } from './takePhoto';
import { videoFrameJob } from './videoFrameJob';

/**
 * A camera that is left is let go after so long, whether the frame asked for has come or not:
 * longer than a busy phone takes to give one in the dark.
 */
const MAX_GRAB_MS = 3000;

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

  /** The frames of a plan, as they are made. */
  async *capture(
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
    const { source } = this;
    const { step, told: events } = ready;
    const start = performance.now();
    const job = videoFrameJob(source, settings, roll, ready);
    const { gathering } = step;
    if (gathering.kind === 'single') return this.single(settings, job, events);
    const frame = await this.inWorkerOfItsOwn((worker) => {
      const gathered = { source, worker, job, events, stop };
      return gathering.kind === 'average'
        ? averagedFrame(gathered, gathering.frames)
        : longFrame(gathered, gathering);
    });
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
  private async inWorkerOfItsOwn(work: GatherWork): Promise<MadeFrame> {
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
}
