import { derivedStore } from '../../src/state/derivedStore';
import { createStore } from '../../src/state/store';

describe('what is worked out of other stores', () => {
  const settings = createStore({ name: 'a', unit: 'm' });
  const readings = createStore({ click: 3, frame: 1 });
  const workOut = jest.fn(() => ({ says: [settings.get().name, readings.get().click > 2] }));
  const derived = derivedStore(
    [settings, readings],
    () => [settings.get(), readings.get().click],
    workOut,
  );

  test('is the same object as long as it says the same, and worked out only when it might not', () => {
    const first = derived.get();
    expect(first).toEqual({ says: ['a', true] });
    readings.set({ click: 3, frame: 2 });
    expect(derived.get()).toBe(first);
    expect(workOut).toHaveBeenCalledTimes(1);
    readings.set({ click: 4, frame: 3 });
    expect(derived.get()).toBe(first);
    expect(workOut).toHaveBeenCalledTimes(2);
    settings.set({ name: 'b', unit: 'm' });
    expect(derived.get()).toEqual({ says: ['b', true] });
    expect(derived.get()).not.toBe(first);
  });

  test('tells of changes of all its sources until nobody listens', () => {
    const listener = jest.fn();
    const stop = derived.subscribe(listener);
    settings.update((s) => ({ ...s, unit: 'ft' }));
    readings.update((r) => ({ ...r, frame: 9 }));
    expect(listener).toHaveBeenCalledTimes(2);
    stop();
    readings.update((r) => ({ ...r, frame: 10 }));
    expect(listener).toHaveBeenCalledTimes(2);
  });
});
