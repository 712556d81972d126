import { values } from './databases';

const QUIET_MS = 400;

/**
 * A small value that is remembered from one visit to the next.
 *
 * @param accept checks what was stored, brings older versions up to date; null when it cannot be used
 */
export function keptValue<T>(key: string, accept: (value: unknown) => Promise<T | null>) {
  let timer: ReturnType<typeof setTimeout> | undefined;
  return {
    async last(): Promise<T | null> {
      try {
        const text = await values.read(key);
        return text === null ? null : await accept(JSON.parse(text) as unknown);
      } catch {
        return null;
      }
    },
    /** Writes it now; resolves when it is kept, and rejects when it is not. */
    keepNow(value: T): Promise<void> {
      clearTimeout(timer);
      return values.write({ [key]: JSON.stringify(value) });
    },
    keep(value: T): void {
      clearTimeout(timer);
      // A value that could not be kept costs a few taps next time and nothing now: no message is
      // worth it.
      timer = setTimeout(
        () => void values.write({ [key]: JSON.stringify(value) }).catch(() => {}),
        QUIET_MS,
      );
    },
  };
}
