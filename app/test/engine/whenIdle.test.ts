import { inTurnWhenIdle } from '../../src/engine/whenIdle';

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

test('one thing after another, each when the page is idle: one that fails keeps none from its turn', async () => {
  const asked: (() => void)[] = [];
  const page = window as unknown as { requestIdleCallback: unknown };
  page.requestIdleCallback = (work: () => void) => asked.push(work);
  const done: string[] = [];
  let release = (): void => {};
  inTurnWhenIdle(
    [
      () => new Promise<void>((resolve) => (release = resolve)).then(() => done.push('slow')),
      () => Promise.reject(new Error('not there')),
      () => {
        throw new Error('not allowed');
      },
      () => done.push('last'),
    ],
    500,
  );
  const idle = async (): Promise<void> => {
    asked.shift()?.();
    await pause(0);
  };
  expect(asked).toHaveLength(1);
  await idle();
  // The first is under way: nothing else is asked for until it is done.
  expect([done, asked.length]).toEqual([[], 0]);
  release();
  await pause(0);
  expect([done, asked.length]).toEqual([['slow'], 1]);
  await idle();
  await idle();
  await idle();
  expect([done, asked.length]).toEqual([['slow', 'last'], 0]);
});

test('without idle periods it waits a part of the time it may', async () => {
  delete (window as unknown as { requestIdleCallback?: unknown }).requestIdleCallback;
  const done: string[] = [];
  inTurnWhenIdle([() => done.push('first'), () => done.push('second')], 15);
  expect(done).toEqual([]);
  for (let waits = 0; waits < 200 && done.length < 2; waits++) await pause(5);
  expect(done).toEqual(['first', 'second']);
});
