import { useSyncExternalStore } from 'react';

/** A value that changes, and those who listen. The one store behind everything live. */
export interface Store<T> {
  get(): T;
  set(next: T): void;
  update(change: (now: T) => T): void;
  subscribe(listener: () => void): () => void;
}

export function createStore<T>(initial: T): Store<T> {
  let value = initial;
  const listeners = new Set<() => void>();
  const store: Store<T> = {
    get: () => value,
    set(next) {
      if (Object.is(next, value)) return;
      value = next;
      for (const listener of [...listeners]) listener();
    },
    update: (change) => store.set(change(value)),
    subscribe(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
  return store;
}

/**
 * A part of a store as React state. The component renders again only when the selected part changes, so
 * select numbers and words, not fresh objects.
 */
export function useStore<T, S>(store: Store<T>, select: (value: T) => S): S {
  return useSyncExternalStore(store.subscribe, () => select(store.get()));
}
