import { KeptWorker } from '../workers/keptWorker';
import type { FrameViewApi } from './frameView.worker';

const start = (): KeptWorker<FrameViewApi> =>
  new KeptWorker(() => new Worker(new URL('./frameView.worker.ts', import.meta.url)));

/** One is kept ready: a frame can be opened when there is no server to load it from. */
let spare: KeptWorker<FrameViewApi> | null = null;

/** Starts a worker ahead of the first frame that is looked at. */
export function warmFrameViews(): void {
  spare ??= start();
  spare.warm();
}

/** A worker for one frame; whoever takes it ends it. */
export function takeFrameView(): KeptWorker<FrameViewApi> {
  const taken = spare ?? start();
  spare = null;
  return taken;
}
