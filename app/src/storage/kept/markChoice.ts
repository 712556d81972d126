import { keptValue } from './keptValue';

/** Which marks a stored frame is looked at with. */
export interface MarkChoice {
  readonly version: 1;
  readonly clips: boolean;
  readonly zebra: boolean;
  readonly edges: boolean;
}

/** None is on. */
export const NO_MARKS: MarkChoice = { version: 1, clips: false, zebra: false, edges: false };

/** JSON Schema of a MarkChoice. */
export const MARK_CHOICE_SCHEMA = {
  $id: 'velmo/frame-marks/1',
  type: 'object',
  properties: {
    version: { const: 1 },
    clips: { type: 'boolean' },
    zebra: { type: 'boolean' },
    edges: { type: 'boolean' },
  },
  required: ['version', 'clips', 'zebra', 'edges'],
  additionalProperties: false,
} as const;

const kept = keptValue<MarkChoice>('frame-marks', async (value) => {
  const { isValid } = await import('../validation');
  return isValid<MarkChoice>('markChoice', value) ? value : null;
});

/** The marks that were on last; null where none were kept. */
export const lastMarkChoice = kept.last;
/** Keeps them for the next frame. */
export const keepMarkChoice = kept.keepNow;
