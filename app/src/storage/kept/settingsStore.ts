import { migrateSettings, type Settings } from '@velmo/core/settings';
import { keptValue } from './keptValue';

const kept = keptValue<Settings>('settings', async (value) => {
  const { isValid } = await import('../validation');
  const current = migrateSettings(value);
  return isValid<Settings>('settings', current) ? current : null;
});

/** The settings of last time; null when there are none, or none this version understands. */
export const lastSettings = kept.last;

/** Keeps settings for next time, once they have been quiet for a moment. */
export const keepSettings = kept.keep;
/** Keeps settings at once; rejects where they cannot be kept. */
export const keepSettingsNow = kept.keepNow;
