import { useSyncExternalStore } from 'react';
import { Listeners } from './listeners';

/** A value that changes, and those who listen. The one store behind everything live. */
export interface Store<T> {
  get(): T;
  set(next: T): void;
  update(change: (now: T) => T): void;
  subscribe(listener: () => void): () => void;
}

/** A store with its first value. */
export function createStore<T>(initial: T): Store<T> {
  let value = initial;
  const changes = new Listeners<T>();
  const store: Store<T> = {
    get: () => value,
    set(next) {
      if (Object.is(next, value)) return;
      value = next;
      changes.tell(next);
    },
    update: (change) => store.set(change(value)),
    subscribe: changes.add,
  };
  return store;
}

/**
 * A part of a store as React state. The component renders again only when the selected part
 * changes, so select numbers and words, not fresh objects.
 */
export function useStore<T, S>(
  store: Pick<Store<T>, 'get' | 'subscribe'>,
  select: (value: T) => S,
): S {
  return useSyncExternalStore(store.subscribe, () => select(store.get()));
}

/** All of a store as React state. */
export const useValue = <T>({ get, subscribe }: Pick<Store<T>, 'get' | 'subscribe'>): T =>
  useSyncExternalStore(subscribe, get);
