import type { Pairing } from '@velmo/core/handoff';
import { DELIVERED, type DeliveryChoices } from '../deliver/deliveryPlan';
import { keptValue } from '../storage/kept/keptValue';

/** Frames on their way to the computer. */
export interface HandoffJob {
  /** All of them: what a series' folder is called is told by those that have gone, too. */
  readonly ids: readonly string[];
  /** Those of which every file is there, or never will be. */
  readonly done: readonly string[];
  readonly choices: DeliveryChoices;
}

/** What outlives the page: the computer this device is paired with, and what it has not got yet. */
export interface KeptHandoff {
  readonly pairing: Pairing | null;
  readonly jobs: readonly HandoffJob[];
}

/** No computer, and nothing to send. */
export const NOTHING_KEPT: KeptHandoff = { pairing: null, jobs: [] };

const text = (maxLength: number) => ({ type: 'string', maxLength });
const ids = { type: 'array', items: text(64) };

const PAIRING_SCHEMA = {
  type: 'object',
  properties: { token: text(64), computer: text(255), folder: text(255) },
  required: ['token', 'computer', 'folder'],
  additionalProperties: false,
};

const JOB_SCHEMA = {
  type: 'object',
  properties: {
    ids,
    done: ids,
    choices: {
      type: 'object',
      properties: {
        what: { enum: DELIVERED },
        sidecars: { type: 'boolean' },
        folders: { type: 'boolean' },
        place: { type: 'boolean' },
      },
      required: ['what', 'sidecars', 'folders', 'place'],
      additionalProperties: false,
    },
  },
  required: ['ids', 'done', 'choices'],
  additionalProperties: false,
};

/** JSON Schema of what is kept of it. */
export const HANDOFF_SCHEMA = {
  $id: 'velmo/handoff/1',
  type: 'object',
  properties: {
    pairing: { anyOf: [{ type: 'null' }, PAIRING_SCHEMA] },
    jobs: { type: 'array', items: JOB_SCHEMA },
  },
  required: ['pairing', 'jobs'],
  additionalProperties: false,
} as const;

const kept = keptValue<KeptHandoff>('handoff', async (value) => {
  const { isValid } = await import('../storage/validation');
  return isValid<KeptHandoff>('handoff', value) ? value : null;
});

/** Null where there is nothing that this version understands. */
export const lastHandoff = (): Promise<KeptHandoff | null> => kept.last();

/** Keeps it now; rejects where it cannot be kept. */
export const keepHandoff = (value: KeptHandoff): Promise<void> => kept.keepNow(value);
