import equal from 'fast-deep-equal';
import type { MonitorSettings } from '../monitor/monitorSettings';
import { unlockedWhite, type Settings } from '../settings/settings';

/** What each part of a kit holds of the settings. */
export const PART_FIELDS = {
  exposure: ['time', 'iso', 'compClicks', 'meter'],
  focus: ['focus'],
  white: ['white'],
  rig: [
    'lens',
    'crop',
    'support',
    'stabiliserStops',
    'filterStops',
    'torch',
    'flash',
    'subject',
    'mainsHz',
  ],
  files: ['files', 'jpegQuality', 'sizeMp', 'average', 'aspect'],
  series: ['series', 'delayS'],
  // Marks belong to the monitors, not to the settings.
  marks: [],
} as const satisfies Record<string, readonly (keyof Settings)[]>;

export type KitPart = keyof typeof PART_FIELDS;
export const KIT_PARTS = Object.keys(PART_FIELDS) as readonly KitPart[];

/** Everything that is set: what a kit is saved from and applied to. */
export interface SetUp {
  readonly settings: Settings;
  readonly monitors: MonitorSettings;
}

/** A set-up saved under a name. What is not among its parts is kept, and not applied. */
export interface Kit extends SetUp {
  readonly version: 1;
  readonly id: string;
  readonly name: string;
  readonly parts: readonly KitPart[];
}

export const MAX_KIT_NAME = 40;

/** Settings without what belongs to the light of one moment: no lock. */
export const lightless = (s: Settings): Settings => ({
  ...s,
  meter: { ...s.meter, lockedEv100: null },
  white: unlockedWhite(s.white),
});

/** The settings now, with the parts of others in their place. */
export function withParts(now: Settings, parts: readonly KitPart[], others: Settings): Settings {
  const from = lightless(others);
  const taken: Partial<Settings> = {};
  for (const part of parts)
    for (const field of PART_FIELDS[part]) Object.assign(taken, { [field]: from[field] });
  return { ...now, ...taken };
}

/**
 * What a change of the settings has done, taken back; what has been changed since stays.
 *
 * @param before the settings it was made to
 * @param after what it made of them
 */
export function takenBack(now: Settings, before: Settings, after: Settings): Settings {
  const changed = Object.keys(before) as (keyof Settings)[];
  const back = changed.filter((field) => !equal(before[field], after[field]));
  return { ...now, ...Object.fromEntries(back.map((field) => [field, before[field]])) };
}
