import type { Remote } from 'comlink';
import { startedWorker, type StartedWorker } from './startedWorker';

/**
 * A worker that is started when it is needed or ahead of that, watched, and replaced when it could
 * not be loaded or has gone.
 */
export class KeptWorker<Api> {
  private running: StartedWorker<Api> | null = null;

  /** @param start starts its script */
  constructor(private readonly start: () => Worker) {}

  /** Starts it ahead of need. What fails now is tried again by the next call. */
  warm(): void {
    this.current();
  }

  /** Has the worker do something. Rejects with WorkerLost when it goes meanwhile. */
  async call<T>(work: (api: Remote<Api>) => Promise<T>): Promise<T> {
    const { api, ready, lost } = this.current();
    await ready;
    return Promise.race([work(api), lost]);
  }

  /** Has the worker do something if it runs: none is started for that. */
  async tell(work: (api: Remote<Api>) => Promise<unknown>): Promise<void> {
    if (this.running) await this.call(work);
  }

  /** Rejects with WorkerLost when the worker that runs now goes. */
  lost(): Promise<never> {
    return this.current().lost;
  }

  /** Ends it; the next call starts another. */
  end(): void {
    this.running?.end();
    this.running = null;
  }

  private current(): StartedWorker<Api> {
    if (this.running) return this.running;
    const running = startedWorker<Api>(this.start());
    this.running = running;
    running.lost.catch(() => {
      if (this.running !== running) return;
      this.running = null;
      running.end();
    });
    return running;
  }
}
