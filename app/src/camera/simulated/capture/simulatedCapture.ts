import { transfer, type Remote } from 'comlink';
import type { CapturedBand, SimulatedShot } from '@velmo/core/simulate';
import { lightKey, planSimulated } from '@velmo/core/simulate';
import type { Gather } from '@velmo/core/series';
import { KeptWorker } from '../../../workers/keptWorker';
import { WorkerLost } from '../../../workers/startedWorker';
import type { FrameJob } from '../../files/frameJob';
import { sayLost } from '../../files/lostWorker';
import { GROWING_MS } from '../../files/thumbnail';
import { pause } from '../../live/pause';
import { MAKING_SHARE, type CapturedFrame } from '../../device/capturedFrame';
import type { SimulatedCaptureApi } from './simulatedCapture.worker';
import type { CaptureEvents } from '../../device/CameraDevice';

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

/** Which worker has the light of which band: a band goes to the one that had it first. */
type SharedLight = Map<number, number>;

/**
 * Rows whose light is computed ahead at once, and the milliseconds between: a press waits for no
 * more.
 */
const ROWS_AHEAD = 54;
const REST_MS = 20;

/** Gives each worker the next band that is its own or nobody's; null: there is none left for it. */
function turns(count: number, light: SharedLight | null): (who: number) => number | null {
  const left = new Set(Array.from({ length: count }, (_, band) => band));
  return (who) => {
    for (const band of left) {
      if ((light?.get(band) ?? who) !== who) continue;
      left.delete(band);
      light?.set(band, who);
      return band;
    }
    return null;
  };
}

/** A few workers that expose the bands of one frame side by side. */
export class SimulatedCapture {
  private queue: Promise<unknown> = Promise.resolve();
  private readonly workers = Array.from({ length: workersHere() }, newWorker);
  /** Light is kept from frame to frame, not only within a series. */
  private keepsLight = false;
  private lightOf = '';
  private light: SharedLight = new Map();
  private ahead = 0;
  /** Workers that have gone through their loops before the first press. */
  private practised = 0;

  /** Loads what it takes ahead of the first press. */
  warm(): void {
    for (const worker of this.workers) worker.warm();
  }

  /**
   * Makes a frame after those before it.
   *
   * @param ofSeries others of the same framing follow, or went before
   */
  shoot(
    shot: SimulatedShot,
    job: FrameJob,
    events: CaptureEvents,
    ofSeries: boolean,
  ): Promise<CapturedFrame> {
    const turn = this.queue.then(() => this.make(shot, job, events, ofSeries));
    this.queue = turn.catch(() => {});
    return turn;
  }

  private async make(
    shot: SimulatedShot,
    job: FrameJob,
    events: CaptureEvents,
    ofSeries: boolean,
  ): Promise<CapturedFrame> {
    this.restAhead();
    const start = performance.now();
    const count = planSimulated(shot).bands;
    const light = ofSeries || this.keepsLight ? this.lightFor(shot) : null;
    const bands = new Array<CapturedBand>(count);
    const stages: Record<string, number> = {};
    const take = turns(count, light);
    let done = 0;
    events.onProgress({ share: 0, stage: 'Exposing' });
    await Promise.all(
      this.workers.map(async (worker, who) => {
        const begun = () => {
          const band = take(who);
          if (band === null) return null;
          return { band, made: tried(worker, (api) => api.band(shot, band, light !== null)) };
        };
        // Where every band has its worker, the next lies ready in it; else it goes to who is free.
        const isShared = light?.size === count;
        for (let now = begun(), next; now; now = next ?? begun()) {
          next = isShared ? begun() : null;
          next?.made.catch(() => {});
          const result = await now.made;
          bands[now.band] = result.band;
          for (const [stage, ms] of Object.entries(result.stages))
            stages[`${stage} (all workers)`] = (stages[`${stage} (all workers)`] ?? 0) + ms;
          done++;
          events.onProgress({ share: (MAKING_SHARE * done) / count, stage: 'Exposing' });
        }
      }),
    );
    stages.expose = performance.now() - start;
    const { frame, stages: finishing } = await this.finish(shot, bands, job);
    Object.assign(stages, finishing, { total: performance.now() - start });
    return { frame, stages };
  }

  private finish(shot: SimulatedShot, bands: CapturedBand[], job: FrameJob) {
    const buffers = bands.flatMap((b) => (b.raw ? [b.raw.buffer as ArrayBuffer] : []));
    return this.workers[0]
      .call((api) => api.finish(shot, transfer(bands, buffers), job))
      .catch(sayLost);
  }

