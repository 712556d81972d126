import { MessageChannel } from 'node:worker_threads';
import { FrameLoop } from '../../src/camera/live/frameLoop';

/** Lets timers and messages that wait have their turn. */
const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 30));

describe('the frame loop', () => {
  let frames: (() => void)[] = [];
  const channels: MessageChannel[] = [];
  beforeEach(() => {
    frames = [];
    globalThis.MessageChannel = class extends MessageChannel {
      constructor() {
        super();
        channels.push(this);
      }
    } as unknown as typeof globalThis.MessageChannel;
    globalThis.requestAnimationFrame = (frame) => frames.push(() => frame(0));
  });
  afterEach(() => {
    for (const { port1 } of channels.splice(0)) port1.close();
  });

  test('a frame under way is given up when something changes, and the change shows at once', async () => {
    const done: string[] = [];
    let setting = 'old';
    const loop = new FrameLoop(function* () {
      const made = setting;
      yield;
      yield;
      done.push(made);
    }, 1000);
    loop.start();
    await settle();
    frames.shift()!();
    setting = 'new';
    loop.soon();
    loop.soon();
    await settle();
    expect(done).toEqual(['new']);
    loop.stop();
  });

  test('what a tick leaves for later follows the one that was finished, in a task of its own', async () => {
    const done: string[] = [];
    let setting = 'old';
    let inTick = false;
    const loop = new FrameLoop(
      function* () {
        inTick = true;
        yield;
        done.push(setting);
        // Whoever is told of the picture goes first.
        void Promise.resolve().then(() => (inTick = false));
      },
      1000,
      () => done.push(inTick ? 'too early' : `after ${setting}`),
    );
    loop.start();
    await settle();
    frames.shift()!();
    setting = 'new';
    loop.soon();
    await settle();
    expect(done).toEqual(['new', 'after new']);
    loop.soon();
    loop.stop();
    await settle();
    expect(done).toHaveLength(2);
  });

  test('goes on frame by frame when nothing changes, and not after it was stopped', async () => {
    let ticks = 0;
    const loop = new FrameLoop(function* () {
      ticks++;
    }, 1000);
    loop.start();
    for (let i = 0; i < 3; i++) {
      await settle();
      frames.shift()!();
    }
    await settle();
    expect(ticks).toBe(3);
    loop.stop();
    loop.soon();
    await settle();
    expect(ticks).toBe(3);
  });
});
