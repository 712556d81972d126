import { DEFAULT_PREFERENCES } from '../../src/storage/kept/preferences';
import { isValid } from '../../src/storage/validation';
import {
  DEFAULT_SETTINGS,
  migrateSettings,
  heldFocus,
  settingsFromLink,
} from '@velmo/core/settings';

const isCameraChoice = (value: unknown): boolean => isValid('cameraChoice', value);
const isCameraLight = (value: unknown): boolean => isValid('cameraLight', value);
const isPreferences = (value: unknown): boolean => isValid('preferences', value);
const isSettings = (value: unknown): boolean => isValid('settings', value);

describe('what is kept', () => {
  test('defaults pass their own schemas', () => {
    expect(isPreferences(DEFAULT_PREFERENCES)).toBe(true);
    expect(isSettings(DEFAULT_SETTINGS)).toBe(true);
    expect(isSettings({ ...DEFAULT_SETTINGS, focus: heldFocus(0) })).toBe(true);
  });
  test('settings kept before there was focus get the camera’s', () => {
    const { focus: _focus, ...old } = DEFAULT_SETTINGS;
    const brought = migrateSettings({ ...old, version: 3, compClicks: 2 });
    expect(isSettings(brought)).toBe(true);
    expect(brought).toMatchObject({ compClicks: 2, focus: { mode: 'auto' } });
  });
  test('settings kept before frames were averaged ask for one; other numbers than 1 and 4 to 64 are refused', () => {
    const { average: _average, ...old } = DEFAULT_SETTINGS;
    const brought = migrateSettings({ ...old, version: 4, compClicks: 2 });
    expect(isSettings(brought)).toBe(true);
    expect(brought).toMatchObject({ compClicks: 2, average: 1 });
    for (const average of [4, 17, 64])
      expect(isSettings({ ...DEFAULT_SETTINGS, average })).toBe(true);
    for (const average of [0, 2, 3, 65, 4.5, '8'])
      expect(isSettings({ ...DEFAULT_SETTINGS, average })).toBe(false);
    expect(settingsFromLink({ average: '16' }, DEFAULT_SETTINGS, []).settings.average).toBe(16);
    expect(settingsFromLink({ average: '3' }, DEFAULT_SETTINGS, []).problems).toEqual([
      'average=3',
    ]);
  });
  test('settings kept when a held control was called set keep what they held', () => {
    const set = { mode: 'set', click: -21 };
    const brought = migrateSettings({
      ...DEFAULT_SETTINGS,
      version: 5,
      time: set,
      focus: { mode: 'set', dioptres: 2 },
      white: { mode: 'set', kelvin: 4000, tint: 3 },
    });
    expect(isSettings(brought)).toBe(true);
    expect(brought).toMatchObject({
      time: { mode: 'held', click: -21 },
      iso: { mode: 'auto' },
      focus: { mode: 'held', dioptres: 2 },
      white: { mode: 'held', kelvin: 4000, tint: 3 },
    });
  });
  test('a camera’s light is taken back only as a rising response of 3 x 256 numbers', () => {
    const curve = Array.from({ length: 256 }, (_, code) => code / 255);
    const light = {
      version: 1,
      response: [curve, curve, curve],
      measuredAt: 1e12,
      greyStops: 0.3,
      evOffset: null,
    };
    expect(isCameraLight(light)).toBe(true);
    expect(isCameraLight({ ...light, response: null })).toBe(true);
    expect(isCameraLight({ ...light, response: [curve, curve] })).toBe(false);
    expect(isCameraLight({ ...light, response: [curve, curve, curve.slice(1)] })).toBe(false);
    expect(isCameraLight({ ...light, greyStops: 9 })).toBe(false);
    expect(isCameraLight({ ...light, version: 2 })).toBe(false);
  });
  test('a camera remembered from last time is a place or a device, nothing else', () => {
    expect(isCameraChoice({ device: 'browser' })).toBe(true);
    expect(
      isCameraChoice({
        device: 'browser',
        camera: { id: 'a', label: 'back' },
        size: { width: 640, height: 480 },
      }),
    ).toBe(true);
    expect(isCameraChoice({ device: 'simulated', scene: 'test-wall' })).toBe(true);
    for (const bad of [
      { device: 'simulated' },
      { device: 'other' },
      { device: 'browser', size: 3 },
      7,
    ])
      expect(isCameraChoice(bad)).toBe(false);
  });
  test('a focus nearer than any lens, or none at all, is refused', () => {
    for (const dioptres of [900, NaN, Infinity, '2'])
      expect(isSettings({ ...DEFAULT_SETTINGS, focus: { mode: 'held', dioptres } })).toBe(false);
  });
});
