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
}

/** Longest id of a roll. Frames of before rolls carry the roll's name, which is its id. */
export const MAX_ROLL_ID = 200;

/** JSON Schema of a decision as it is stored. */
export const DECISION_SCHEMA = {
  $id: 'velmo/decision/1',
  type: 'object',
  properties: {
    version: { const: 1 },
    roll: { type: 'string', maxLength: MAX_ROLL_ID },
    choice: { enum: [...CHOICES, null] },
  },
  required: ['version', 'roll', 'choice'],
  additionalProperties: false,
} as const;