  /**
   * Gathers one frame from many: what each band has gathered stays in its worker, so that memory
   * does not grow with their number.
   *
   * @param shots as they are to be exposed, one at least
   * @param jobOf what is kept of the frame besides its files
   */
  gather(
    shots: AsyncIterable<SimulatedShot>,
    gather: Gather,
    jobOf: (shot: SimulatedShot) => FrameJob,
    onPicture: (dataUrl: string) => void,
  ): Promise<CapturedFrame> {
    const turn = this.queue.then(() => this.gathered(shots, gather, jobOf, onPicture));
    this.queue = turn.catch(() => {});
    return turn;
  }

  private async gathered(
    shots: AsyncIterable<SimulatedShot>,
    gather: Gather,
    jobOf: (shot: SimulatedShot) => FrameJob,
    onPicture: (dataUrl: string) => void,
  ): Promise<CapturedFrame> {
    const start = performance.now();
    this.restAhead();
    let first: SimulatedShot | null = null;
    let last: SimulatedShot | null = null;
    let frames = 0;
    let flash: SimulatedShot['flash'] = null;
    let shownAt = -Infinity;
    for await (const shot of shots) {
      last = shot;
      first ??= shot;
      flash ??= shot.flash;
      frames++;
      const shows = performance.now() - shownAt > GROWING_MS;
      const soFar = { ...first, gathered: { gather, frames, periodS: 0 } };
      const previews = await this.eachBand(shot, (api, band) =>
        api.gather(shot, band, gather, shows ? soFar : null),
      );
      if (!shows) continue;
      shownAt = performance.now();
      const shown = previews.filter((preview) => preview !== null);
      onPicture(await this.workers[0].call((api) => api.picture(soFar, shown)).catch(sayLost));
    }
    if (!first || !last) throw new Error('Nothing was gathered.');
    const periodS = last.startS + last.timeS - first.startS;
    const shot = { ...first, flash, gathered: { gather, frames, periodS } };
    const bands = await this.eachBand(shot, (api, band) => api.gathered(shot, band));
    const { frame, stages } = await this.finish(shot, bands, jobOf(shot));
    return { frame, stages: { ...stages, total: performance.now() - start } };
  }

  /** Has every band worked on by the worker that has its light. */
  private async eachBand<T>(
    shot: SimulatedShot,
    work: (api: Remote<SimulatedCaptureApi>, band: number) => Promise<T>,
  ): Promise<T[]> {
    const count = planSimulated(shot).bands;
    const results = new Array<T>(count);
    const take = turns(count, this.lightFor(shot));
    await Promise.all(
      this.workers.map(async (worker, who) => {
        for (let index = take(who); index !== null; index = take(who)) {
          const band = index;
          // A lost worker loses what it had gathered: the exposure cannot be resumed.
          results[band] = await worker.call((api) => work(api, band)).catch(sayLost);
        }
      }),
    );
    return results;
  }

  /** Which worker has which band of a shot's framing. */
  private lightFor(shot: SimulatedShot): SharedLight {
    const key = lightKey(planSimulated(shot));
    if (key !== this.lightOf) this.light = new Map();
    this.lightOf = key;
    return this.light;
  }

  /**
   * Computes the light of a framing that rests, a few rows at a time, by one worker after the
   * other, until a frame is made or `restAhead` is called. What is there already is not computed
   * again.
   */
  async prepare(shot: SimulatedShot): Promise<void> {
    const turn = ++this.ahead;
    const plan = planSimulated(shot);
    const light = this.lightFor(shot);
    for (; this.practised < this.workers.length; this.practised++) {
      await pause(REST_MS);
      if (turn !== this.ahead) return;
      await this.workers[this.practised].call((api) => api.practise(shot));
    }
    for (let band = 0; band < plan.bands; band++) {
      const who = light.get(band) ?? band % this.workers.length;
      light.set(band, who);
      let whole = false;
      for (let rows = ROWS_AHEAD; !whole; rows += ROWS_AHEAD) {
        await pause(REST_MS);
        if (turn !== this.ahead) return;
        const height = rows;
        whole = await this.workers[who].call((api) => api.prepare(shot, band, height));
      }
    }
    performance.mark('velmo-light-ahead');
  }

  /** Computes nothing further ahead. */
  restAhead(): void {
    this.ahead++;
  }

  /** No further frame of the series comes: what its frames shared is let go. */
  forgetSeries(): void {
    this.forget(!this.keepsLight);
  }

  /** @param on light is kept from frame to frame from now on */
  keepLight(on: boolean): void {
    if (this.keepsLight === on) return;
    this.keepsLight = on;
    if (!on) this.forget(true);
  }

  private forget(light: boolean): void {
    const forgotten = this.queue.then(() => {
      if (light) this.lightOf = '';
      return Promise.all(this.workers.map((worker) => worker.tell((api) => api.forget(light))));
    });
    this.queue = forgotten.catch(() => {});
  }

  /** Lets go of the workers once every frame under way is made: leaving Field loses nothing. */
  close(): void {
    this.restAhead();
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
