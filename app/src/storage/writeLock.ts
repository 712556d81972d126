const WRITE_LOCK = 'velmo-write';
/** How long another tab may write before it is said. */
const PATIENCE_MS = 2000;

/** Works while no other tab writes, where the browser has locks. */
export async function withWriteLock<T>(onWaiting: () => void, work: () => Promise<T>): Promise<T> {
  if (!('locks' in navigator)) return work();
  const waiting = setTimeout(onWaiting, PATIENCE_MS);
  try {
    return (await navigator.locks.request(WRITE_LOCK, () => {
      clearTimeout(waiting);
      return work();
    })) as T;
  } finally {
    clearTimeout(waiting);
  }
}
