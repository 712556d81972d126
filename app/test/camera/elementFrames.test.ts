import { ElementFrames } from '../../src/camera/browser/feed/elementFrames';

jest.mock('comlink', () => ({ transfer: (value: unknown) => value }));

/** A frame or a bitmap of a video, as far as it is handed over. */
interface Handed {
  readonly kind: 'frame' | 'bitmap';
}

const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

describe('frames by way of a video element', () => {
  let onFrame: (() => void) | null = null;
  const given: Handed[] = [];
  let displayWidth = 640;
  beforeEach(() => {
    given.length = 0;
    displayWidth = 640;
    const video = HTMLVideoElement.prototype;
    Object.assign(video, {
      play: () => Promise.resolve(),
      pause: () => {},
      requestVideoFrameCallback: (callback: () => void) => (onFrame = callback),
    });
    Object.defineProperty(video, 'videoWidth', { value: 640, configurable: true });
    Object.defineProperty(video, 'videoHeight', { value: 480, configurable: true });
    Object.assign(globalThis, {
      MediaStream: class {},
      VideoFrame: class {
        kind = 'frame';
        displayWidth = displayWidth;
        displayHeight = 480;
        close() {}
      },
      createImageBitmap: async () => ({ kind: 'bitmap' }),
    });
  });
  const frames = async (give: (frame: Handed) => Promise<void>): Promise<ElementFrames> => {
    const made = new ElementFrames({} as MediaStreamTrack, give as never);
    Object.defineProperty((made as unknown as { video: object }).video, 'srcObject', {
      value: null,
      writable: true,
    });
    await made.start();
    return made;
  };

  test('are handed over by reference; what comes while three are on their way is let go', async () => {
    const reading: (() => void)[] = [];
    const made = await frames((frame) => {
      given.push(frame);
      return new Promise((resolve) => reading.push(resolve));
    });
    for (let k = 0; k < 5; k++) onFrame!();
    expect(given.map(({ kind }) => kind)).toEqual(['frame', 'frame', 'frame']);
    reading.forEach((done) => done());
    await settle();
    onFrame!();
    expect(given).toHaveLength(4);
    made.stop();
  });

  test('come from an element out of the page, put in it when its frames stay away', async () => {
    jest.useFakeTimers();
    try {
      const made = await frames(async (frame) => void given.push(frame));
      expect(document.querySelector('video')).toBeNull();
      jest.advanceTimersByTime(650);
      onFrame!();
      jest.advanceTimersByTime(650);
      expect(document.querySelector('video')).toBeNull();
      jest.advanceTimersByTime(100);
      expect(document.querySelector('video')).not.toBeNull();
      made.stop();
      expect(document.querySelector('video')).toBeNull();
    } finally {
      jest.useRealTimers();
    }
  });

  test('turn to bitmaps where frames cannot be read, or do not stand the way the video does', async () => {
    const made = await frames(async (frame) => {
      given.push(frame);
      if (frame.kind === 'frame') throw new Error('cannot be drawn');
    });
    onFrame!();
    await settle();
    onFrame!();
    await settle();
    expect(given.map(({ kind }) => kind)).toEqual(['frame', 'bitmap']);
    made.stop();

    displayWidth = 480;
    given.length = 0;
    const turned = await frames(async (frame) => void given.push(frame));
    onFrame!();
    await settle();
    onFrame!();
    await settle();
    expect(given.map(({ kind }) => kind)).toEqual(['bitmap']);
    turned.stop();
  });
});
