import { AUTO, DEFAULT_SETTINGS, held, type Settings } from '@velmo/core/settings';
import type { RefusedControls } from '../../src/camera/browser/track/trackApplier';
import { TrackDriver } from '../../src/camera/browser/trackDriver';
import { MockTrack } from './mockTrack';

const until = async (holds: () => boolean): Promise<void> => {
  while (!holds()) await new Promise((resolve) => setTimeout(resolve, 10));
};

describe('a track that is driven', () => {
  let track: MockTrack;
  let refused: RefusedControls[];
  let driver: TrackDriver;
  const open: Settings = { ...DEFAULT_SETTINGS, time: held(-24), iso: AUTO };
  beforeEach(() => {
    track = new MockTrack();
    refused = [];
    driver = new TrackDriver(track as unknown as MediaStreamTrack, (r) => refused.push(r));
  });
  afterEach(() => driver.stop());

  test('has the tape moved that was left open, until that is held too', async () => {
    driver.apply(open, 1);
    await until(() => driver.honoured === 1);
    // The meter reads a stop under what Comp asks for.
    driver.follow(-1);
    await until(() => track.state.iso === 200);
    driver.apply({ ...open, iso: held(0) }, 2);
    await until(() => track.state.iso === 100);
    expect(refused).toEqual([]);
  });

  test('keeps the photographer’s settings waiting while a series holds others', async () => {
    driver.apply(open, 1);
    await until(() => driver.honoured === 1);
    await driver.hold({ ...open, time: held(-30), iso: held(3) });
    expect(track.state).toMatchObject({ exposureTime: 10, iso: 200 });
    driver.apply({ ...open, time: held(-21) }, 2);
    driver.follow(-1);
    await new Promise((resolve) => setTimeout(resolve, 100));
    expect(track.state.exposureTime).toBe(10);
    driver.restore();
    await until(() => track.state.exposureTime === 78);
    expect(driver.settings?.time).toEqual(held(-21));
  });

  test('says what is refused of what is held, not of what it has filled in itself', async () => {
    track.reject = ({ iso = 0 }) => (iso > 100 ? 'iso' : undefined);
    driver.apply(open, 1);
    await until(() => driver.honoured === 1);
    driver.follow(-2);
    await until(() => track.sent >= 2);
    await new Promise((resolve) => setTimeout(resolve, 100));
    expect(refused).toEqual([]);
    driver.apply({ ...open, iso: held(6) }, 2);
    await until(() => refused.length > 0);
    expect(refused[0].controls).toEqual(['iso']);
  });

  test('waits no longer for a track that does not follow once it is stopped', async () => {
    track.ignores = 'exposureTime';
    const holding = driver.hold(open);
    driver.apply(open, 1);
    driver.stop();
    await holding;
    expect(track.state.exposureTime).toBe(100);
  });
});
