import { wrap, type Remote } from 'comlink';
import type { Kept } from './exposeKept';

/** A worker whose script did not come, or that has gone: what it was doing is not done. */
export class WorkerLost extends Error {
  override readonly name = 'WorkerLost';
}

/** A worker may take so long to say that it runs: its script comes over the network. */
const START_MS = 30_000;

/** A worker that has been started and is watched. */
export interface StartedWorker<Api> {
  readonly api: Remote<Api>;
  /** Resolves once it runs; rejects with WorkerLost. */
  readonly ready: Promise<void>;
  /** Rejects with WorkerLost when it goes, whether anybody waits for it or not. */
  readonly lost: Promise<never>;
  /** May be called again. What is still asked of it is not answered. */
  end(): void;
}

/**
 * Watches a worker that has just been started. It ends without a word; the lock it holds while it
 * lives tells.
 */
export function startedWorker<Api>(worker: Worker): StartedWorker<Api> {
  const api = wrap<Api & Kept>(worker);
  let lose: (error: WorkerLost) => void = () => {};
  const lost = new Promise<never>((_, reject) => (lose = reject));
  lost.catch(() => {});
  const watch = new AbortController();
  const end = (): void => {
    watch.abort();
    lose(new WorkerLost('It was ended.'));
    worker.terminate();
  };
  worker.addEventListener('error', () => lose(new WorkerLost('Its script could not be run.')));
  const lock = `velmo-worker-${crypto.randomUUID?.() ?? Math.random()}`;
  const begin = async (): Promise<void> => {
    const late = setTimeout(() => lose(new WorkerLost('It did not start.')), START_MS);
    try {
      const alive = (api as unknown as { alive(lock: string): Promise<void> }).alive(lock);
      await Promise.race([alive, lost]);
    } finally {
      clearTimeout(late);
    }
    if ('locks' in navigator)
      navigator.locks
        .request(lock, { signal: watch.signal }, () => lose(new WorkerLost('It has gone.')))
        .catch(() => {});
  };
  const ready = begin();
  ready.catch(() => {});
  return { api: api as unknown as Remote<Api>, ready, lost, end };
}
