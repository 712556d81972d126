import { values } from '../databases';

const QUIET_MS = 400;

/** Values that were changed just before the page went, by key: databases take too long for them. */
const UNKEPT = 'velmo-unkept/';

/** What was noted when a page went, until the database has it or something newer; else null. */
function noteOf(key: string): string | null {
  try {
    return localStorage.getItem(UNKEPT + key);
  } catch {
    return null;
  }
}

/**
 * A small value that is remembered from one visit to the next.
 *
 * @param accept checks what was stored, brings older versions up to date; null when it cannot be
 *   used
 */
export function keptValue<T>(key: string, accept: (value: unknown) => Promise<T | null>) {
  let timer: ReturnType<typeof setTimeout> | undefined;
  /** Changed, and the database has not yet said that it has it. */
  let unkept: string | null = null;
  const write = async (text: string): Promise<void> => {
    clearTimeout(timer);
    unkept = text;
    const older = noteOf(key);
    try {
      await values.write({ [key]: text });
    } finally {
      if (unkept === text) unkept = null;
    }
    if (older !== null && noteOf(key) === older) localStorage.removeItem(UNKEPT + key);
  };
  // The page may go at any moment after a change: a database would not be done in time.
  const onGone = (): void => {
    try {
      if (unkept !== null) localStorage.setItem(UNKEPT + key, unkept);
    } catch {
      // Storage may be shut or full: the value before is there.
    }
  };
  if (typeof window !== 'undefined') window.addEventListener('pagehide', onGone);
  return {
    async last(): Promise<T | null> {
      try {
        const changed = noteOf(key);
        // Nobody waits for it: a database that does not answer would hold all up.
        if (changed !== null) void write(changed).catch(() => {});
        // Checked in a later turn even where it was noted: parts of the app, as the validators are,
        // can be loaded only once the page's first script has run to its end.
        const text = await (changed ?? values.read(key));
        return text === null ? null : await accept(JSON.parse(text) as unknown);
      } catch {
        return null;
      }
    },
    /** Writes it now; resolves when it is kept, and rejects when it is not. */
    keepNow: (value: T): Promise<void> => write(JSON.stringify(value)),
    keep(value: T): void {
      clearTimeout(timer);
      const text = JSON.stringify(value);
      unkept = text;
      // A value that could not be kept costs a few taps next time and nothing now: no message is
      // worth it.
      timer = setTimeout(() => void write(text).catch(() => {}), QUIET_MS);
    },
  };
}
