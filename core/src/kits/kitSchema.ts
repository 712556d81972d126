import { DEFAULT_MONITORS, MONITORS_SCHEMA } from '../monitor/monitorSettings';
import { exactly } from '../settings/exactly';
import { migrateSettings } from '../settings/migrate';
import { SETTINGS_SCHEMA } from '../settings/schema';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { KIT_PARTS, MAX_KIT_NAME } from './kit';

/** JSON Schema of a Kit; refers to that of Settings. */
export const KIT_SCHEMA = {
  $id: 'velmo/kit/1',
  ...exactly({
    version: { const: 1 },
    id: { type: 'string', pattern: '^[a-z0-9-]{1,40}$' },
    name: { type: 'string', minLength: 1, maxLength: MAX_KIT_NAME, pattern: '\\S' },
    parts: { type: 'array', items: { enum: KIT_PARTS }, minItems: 1, uniqueItems: true },
    // Relative to velmo/kit/.
    settings: { $ref: SETTINGS_SCHEMA.$id.replace('velmo', '..') },
    monitors: MONITORS_SCHEMA,
  }),
};

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Why something is not a kit that can be used. */
export type KitProblem = 'not a kit' | 'made by a newer version' | 'damaged';

const isNewer = (version: unknown, known: number): boolean =>
  typeof version === 'number' && version > known;

/**
 * A kit of any version brought up to this one's, to be judged by the schema; or why it cannot be.
 * Settings and marks that an older version did not know are as they are at first.
 */
export function migrateKit(value: unknown): { kit: unknown } | { problem: KitProblem } {
  if (!isRecord(value) || !isRecord(value.settings) || !Array.isArray(value.parts))
    return { problem: 'not a kit' };
  if (isNewer(value.version, 1) || isNewer(value.settings.version, DEFAULT_SETTINGS.version))
    return { problem: 'made by a newer version' };
  const monitors = isRecord(value.monitors) ? value.monitors : {};
  return {
    kit: {
      ...value,
      settings: migrateSettings(value.settings),
      monitors: { ...DEFAULT_MONITORS, ...monitors },
    },
  };
}
