import { MAX_ROLL_ID } from './decision';

/** Letters of a roll's name at most. */
export const MAX_ROLL_NAME = 40;

/** A collection of frames, as far as it is more than what its frames say. */
export interface RollRecord {
  readonly version: 1;
  readonly id: string;
  readonly name: string;
  /** Milliseconds since 1970. */
  readonly madeAt: number;
}

/** JSON Schema of a RollRecord. */
export const ROLL_RECORD_SCHEMA = {
  $id: 'velmo/roll/1',
  type: 'object',
  properties: {
    version: { const: 1 },
    id: { type: 'string', minLength: 1, maxLength: MAX_ROLL_ID },
    name: { type: 'string', minLength: 1, maxLength: MAX_ROLL_NAME },
    madeAt: { type: 'number', minimum: 0 },
  },
  required: ['version', 'id', 'name', 'madeAt'],
  additionalProperties: false,
} as const;

/** What frames in no roll are called, also in file names. */
export const LOOSE_NAME = 'loose';
