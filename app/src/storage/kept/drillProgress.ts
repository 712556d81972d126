import { keptValue } from './keptValue';

/** How far one has come in a drill. */
export interface DrillRecord {
  /** Best score so far, 0..100; null: not judged yet. */
  readonly best: number | null;
  readonly tries: number;
  /** The round to go on with. */
  readonly round: number;
}

/** What is remembered of drills, by their ids. */
export interface DrillProgress {
  readonly version: 1;
  readonly drills: Readonly<Record<string, DrillRecord>>;
}

/** No drill has been tried. */
export const NO_PROGRESS: DrillProgress = { version: 1, drills: {} };
/** One that has not been tried. */
export const NOT_TRIED: DrillRecord = { best: null, tries: 0, round: 0 };

/** JSON Schema of a DrillProgress. */
export const DRILL_PROGRESS_SCHEMA = {
  $id: 'velmo/drills/1',
  type: 'object',
  properties: {
    version: { const: 1 },
    drills: {
      type: 'object',
      propertyNames: { pattern: '^[a-z-]{1,40}$' },
      additionalProperties: {
        type: 'object',
        properties: {
          best: { oneOf: [{ type: 'null' }, { type: 'integer', minimum: 0, maximum: 100 }] },
          tries: { type: 'integer', minimum: 0 },
          round: { type: 'integer', minimum: 0 },
        },
        required: ['best', 'tries', 'round'],
        additionalProperties: false,
      },
    },
  },
  required: ['version', 'drills'],
  additionalProperties: false,
} as const;

const kept = keptValue<DrillProgress>('drills', async (value) => {
  const { isValid } = await import('../validation');
  return isValid<DrillProgress>('drillProgress', value) ? value : null;
});

/** What has been done of the drills. */
export const lastDrillProgress = async (): Promise<DrillProgress> =>
  (await kept.last()) ?? NO_PROGRESS;

/** Changes what is remembered of one drill; what cannot be kept is not. */
export async function noteDrill(
  id: string,
  change: (before: DrillRecord) => DrillRecord,
): Promise<DrillRecord> {
  const progress = await lastDrillProgress();
  const now = change(progress.drills[id] ?? NOT_TRIED);
  await kept.keepNow({ ...progress, drills: { ...progress.drills, [id]: now } }).catch(() => {});
  return now;
}
