import { proxy, releaseProxy, transfer, wrap, type Remote } from 'comlink';
import type { CapturedBand, SimulatedShot } from '@velmo/core/capture';
import { planSimulated } from '@velmo/core/capture';
import type { Naming } from '../rolls/fileNames';
import { FrameNotStored, type StoredFrame } from '../rolls/frameRecord';
import type { SimulatedCaptureApi } from '../workers/simulatedCapture.worker';
import type { CaptureProgress } from './CameraDevice';

/** Share of the progress bar that exposing takes; the rest is putting together and storing. */
const EXPOSE_SHARE = 0.88;
const MAX_WORKERS = 4;

/** A few workers that expose the bands of one frame side by side; started on the first capture. */
export class SimulatedCapture {
  private queue: Promise<unknown> = Promise.resolve();
  private workers: { worker: Worker; api: Remote<SimulatedCaptureApi> }[] = [];

  /** Makes and stores a frame after those before it. Rejects with FrameNotStored when there is no room. */
  shoot(
    shot: SimulatedShot,
    naming: Naming,
    onProgress: (p: CaptureProgress) => void,
  ): Promise<StoredFrame> {
    const turn = this.queue.then(() => this.make(shot, naming, onProgress));
    this.queue = turn.catch(() => {});
    return turn;
  }

  private async make(
    shot: SimulatedShot,
    naming: Naming,
    onProgress: (p: CaptureProgress) => void,
  ): Promise<StoredFrame> {
    const start = performance.now();
    this.ensureWorkers();
    const count = planSimulated(shot).bands;
    const bands = new Array<CapturedBand>(count);
    const stages: Record<string, number> = {};
    let next = 0;
    let done = 0;
    onProgress({ share: 0, stage: 'Exposing' });
    await Promise.all(
      this.workers.map(async ({ api }) => {
        while (next < count) {
          const index = next++;
          const result = await api.band(shot, index);
          bands[index] = result.band;
          for (const [stage, ms] of Object.entries(result.stages))
            stages[`${stage} (all workers)`] = (stages[`${stage} (all workers)`] ?? 0) + ms;
          done++;
          onProgress({ share: (EXPOSE_SHARE * done) / count, stage: 'Exposing' });
        }
      }),
    );
    stages.expose = performance.now() - start;
    const { kept, stages: finishing } = await this.workers[0].api.finish(
      shot,
      transfer(
        bands,
        bands.flatMap((b) => (b.raw ? [b.raw.buffer as ArrayBuffer] : [])),
      ),
      naming,
      proxy((share: number) =>
        onProgress({ share: EXPOSE_SHARE + (1 - EXPOSE_SHARE) * share, stage: 'Storing' }),
      ),
    );
    Object.assign(stages, finishing, { total: performance.now() - start });
    if (!kept.kept) throw new FrameNotStored(kept.reason, kept.files);
    return { record: kept.record, stages };
  }

  /** Lets go of the workers once every frame under way is stored: leaving Field loses nothing. */
  close(): void {
    void this.queue.then(() => {
      for (const { worker, api } of this.workers) {
        api[releaseProxy]();
        worker.terminate();
      }
      this.workers = [];
    });
  }

  private ensureWorkers(): void {
    if (this.workers.length > 0) return;
    const cores = Math.max(1, Math.min(MAX_WORKERS, navigator.hardwareConcurrency || 2));
    this.workers = Array.from({ length: cores }, () => {
      const worker = new Worker(new URL('../workers/simulatedCapture.worker.ts', import.meta.url));
      return { worker, api: wrap<SimulatedCaptureApi>(worker) };
    });
  }
}
