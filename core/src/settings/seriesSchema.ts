import { BRACKET_FRAMES, BRACKET_ORDERS, BRACKET_STEP_CLICKS } from '../series/bracket';
import { MAX_FOCUS_STEPS } from '../series/focusSteps';
import {
  BURST_FRAMES,
  GATHERS,
  INTERVAL_FRAMES,
  INTERVAL_S,
  LONG_S,
  MAX_LIGHT_S,
  MAX_OVERLAP,
} from '../series/series';
import { exactly } from './exactly';
import { FOCUS_DIOPTRES } from './settings';

const whole = ({ min, max }: { readonly min: number; readonly max: number }) => ({
  type: 'integer',
  minimum: min,
  maximum: max,
});

const dioptres = { type: 'number', minimum: FOCUS_DIOPTRES.min, maximum: FOCUS_DIOPTRES.max };

/** JSON Schema of a Series. */
export const SERIES_SCHEMA = {
  oneOf: [
    exactly({ kind: { const: 'single' } }),
    exactly({
      kind: { const: 'bracket' },
      frames: whole(BRACKET_FRAMES),
      stepClicks: whole(BRACKET_STEP_CLICKS),
      order: { enum: BRACKET_ORDERS },
    }),
    exactly({ kind: { const: 'burst' }, frames: whole(BURST_FRAMES) }),
    exactly({
      kind: { const: 'focus' },
      places: {
        oneOf: [{ type: 'null' }, { type: 'array', items: dioptres, maxItems: MAX_FOCUS_STEPS }],
      },
      nearDioptres: dioptres,
      farDioptres: dioptres,
      overlap: { type: 'number', minimum: 0, maximum: MAX_OVERLAP },
    }),
    exactly({
      kind: { const: 'interval' },
      everyS: whole(INTERVAL_S),
      frames: whole(INTERVAL_FRAMES),
      exposure: { enum: ['held', 'metered'] },
      lightS: { type: 'integer', minimum: 0, maximum: MAX_LIGHT_S },
    }),
    exactly({ kind: { const: 'long' }, totalS: whole(LONG_S), gather: { enum: GATHERS } }),
  ],
};
