import { AIDS_SCHEMA, NO_AIDS, type Aids } from '@velmo/core/aids';
import { DEFAULT_MONITORS, MONITORS_SCHEMA, type MonitorSettings } from '@velmo/core/monitor';
import { DISTANCE_UNITS, type DistanceUnit } from '@velmo/core/optics';
import { AHEAD_CHOICES, type AheadChoice } from '@velmo/core/simulate';
import { DEFAULT_NAMING, MAX_PATTERN, type NamePattern } from '../fileNames';
import { PLATE_IDS } from '../../theme/plates';
import { keptValue } from './keptValue';

/** How focus is judged and found. */
export interface Focusing {
  readonly unit: DistanceUnit;
  /** Screen pixels per photosite in the loupe. */
  readonly loupeZoom: 1 | 2;
  /** The loupe comes by itself while the Focus tape is turned. */
  readonly loupeWithFocus: boolean;
  /** Focus is found anew before every capture, where it is left to the camera. */
  readonly beforeCapture: boolean;
}

/** The screen itself, for the light and the hand it is looked at in. */
export interface ScreenChoice {
  readonly plate: string;
  readonly type: 'usual' | 'large';
  /** The phone stays awake as long as Field is open; otherwise while frames are made. */
  readonly awake: boolean;
  /** The hand that holds the phone: what is pressed most lies under its thumb. */
  readonly hand: 'right' | 'left';
  /** A tone when the shutter has closed. */
  readonly shutterSound: boolean;
  /** A tap of the phone at each detent, and when the shutter has closed. */
  readonly haptics: boolean;
}

/** What the photographer likes, whatever the picture. */
export interface Preferences {
  readonly version: 7;
  /** Detents of compensation in clicks: 1/3, 1/2 or 1 stop. */
  readonly compStepClicks: 1 | 1.5 | 3;
  readonly monitors: MonitorSettings;
  readonly aids: Aids;
  readonly screen: ScreenChoice;
  readonly focusing: Focusing;
  readonly naming: NamePattern;
  /** The last seconds of a delay are heard. */
  readonly delaySound: boolean;
  /** When the simulated camera computes light before Expose asks for it. */
  readonly lightAhead: AheadChoice;
}

/** As they are before anything was chosen. */
export const DEFAULT_PREFERENCES: Preferences = {
  version: 7,
  compStepClicks: 1,
  monitors: DEFAULT_MONITORS,
  aids: NO_AIDS,
  screen: {
    plate: 'graphite',
    type: 'usual',
    awake: false,
    hand: 'right',
    shutterSound: false,
    haptics: false,
  },
  focusing: { unit: 'm', loupeZoom: 1, loupeWithFocus: true, beforeCapture: false },
  naming: { pattern: DEFAULT_NAMING.pattern, count: DEFAULT_NAMING.count },
  delaySound: true,
  lightAhead: 'fitting',
};

/** JSON Schema of what the photographer likes. */
export const PREFERENCES_SCHEMA = {
  $id: 'velmo/preferences/7',
  type: 'object',
  properties: {
    version: { const: 7 },
    compStepClicks: { enum: [1, 1.5, 3] },
    monitors: MONITORS_SCHEMA,
    aids: AIDS_SCHEMA,
    screen: {
      type: 'object',
      properties: {
        plate: { enum: PLATE_IDS },
        type: { enum: ['usual', 'large'] },
        awake: { type: 'boolean' },
        hand: { enum: ['right', 'left'] },
        shutterSound: { type: 'boolean' },
        haptics: { type: 'boolean' },
      },
      required: ['plate', 'type', 'awake', 'hand', 'shutterSound', 'haptics'],
      additionalProperties: false,
    },
    focusing: {
      type: 'object',
      properties: {
        unit: { enum: DISTANCE_UNITS },
        loupeZoom: { enum: [1, 2] },
        loupeWithFocus: { type: 'boolean' },
        beforeCapture: { type: 'boolean' },
      },
      required: ['unit', 'loupeZoom', 'loupeWithFocus', 'beforeCapture'],
      additionalProperties: false,
    },
    delaySound: { type: 'boolean' },
    lightAhead: { enum: AHEAD_CHOICES },
    naming: {
      type: 'object',
      properties: {
        pattern: { type: 'string', maxLength: MAX_PATTERN },
        count: { type: 'integer', minimum: 1, maximum: 1e9 },
      },
      required: ['pattern', 'count'],
      additionalProperties: false,
    },
  },
  required: [
    'version',
    'compStepClicks',
    'monitors',
    'aids',
    'screen',
    'focusing',
    'naming',
    'delaySound',
    'lightAhead',
  ],
  additionalProperties: false,
} as const;

const OLD_VERSIONS: readonly unknown[] = [1, 2, 3, 4, 5, 6];

/**
 * Version 1 knew neither monitors nor names, version 2 nothing of focus, version 3 no delay,
 * version 4 no light computed ahead, version 6 no aids and nothing of the screen; up to version 5
 * the roll's name was among the names.
 */
function migrated(value: unknown): unknown {
  if (typeof value !== 'object' || value === null) return value;
  const old = value as { version?: unknown; monitors?: object; naming?: object };
  if (!OLD_VERSIONS.includes(old.version)) return value;
  const { roll, ...naming } = { roll: '', ...DEFAULT_PREFERENCES.naming, ...old.naming };
  void roll;
  return {
    ...DEFAULT_PREFERENCES,
    ...value,
    monitors: { ...DEFAULT_MONITORS, ...old.monitors },
    naming,
    version: DEFAULT_PREFERENCES.version,
  };
}

const kept = keptValue<Preferences>('preferences', async (value) => {
  const { isValid } = await import('../validation');
  const current = migrated(value);
  return isValid<Preferences>('preferences', current) ? current : null;
});

/** The preferences of last time; null where there are none. */
export const lastPreferences = kept.last;
/** Keeps them, soon. */
export const keepPreferences = kept.keep;
