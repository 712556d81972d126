import equal from 'fast-deep-equal';
import type { Store } from './store';

/** A value that changes by itself. */
export type ReadableStore<T> = Pick<Store<T>, 'get' | 'subscribe'>;

/**
 * What is worked out of other stores: the same object as long as it says the same, so that what
 * shows it renders again only when it changes.
 *
 * @param sources who tells that something has changed, perhaps thirty times a second
 * @param dependsOn compared one by one: it is worked out again only when one of them is another
 */
export function derivedStore<T>(
  sources: readonly Pick<Store<unknown>, 'subscribe'>[],
  dependsOn: () => readonly unknown[],
  workOut: () => T,
): ReadableStore<T> {
  let known: readonly unknown[] | null = null;
  let value: T;
  return {
    get() {
      const now = dependsOn();
      if (known === null || now.some((part, i) => part !== known![i])) {
        const next = workOut();
        if (known === null || !equal(next, value)) value = next;
        known = now;
      }
      return value;
    },
    subscribe(listener) {
      const stops = sources.map((source) => source.subscribe(listener));
      return () => {
        for (const stop of stops) stop();
      };
    },
  };
}
