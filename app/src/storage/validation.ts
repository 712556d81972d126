import {
  cameraChoice,
  cameraLight,
  decision,
  drillProgress,
  frameRecord,
  handoff,
  kit,
  markChoice,
  olderFrameRecord,
  preferences,
  rollRecord,
  settings,
} from './validators';

/** What comes in from outside, by the name of its schema. */
const VALIDATORS = {
  settings,
  preferences,
  frameRecord,
  olderFrameRecord,
  cameraLight,
  cameraChoice,
  decision,
  rollRecord,
  markChoice,
  kit,
  handoff,
  drillProgress,
} as const;

/** Whether a value is what the JSON Schema of this name describes. */
export const isValid = <T>(name: keyof typeof VALIDATORS, value: unknown): value is T =>
  VALIDATORS[name](value);
