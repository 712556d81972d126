import { expose } from 'comlink';

/** What a kept worker answers besides its own. */
export interface Kept {
  /** Resolves once this worker runs, and holds the lock for as long as it does. */
  alive(lock: string): Promise<void>;
}

/** Offers what a worker does to the KeptWorker that started it. */
export function exposeKept(api: object): void {
  const alive = (lock: string): Promise<void> =>
    new Promise((resolve) => {
      if (!('locks' in navigator)) return resolve();
      void navigator.locks.request(lock, () => {
        resolve();
        return new Promise<never>(() => {});
      });
    });
  expose(Object.assign(api, { alive }));
}
