import {
  AUTO,
  held,
  DEFAULT_SETTINGS,
  heldFocus,
  heldWhite,
  type Settings,
} from '@velmo/core/settings';
import { isoFromClick, timeSFromClick } from '@velmo/core/exposure';
import { exposureEv } from '../../src/camera/device/exposureEv';
import { filledSettings, followLight } from '../../src/camera/browser/openTape';
import { TrackApplier, type RefusedControls } from '../../src/camera/browser/track/trackApplier';
import {
  asksFor,
  compRangeOf,
  constraintsFor,
  hasTorch,
  isDone,
  isoRangeOf,
  kelvinRangeOf,
  reportedClicks,
  timeRangeOf,
  zoomMaxOf,
} from '../../src/camera/browser/track/trackControls';
import {
  steppedValue,
  type ControlCapabilities,
  type ControlSettings,
} from '../../src/camera/browser/track/trackTypes';

import { MockTrack, phone } from './mockTrack';

/** Chromium's fake device: 10..100 in units of 100 microseconds. */
const fake = { exposureMode: ['manual', 'continuous'], exposureTime: { min: 10, max: 100 } };
const setsOf = (settings: Partial<Settings>, c: ControlCapabilities) =>
  Object.assign({}, ...asksFor({ ...DEFAULT_SETTINGS, ...settings }, c).map(({ set }) => set));

describe('controls of a browser camera (W3C MediaStream Image Capture)', () => {
  test('only whole clicks inside what is offered', () => {
    expect(timeRangeOf(fake)).toEqual({ min: -29, max: -20 });
    expect(timeRangeOf({ ...fake, exposureMode: ['continuous'] })).toBeNull();
    expect(timeRangeOf({})).toBeNull();
    expect(isoRangeOf(fake)).toBeNull();
    expect(isoRangeOf({ ...fake, iso: { min: 50, max: 800 } })).toEqual({ min: -3, max: 9 });
    expect(compRangeOf(phone)).toEqual({ min: -6, max: 6 });
    expect(compRangeOf(fake)).toBeNull();
    expect(kelvinRangeOf(phone)).toEqual({ min: 2850, max: 7000 });
    expect(kelvinRangeOf({ ...phone, whiteBalanceMode: ['continuous'] })).toBeNull();
    expect(zoomMaxOf(phone)).toBe(4);
    expect(zoomMaxOf({ zoom: { min: 100, max: 250 } })).toBe(2.5);
    expect([hasTorch(phone), hasTorch({ torch: [false] }), hasTorch({})]).toEqual([
      true,
      false,
      false,
    ]);
  });
  test('asks for what is held, in the track’s units and on its steps, and never for what is not offered', () => {
    const settings = { time: held(-24), iso: held(3) };
    expect(constraintsFor(asksFor({ ...DEFAULT_SETTINGS, ...settings }, fake))).toEqual({
      advanced: [{ exposureMode: 'manual', exposureTime: 10000 / 256 }],
    });
    expect(setsOf({}, fake)).toEqual({ exposureMode: 'continuous' });
    expect(asksFor({ ...DEFAULT_SETTINGS, ...settings }, {})).toEqual([]);
    expect(
      setsOf({ ...settings, white: heldWhite({ kelvin: 5214, tint: 4 }) }, phone),
    ).toMatchObject({
      exposureMode: 'manual',
      exposureTime: 39,
      iso: 200,
      whiteBalanceMode: 'manual',
      colorTemperature: 5200,
    });
    expect(setsOf({ compClicks: -2, crop: 2, torch: true }, phone)).toMatchObject({
      exposureMode: 'continuous',
      exposureCompensation: expect.closeTo(-2 / 3),
      whiteBalanceMode: 'continuous',
      zoom: 2,
      torch: true,
    });
    // Held, the device does not compensate: Comp moves the meter's target.
    expect(setsOf({ ...settings, compClicks: 3 }, phone)).not.toHaveProperty(
      'exposureCompensation',
    );
  });
  test('each control is asked for by itself, so that one refused takes no other along', () => {
    const names = asksFor({ ...DEFAULT_SETTINGS, time: held(-24), iso: held(3) }, phone).map(
      (a) => a.name,
    );
    expect(names).toEqual(['time', 'iso', 'focus', 'white', 'zoom', 'torch']);
  });
  test('steps are kept, and never left at an end', () => {
    expect(steppedValue(37, { min: 10, max: 100, step: 5 })).toBe(35);
    expect(steppedValue(99.9, { min: 10, max: 98, step: 5 })).toBe(95);
    expect(steppedValue(3, { min: 10, max: 100 })).toBe(10);
  });
  test('says only what the track says, and believes nothing it does not report', () => {
    expect(reportedClicks({ exposureTime: 10000 / 128 })).toEqual({
      timeClick: -21,
      isoClick: null,
    });
    expect(reportedClicks({})).toEqual({ timeClick: null, isoClick: null });
    const [ask] = asksFor({ ...DEFAULT_SETTINGS, time: held(-21) }, phone);
    expect(isDone(ask, { exposureMode: 'manual', exposureTime: 78 }, phone)).toBe(true);
    expect(isDone(ask, { exposureMode: 'manual', exposureTime: 120 }, phone)).toBe(false);
    expect(isDone(ask, { exposureMode: 'continuous', exposureTime: 78 }, phone)).toBe(false);
  });
  test('light as EV by its exposure, where it tells one: 1/100 s at ISO 100 and a stop over is 2^(6.64 + 1)', () => {
    expect(exposureEv({ exposureTime: 100, iso: 100 }, 1)).toBeCloseTo(Math.log2(100) + 1);
    expect(exposureEv({ exposureTime: 100, iso: 400 }, 0)).toBeCloseTo(Math.log2(100) - 2);
    expect(exposureEv({ exposureTime: 100, exposureMode: 'continuous' }, 0)).toBeNull();
    expect(exposureEv({}, 0)).toBeNull();
  });
});

