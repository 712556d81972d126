import { rawOf, type ListedFrame } from '../storage/frames/madeFrame';
import { KeptWorker } from '../workers/keptWorker';
import type { Judged, JudgeApi } from './judge.worker';

const worker = new KeptWorker<JudgeApi>(
  () => new Worker(new URL('./judge.worker.ts', import.meta.url)),
);

/** Has the stored frames of one press judged, away from the page. */
export async function judgeFrames(
  drillId: string,
  frames: readonly ListedFrame[],
  pick = 0,
): Promise<Judged> {
  const tried = frames.flatMap((frame) => {
    const file = rawOf(frame);
    return file ? [{ id: frame.record.id, file }] : [];
  });
  if (tried.length < frames.length)
    return { refusal: 'A drill judges the raw: choose DNG in Files.' };
  try {
    return await worker.call((api) => api.judge(drillId, tried, pick) as Promise<Judged>);
  } catch {
    return { refusal: 'The frame could not be judged just now. It is kept; expose another.' };
  }
}
