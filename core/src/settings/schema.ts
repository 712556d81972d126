import { ISO_CLICKS, TIME_CLICKS } from '../exposure/nominal';
import { COMP_CLICKS } from './settings';

const hold = (range: { min: number; max: number }) => ({
  oneOf: [
    {
      type: 'object',
      properties: { mode: { const: 'auto' } },
      required: ['mode'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: {
        mode: { const: 'set' },
        click: { type: 'integer', minimum: range.min, maximum: range.max },
      },
      required: ['mode', 'click'],
      additionalProperties: false,
    },
  ],
});

/** JSON Schema of Settings, for every door they come in by. */
export const SETTINGS_SCHEMA = {
  $id: 'velmo/settings/1',
  type: 'object',
  properties: {
    version: { const: 1 },
    lens: { type: 'string', pattern: '^[a-z0-9-]{1,32}$' },
    time: hold(TIME_CLICKS),
    iso: hold(ISO_CLICKS),
    compClicks: { type: 'integer', minimum: COMP_CLICKS.min, maximum: COMP_CLICKS.max },
    support: { enum: ['hand', 'tripod'] },
    sizeMp: { enum: [12, 3] },
  },
  required: ['version', 'lens', 'time', 'iso', 'compClicks', 'support', 'sizeMp'],
  additionalProperties: false,
} as const;