describe('a track that is asked', () => {
  const ask = async (track: MockTrack, steps: Partial<Settings>[], patienceMs = 400) => {
    const refused: RefusedControls[] = [];
    const applier = new TrackApplier(
      track as unknown as MediaStreamTrack,
      phone,
      DEFAULT_SETTINGS,
      (r) => refused.push(r),
    );
    for (const [k, step] of steps.entries()) {
      applier.apply({ ...DEFAULT_SETTINGS, ...step }, k + 1);
      await new Promise((resolve) => setTimeout(resolve, patienceMs));
    }
    applier.stop();
    return { refused, honoured: applier.honoured };
  };
  test('and follows is left in peace', async () => {
    const track = new MockTrack();
    const { refused, honoured } = await ask(track, [{ time: held(-24), iso: held(3) }]);
    expect(refused).toEqual([]);
    expect([honoured, track.sent]).toEqual([1, 1]);
    expect(track.state).toMatchObject({ exposureTime: 39, iso: 200, exposureMode: 'manual' });
  });
  test('and says no: the control it names goes back to what it followed', async () => {
    const track = new MockTrack();
    track.reject = ({ iso = 0 }) => (iso > 800 ? 'iso' : undefined);
    const good = { time: held(-24), iso: held(3) };
    const { refused } = await ask(track, [good, { ...good, iso: held(12) }]);
    expect(refused).toHaveLength(1);
    expect(refused[0].controls).toEqual(['iso']);
    expect(refused[0].followed.iso).toEqual(held(3));
  });
  test('and says no without a name: what was changed last goes back', async () => {
    const track = new MockTrack();
    track.reject = ({ torch }) => (torch ? '' : undefined);
    const { refused } = await ask(track, [{ compClicks: 1 }, { compClicks: 1, torch: true }]);
    expect(refused[0].controls).toEqual(['torch']);
  });
  test('and says yes but does something else is found out by reading back', async () => {
    const track = new MockTrack();
    track.ignores = 'colorTemperature';
    track.state = { ...track.state, colorTemperature: 4000 };
    const { refused } = await ask(track, [{ white: heldWhite({ kelvin: 6500, tint: 0 }) }], 2600);
    expect(refused[0]).toMatchObject({
      controls: ['white'],
      followed: { white: { mode: 'auto' } },
    });
  });
  test('and filled in where the photographer left a tape open goes back to an open tape, not to a held one', async () => {
    const track = new MockTrack();
    track.reject = ({ torch }) => (torch ? 'torch' : undefined);
    const refused: RefusedControls[] = [];
    const applier = new TrackApplier(
      track as unknown as MediaStreamTrack,
      phone,
      DEFAULT_SETTINGS,
      (r) => refused.push(r),
    );
    const open = { ...DEFAULT_SETTINGS, time: held(-24) };
    applier.apply(open, 1, { ...open, iso: held(3) });
    await new Promise((resolve) => setTimeout(resolve, 200));
    expect(track.state.iso).toBe(200);
    const lit = { ...open, torch: true };
    applier.apply(lit, 2, { ...lit, iso: held(3) });
    await new Promise((resolve) => setTimeout(resolve, 200));
    expect(refused[0]).toMatchObject({
      controls: ['torch'],
      followed: { time: held(-24), iso: AUTO },
    });
    applier.stop();
  });
  test('a short time that is not followed is seen, however long the track’s longest', () => {
    const [ask] = asksFor({ ...DEFAULT_SETTINGS, time: held(-30) }, phone);
    expect(isDone(ask, { exposureMode: 'manual', exposureTime: 10 }, phone)).toBe(true);
    expect(isDone(ask, { exposureMode: 'manual', exposureTime: 20 }, phone)).toBe(false);
  });
  test('the latest of many settings is what it ends at', async () => {
    const track = new MockTrack();
    const refused: unknown[] = [];
    const applier = new TrackApplier(
      track as unknown as MediaStreamTrack,
      phone,
      DEFAULT_SETTINGS,
      (r) => refused.push(r),
    );
    for (let k = 0; k <= 20; k++)
      applier.apply({ ...DEFAULT_SETTINGS, focus: heldFocus(k / 4), time: held(-30 + k) }, k);
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect(track.sent).toBeLessThan(5);
    expect(track.state.exposureTime).toBe(Math.round(timeSFromClick(-10) / 1e-4));
    expect(track.state.focusDistance).toBeCloseTo(0.2);
    expect(applier.honoured).toBe(20);
    expect(refused).toEqual([]);
    applier.stop();
  });
});

