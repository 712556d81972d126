import { METER_PATTERNS } from '../exposure/metering';
import { ISO_CLICKS, TIME_CLICKS } from '../exposure/nominal';
import { MAX_CROP } from '../optics/zoom';
import { SUBJECT_PACES } from '../optics/smear';
import { WHITE_KELVIN, WHITE_TINT } from '../colour/whitePoint';
import { ASPECT_RATIOS } from '../optics/aspect';
import { DELAYS_S } from '../series/series';
import { exactly } from './exactly';
import { SERIES_SCHEMA } from './seriesSchema';
import {
  AVERAGE_FRAMES,
  COMP_CLICKS,
  FILE_KINDS,
  FLASH_TIMINGS,
  FOCUS_DIOPTRES,
  JPEG_QUALITY,
  MAX_FILTER_STOPS,
  MAX_STABILISER_STOPS,
} from './settings';

const hold = (range: { min: number; max: number }) => ({
  oneOf: [
    exactly({ mode: { const: 'auto' } }),
    exactly({
      mode: { const: 'held' },
      click: { type: 'integer', minimum: range.min, maximum: range.max },
    }),
  ],
});

const share = { type: 'number', minimum: 0, maximum: 1 };
const whole = (maximum: number) => ({ type: 'integer', minimum: 0, maximum });

const whitePoint = {
  kelvin: { type: 'number', minimum: WHITE_KELVIN.min, maximum: WHITE_KELVIN.max },
  tint: { type: 'number', minimum: WHITE_TINT.min, maximum: WHITE_TINT.max },
};

/** JSON Schema of Settings, for every door they come in by. */
export const SETTINGS_SCHEMA = {
  $id: 'velmo/settings/8',
  ...exactly({
    version: { const: 8 },
    lens: { type: 'string', pattern: '^[a-z0-9-]{1,32}$' },
    crop: { type: 'number', minimum: 1, maximum: MAX_CROP },
    time: hold(TIME_CLICKS),
    iso: hold(ISO_CLICKS),
    compClicks: {
      type: 'number',
      multipleOf: 0.5,
      minimum: COMP_CLICKS.min,
      maximum: COMP_CLICKS.max,
    },
    meter: exactly({
      pattern: { enum: METER_PATTERNS },
      spot: exactly({ x: share, y: share }),
      lockedEv100: { type: ['number', 'null'], minimum: -20, maximum: 30 },
    }),
    support: { enum: ['hand', 'tripod'] },
    stabiliserStops: whole(MAX_STABILISER_STOPS),
    filterStops: whole(MAX_FILTER_STOPS),
    torch: { type: 'boolean' },
    flash: { enum: FLASH_TIMINGS },
    subject: { enum: SUBJECT_PACES },
    mainsHz: { enum: [50, 60] },
    sizeMp: { enum: [12, 3] },
    focus: {
      oneOf: [
        exactly({
          mode: { const: 'auto' },
          spot: exactly({ x: share, y: share }),
          follow: { type: 'boolean' },
        }),
        exactly({
          mode: { const: 'held' },
          dioptres: {
            type: 'number',
            minimum: FOCUS_DIOPTRES.min,
            maximum: FOCUS_DIOPTRES.max,
          },
        }),
      ],
    },
    white: {
      oneOf: [
        exactly({
          mode: { const: 'auto' },
          locked: { oneOf: [{ type: 'null' }, exactly(whitePoint)] },
        }),
        exactly({ mode: { const: 'held' }, ...whitePoint }),
      ],
    },
    files: { enum: FILE_KINDS },
    jpegQuality: { type: 'integer', minimum: JPEG_QUALITY.min, maximum: JPEG_QUALITY.max },
    average: {
      oneOf: [
        { const: 1 },
        { type: 'integer', minimum: AVERAGE_FRAMES.min, maximum: AVERAGE_FRAMES.max },
      ],
    },
    aspect: { enum: ASPECT_RATIOS },
    series: SERIES_SCHEMA,
    delayS: { enum: DELAYS_S },
  }),
};
