import { DEFAULT_SETTINGS } from './settings';

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

const OLD_VERSIONS: readonly unknown[] = [1, 2, 3, 4, 5, 6];

/** Controls that until version 5 were `set` where they are `held` now. */
const CONTROLS = ['time', 'iso', 'focus', 'white'] as const;

const heldOf = (control: unknown): unknown =>
  isRecord(control) && control.mode === 'set' ? { ...control, mode: 'held' } : control;

/**
 * Brings settings of an older version up to the current one; anything else passes through unchanged,
 * to be judged by the schema. Version 1 knew no crop, meter pattern, stabiliser, filter, torch,
 * subject or mains; version 2 no white balance and no choice of files; version 3 no focus; version 4
 * no average; version 5 said `set` for `held`; version 6 knew no series.
 */
export function migrateSettings(value: unknown): unknown {
  if (!isRecord(value) || !OLD_VERSIONS.includes(value.version)) return value;
  const controls = CONTROLS.flatMap((name) => (name in value ? [[name, heldOf(value[name])]] : []));
  return {
    ...DEFAULT_SETTINGS,
    ...value,
    ...Object.fromEntries(controls),
    version: DEFAULT_SETTINGS.version,
  };
}