describe('a tape left open while the other is held', () => {
  const open: Settings = { ...DEFAULT_SETTINGS, time: held(-21), iso: AUTO };
  const at = (iso: number): ControlSettings => ({ exposureMode: 'manual', exposureTime: 78, iso });
  test('is moved by what the meter is off, and left alone when it is near', () => {
    expect(followLight(open, phone, at(100), -1, null)).toBe(3);
    expect(followLight(open, phone, at(200), 0.2, 3)).toBe(3);
    expect(followLight({ ...open, compClicks: 3 }, phone, at(200), 0, 3)).toBe(6);
  });
  test('stops at the end of its range', () => {
    expect(followLight(open, phone, at(3200), -4, 15)).toBe(15);
    expect(isoFromClick(followLight(open, phone, at(100), 5, null)!)).toBe(50);
  });
  test('nothing is moved where both or none is held, or the device offers but one', () => {
    expect(followLight({ ...open, iso: held(0) }, phone, at(100), -2, null)).toBeNull();
    expect(followLight(DEFAULT_SETTINGS, phone, at(100), -2, null)).toBeNull();
    expect(followLight(open, fake, at(100), -2, null)).toBeNull();
    expect(filledSettings(open, phone, 6).iso).toEqual(held(6));
    expect(filledSettings(DEFAULT_SETTINGS, phone, 6)).toEqual(DEFAULT_SETTINGS);
  });
});
