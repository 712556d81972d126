import { DEFAULT_PREFERENCES } from '../src/rolls/preferences';
import { isPreferences, isSettings } from '../src/rolls/validation';
import { DEFAULT_SETTINGS, migrateSettings, setFocus } from '@velmo/core/settings';

describe('what is kept', () => {
  test('defaults pass their own schemas', () => {
    expect(isPreferences(DEFAULT_PREFERENCES)).toBe(true);
    expect(isSettings(DEFAULT_SETTINGS)).toBe(true);
    expect(isSettings({ ...DEFAULT_SETTINGS, focus: setFocus(0) })).toBe(true);
  });
  test('settings kept before there was focus get the camera’s', () => {
    const { focus: _focus, ...old } = DEFAULT_SETTINGS;
    const brought = migrateSettings({ ...old, version: 3, compClicks: 2 });
    expect(isSettings(brought)).toBe(true);
    expect(brought).toMatchObject({ compClicks: 2, focus: { mode: 'auto' } });
  });
  test('a focus nearer than any lens, or none at all, is refused', () => {
    for (const dioptres of [900, NaN, Infinity, '2'])
      expect(isSettings({ ...DEFAULT_SETTINGS, focus: { mode: 'set', dioptres } })).toBe(false);
  });
});
