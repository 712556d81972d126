import { KeptWorker } from '../../src/workers/keptWorker';
import { startedWorker, WorkerLost } from '../../src/workers/startedWorker';

/** What each started worker does; comlink's wrap gives this in place of a real one. */
interface MockApi {
  alive(): Promise<void>;
  work(): Promise<string>;
}
const mockApis: MockApi[] = [];
jest.mock('comlink', () => ({ wrap: () => mockApis.shift() }));

class MockWorker extends EventTarget {
  ended = false;
  terminate(): void {
    this.ended = true;
  }
}

const forever = new Promise<never>(() => {});
const api = (
  work: () => Promise<string>,
  alive: () => Promise<void> = async () => {},
): MockApi => ({ alive, work });

/** Locks of workers: taken by whoever lives, given to the page when it goes. */
let died: (() => void)[] = [];
beforeEach(() => {
  died = [];
  mockApis.length = 0;
  Object.defineProperty(navigator, 'locks', {
    configurable: true,
    value: {
      request: (_name: string, _options: object, granted: () => void) =>
        new Promise<void>(() => died.push(granted)),
    },
  });
});

const kept = () => {
  const started: MockWorker[] = [];
  const worker = new KeptWorker<MockApi>(() => {
    const made = new MockWorker();
    started.push(made);
    return made as unknown as Worker;
  });
  return { worker, started, ask: () => worker.call((one) => one.work()) };
};

test('is started once, by the first call or ahead of it', async () => {
  mockApis.push(api(async () => 'done'));
  const { worker, started, ask } = kept();
  worker.warm();
  expect(await Promise.all([ask(), ask()])).toEqual(['done', 'done']);
  expect(started).toHaveLength(1);
});

test('that goes while it works: told at once, and the next call has another', async () => {
  mockApis.push(
    api(() => forever),
    api(async () => 'done by another'),
  );
  const { started, ask } = kept();
  const first = ask();
  await new Promise((resolve) => setTimeout(resolve, 0));
  died[0]();
  await expect(first).rejects.toThrow(WorkerLost);
  expect(await ask()).toBe('done by another');
  expect(started).toHaveLength(2);
});

test('whose script does not come: told, ended, and tried again by the next call', async () => {
  mockApis.push(
    api(
      () => forever,
      () => forever,
    ),
    api(async () => 'loaded'),
  );
  const { started, ask } = kept();
  const first = ask();
  started[0].dispatchEvent(new Event('error'));
  await expect(first).rejects.toThrow(WorkerLost);
  expect(started[0].ended).toBe(true);
  expect(await ask()).toBe('loaded');
});

test('that never says that it runs is given up', async () => {
  jest.useFakeTimers();
  try {
    mockApis.push(
      api(
        () => forever,
        () => forever,
      ),
    );
    const first = kept().ask();
    jest.advanceTimersByTime(31_000);
    await expect(first).rejects.toThrow(WorkerLost);
  } finally {
    jest.useRealTimers();
  }
});

test('may be ended again and again', async () => {
  mockApis.push(api(async () => 'done'));
  const one = startedWorker<MockApi>(new MockWorker() as unknown as Worker);
  await one.ready;
  one.end();
  one.end();
  await expect(one.lost).rejects.toThrow(WorkerLost);
});

test('an error of its own is its own: the worker stays', async () => {
  mockApis.push(
    api(async () => {
      throw new Error('no such file');
    }),
  );
  const { started, ask } = kept();
  await expect(ask()).rejects.toThrow('no such file');
  await expect(ask()).rejects.toThrow('no such file');
  expect(started).toHaveLength(1);
});
