import { DEVELOPMENT_SCHEMA, MAX_TILT, type Development, type Reframe } from '@velmo/core/recipe';

/** What the photographer has said of a frame; null: nothing yet. */
export const CHOICES = ['kept', 'dropped'] as const;
export type Choice = (typeof CHOICES)[number];

/**
 * What was decided of a frame after it was made. Kept apart from its record, which says how it was
 * made and is never written again: a decision that cannot be read costs a decision, not a frame.
 */
export interface FrameDecision {
  /** Id of the roll it lies in; '' when it is loose. */
  readonly roll: string;
  readonly choice: Choice | null;
  /** How it is to be seen; null: as it was taken. */
  readonly reframe: Reframe | null;
  /** How its raw is developed; null: as its file asks. */
  readonly development: Development | null;
}

/** What is decided of a frame that was just made. */
export const decisionAtFirst = ({ roll }: { readonly roll: string }): FrameDecision => ({
  roll,
  choice: null,
  reframe: null,
  development: null,
});

/** Longest id of a roll. Frames of before rolls carry the roll's name, which is its id. */
export const MAX_ROLL_ID = 200;

const within = (minimum: number, maximum: number) => ({ type: 'number', minimum, maximum });

/**
 * JSON Schema of a decision as it is stored: a frame as it was taken has no `reframe`, one
 * that is developed as its file asks no `development`.
 */
export const DECISION_SCHEMA = {
  $id: 'velmo/decision/1',
  type: 'object',
  properties: {
    version: { const: 1 },
    roll: { type: 'string', maxLength: MAX_ROLL_ID },
    choice: { enum: [...CHOICES, null] },
    development: DEVELOPMENT_SCHEMA,
    reframe: {
      type: 'object',
      properties: {
        quarters: { enum: [0, 1, 2, 3] },
        tilt: { type: 'integer', minimum: -MAX_TILT, maximum: MAX_TILT },
        crop: {
          type: 'object',
          properties: {
            x: within(-1, 2),
            y: within(-1, 2),
            width: within(0.001, 2),
            height: within(0.001, 2),
          },
          required: ['x', 'y', 'width', 'height'],
          additionalProperties: false,
        },
      },
      required: ['quarters', 'tilt', 'crop'],
      additionalProperties: false,
    },
  },
  required: ['version', 'roll', 'choice'],
  additionalProperties: false,
} as const;
