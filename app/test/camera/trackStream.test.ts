import { streamFromPage, streamInWorker } from '../../src/camera/browser/feed/trackStream';

jest.mock('comlink', () => ({ transfer: (value: unknown) => value }));

/** A live worker that may make streams, and a browser that may hand tracks over. */
function given(makes: boolean, handsOver: boolean) {
  const copy = { stop: jest.fn() };
  const followTrack = jest.fn(async () => {
    if (!handsOver) throw new DOMException('not transferable', 'DataCloneError');
  });
  const track = { clone: () => copy } as unknown as MediaStreamTrack;
  const live = { makesStreams: async () => makes, followTrack, follow: jest.fn() } as never;
  return { copy, followTrack, track, live };
}

describe('a stream of a track’s frames', () => {
  test('is made in the worker of a copy that is handed over, where both are to be had', async () => {
    const { track, live, followTrack, copy } = given(true, true);
    expect(await streamInWorker(track, live)).toBe(true);
    expect(followTrack).toHaveBeenCalledWith(copy);
    expect(copy.stop).not.toHaveBeenCalled();
  });

  test('is not where the browser will not hand tracks over: the copy does not hold the camera', async () => {
    const { track, live, copy } = given(true, false);
    expect(await streamInWorker(track, live)).toBe(false);
    expect(copy.stop).toHaveBeenCalled();
  });

  test('is not where neither page nor worker can make one', async () => {
    const { track, live, followTrack } = given(false, true);
    expect(await streamFromPage(track, live)).toBe(false);
    expect(await streamInWorker(track, live)).toBe(false);
    expect(followTrack).not.toHaveBeenCalled();
  });
});
