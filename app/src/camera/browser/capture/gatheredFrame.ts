import { transfer } from 'comlink';
import type { Long } from '@velmo/core/series';
import { AVERAGE_FRAMES } from '@velmo/core/settings';
import type { MadeFrame } from '../../../storage/frames/madeFrame';
import type { KeptWorker } from '../../../workers/keptWorker';
import type { CaptureEvents } from '../../device/CameraDevice';
import { GROWING_MS } from '../../files/thumbnail';
import type { BrowserCaptureApi, VideoFrameJob } from './browserCapture.worker';
import { FrameStream, type FrameSource } from './frameStream';

/** One frame to be made of many, in a worker of its own. */
export interface Gathered {
  readonly source: FrameSource;
  readonly worker: KeptWorker<BrowserCaptureApi>;
  readonly job: VideoFrameJob;
  readonly events: CaptureEvents;
  readonly stop: AbortSignal;
}

/**
 * The average of so many frames. One that is stopped goes on until it is worth an average. Rejects
 * when the camera goes, and where too few could be laid on one another.
 */
export async function averagedFrame(
  { source, worker, job, events, stop }: Gathered,
  count: number,
): Promise<MadeFrame> {
  await worker.call((api) => api.startAverage(job.response));
  const stream = new FrameStream(source, (frame) =>
    worker.call((api) => api.addFrame(transfer(frame, [frame.rgba.buffer]))),
  );
  const composite = await stream.take((taken) => {
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
  return Promise.race([made, source.closing]);
}

/**
 * Frames gathered for as long as is asked, or until it is stopped: what there is then is kept.
 * Rejects when the camera goes.
 */
export async function longFrame(
  { source, worker, job, events, stop }: Gathered,
  { totalS, gather }: Long,
): Promise<MadeFrame> {
  await worker.call((api) => api.startLong(job.response, gather));
  const start = performance.now();
  let picture: string | undefined;
  let shownAt = start;
  const stream = new FrameStream(source, async (frame) => {
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
  return Promise.race([made, source.closing]);
}
