import { DEFAULT_SETTINGS } from './settings';

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

const OLD_VERSIONS: readonly unknown[] = [1, 2, 3, 4];

/**
 * Brings settings of an older version up to the current one; anything else passes through unchanged, to be judged
 * by the schema. Version 1 knew no crop, meter pattern, stabiliser, filter, torch, subject or mains; version 2 no
 * white balance and no choice of files; version 3 no focus; version 4 no average.
 */
export function migrateSettings(value: unknown): unknown {
  if (!isRecord(value) || !OLD_VERSIONS.includes(value.version)) return value;
  return { ...DEFAULT_SETTINGS, ...value, version: DEFAULT_SETTINGS.version };
}
