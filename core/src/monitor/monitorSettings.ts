import { PEAKING_STRENGTHS, type PeakingStrength } from './peaking/peaking';
import { ZEBRA_CLICKS, ZEBRA_PERCENT, type ZebraThreshold } from './zebra';

/** Which channel's clipping is marked. */
export const OVER_MARKS = ['any', 'red', 'green', 'blue', 'off'] as const;
export type OverMarks = (typeof OVER_MARKS)[number];

/**
 * Colours clip marks can have: the usual one, and two for pictures in which it does not stand out.
 */
export const OVER_COLOURS = ['pink', 'white', 'black'] as const;
export type OverColour = (typeof OVER_COLOURS)[number];

/** When edges in focus are marked: while Focus is in hand, always, or never. */
export const PEAKING_WHEN = ['focusing', 'always', 'off'] as const;
export type PeakingWhen = (typeof PEAKING_WHEN)[number];
export const PEAKING_COLOURS = ['violet', 'white', 'blue'] as const;
export type PeakingColour = (typeof PEAKING_COLOURS)[number];

/** What is watched, and how it is shown. A matter of taste: the same for every picture. */
export interface MonitorSettings {
  readonly over: OverMarks;
  readonly overColour: OverColour;
  readonly under: boolean;
  readonly zebra: ZebraThreshold | null;
  /** Middle of the second band in clicks from mid-grey; null = none. */
  readonly toneClicks: number | null;
  readonly rawHistogram: 'off' | 'small' | 'large';
  readonly logHeight: boolean;
  /** The picture's histogram stands beside the raw's. */
  readonly pictureHistogram: boolean;
  /** Share of the frame that may clip, specks not counted, before zebra and "push right" mind. */
  readonly allowedShare: number;
  readonly peaking: PeakingWhen;
  readonly peakingStrength: PeakingStrength;
  readonly peakingColour: PeakingColour;
}

export const ALLOWED_SHARES = [0, 0.001, 0.005, 0.02] as const;
export const TONE_CLICKS = { min: -18, max: 9 } as const;

export const DEFAULT_MONITORS: MonitorSettings = {
  over: 'any',
  overColour: 'pink',
  under: true,
  zebra: null,
  toneClicks: null,
  rawHistogram: 'large',
  logHeight: false,
  pictureHistogram: false,
  allowedShare: 0.001,
  peaking: 'focusing',
  peakingStrength: 'low',
  peakingColour: 'violet',
};

/** JSON Schema of MonitorSettings. */
export const MONITORS_SCHEMA = {
  type: 'object',
  properties: {
    over: { enum: OVER_MARKS },
    overColour: { enum: OVER_COLOURS },
    under: { type: 'boolean' },
    zebra: {
      oneOf: [
        { type: 'null' },
        {
          type: 'object',
          properties: {
            on: { const: 'raw' },
            clicksUnder: {
              type: 'integer',
              minimum: ZEBRA_CLICKS.min,
              maximum: ZEBRA_CLICKS.max,
            },
          },
          required: ['on', 'clicksUnder'],
          additionalProperties: false,
        },
        {
          type: 'object',
          properties: {
            on: { const: 'picture' },
            percent: { type: 'integer', minimum: ZEBRA_PERCENT.min, maximum: ZEBRA_PERCENT.max },
          },
          required: ['on', 'percent'],
          additionalProperties: false,
        },
      ],
    },
    toneClicks: {
      type: ['integer', 'null'],
      minimum: TONE_CLICKS.min,
      maximum: TONE_CLICKS.max,
    },
    rawHistogram: { enum: ['off', 'small', 'large'] },
    logHeight: { type: 'boolean' },
    pictureHistogram: { type: 'boolean' },
    allowedShare: { enum: ALLOWED_SHARES },
    peaking: { enum: PEAKING_WHEN },
    peakingStrength: { enum: PEAKING_STRENGTHS },
    peakingColour: { enum: PEAKING_COLOURS },
  },
  required: [
    'over',
    'overColour',
    'under',
    'zebra',
    'toneClicks',
    'rawHistogram',
    'logHeight',
    'pictureHistogram',
    'allowedShare',
    'peaking',
    'peakingStrength',
    'peakingColour',
  ],
  additionalProperties: false,
} as const;
