import { transfer, type Remote } from 'comlink';
import type { CapturedBand, SimulatedShot } from '@velmo/core/simulate';
import { planSimulated } from '@velmo/core/simulate';
import { KeptWorker } from '../../workers/keptWorker';
import { WorkerLost } from '../../workers/startedWorker';
import type { FrameJob } from '../files/frameJob';
import { sayLost } from '../files/lostWorker';
import { MAKING_SHARE, type CapturedFrame } from '../device/capturedFrame';
import type { SimulatedCaptureApi } from './simulatedCapture.worker';
import type { CaptureEvents } from '../device/CameraDevice';

/** How often a band is begun again that went with its worker. */
const MAX_TRIES = 3;
const MAX_WORKERS = 4;
/**
 * Gigabytes of memory from which a device is trusted with more than two workers. In WebKit four of
 * them instead of two added 260 to 310 MB to the peak of a 12 MP frame.
 */
const ROOMY_GB = 4;

/** Workers as processors and memory allow; two where the browser does not tell the memory. */
function workersHere(): number {
  const { hardwareConcurrency, deviceMemory = 0 } = navigator as {
    deviceMemory?: number;
  } & Navigator;
  const most = deviceMemory >= ROOMY_GB ? MAX_WORKERS : 2;
  return Math.max(1, Math.min(most, hardwareConcurrency || 2));
}

const newWorker = (): KeptWorker<SimulatedCaptureApi> =>
  new KeptWorker(() => new Worker(new URL('./simulatedCapture.worker.ts', import.meta.url)));

/** A few workers that expose the bands of one frame side by side. */
export class SimulatedCapture {
  private queue: Promise<unknown> = Promise.resolve();
  private readonly workers = Array.from({ length: workersHere() }, newWorker);

  /** Loads what it takes ahead of the first press. */
  warm(): void {
    for (const worker of this.workers) worker.warm();
  }

  /** Makes a frame after those before it. */
  shoot(shot: SimulatedShot, job: FrameJob, events: CaptureEvents): Promise<CapturedFrame> {
    const turn = this.queue.then(() => this.make(shot, job, events));
    this.queue = turn.catch(() => {});
    return turn;
  }

  private async make(
    shot: SimulatedShot,
    job: FrameJob,
    events: CaptureEvents,
  ): Promise<CapturedFrame> {
    const start = performance.now();
    const count = planSimulated(shot).bands;
    const bands = new Array<CapturedBand>(count);
    const stages: Record<string, number> = {};
    let next = 0;
    let done = 0;
    events.onProgress({ share: 0, stage: 'Exposing' });
    await Promise.all(
      this.workers.map(async (worker) => {
        while (next < count) {
          const index = next++;
          const result = await tried(worker, (api) => api.band(shot, index));
          bands[index] = result.band;
          for (const [stage, ms] of Object.entries(result.stages))
            stages[`${stage} (all workers)`] = (stages[`${stage} (all workers)`] ?? 0) + ms;
          done++;
          events.onProgress({ share: (MAKING_SHARE * done) / count, stage: 'Exposing' });
        }
      }),
    );
    stages.expose = performance.now() - start;
    const { frame, stages: finishing } = await this.workers[0]
      .call((api) =>
        api.finish(
          shot,
          transfer(
            bands,
            bands.flatMap((b) => (b.raw ? [b.raw.buffer as ArrayBuffer] : [])),
          ),
          job,
        ),
      )
      .catch(sayLost);
    Object.assign(stages, finishing, { total: performance.now() - start });
    return { frame, stages };
  }

  /** Lets go of the workers once every frame under way is made: leaving Field loses nothing. */
  close(): void {
    void this.queue.then(() => {
      for (const worker of this.workers) worker.end();
    });
  }
}

/**
 * Work that is begun again in another worker when its own goes: a band is the same wherever it is
 * exposed.
 */
async function tried<T>(
  worker: KeptWorker<SimulatedCaptureApi>,
  work: (api: Remote<SimulatedCaptureApi>) => Promise<T>,
): Promise<T> {
  for (let tries = 1; ; tries++)
    try {
      return await worker.call(work);
    } catch (error) {
      if (!(error instanceof WorkerLost) || tries === MAX_TRIES) return sayLost(error);
    }
}
