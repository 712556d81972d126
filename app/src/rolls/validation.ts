import Ajv, { type ValidateFunction } from 'ajv';
import { SETTINGS_SCHEMA, type Settings } from '@velmo/core/settings';
import { CAMERA_CHOICE_SCHEMA, type CameraChoice } from './cameraChoice';
import { CAMERA_LIGHT_SCHEMA, type KeptLight } from './cameraLight';
import { FRAME_RECORD_SCHEMA, type FrameRecord } from './frameRecord';
import { PREFERENCES_SCHEMA, type Preferences } from './preferences';

/** The schemas at every door values come in by. Compiled on first use. */
const ajv = new Ajv({ allErrors: false });

const lazily = <T>(schema: object): ((value: unknown) => value is T) => {
  let validate: ValidateFunction<T> | null = null;
  return (value): value is T => (validate ??= ajv.compile<T>(schema))(value);
};

export const isSettings = lazily<Settings>(SETTINGS_SCHEMA);
export const isFrameRecord = lazily<FrameRecord>(FRAME_RECORD_SCHEMA);
export const isCameraChoice = lazily<CameraChoice>(CAMERA_CHOICE_SCHEMA);
export const isCameraLight = lazily<KeptLight>(CAMERA_LIGHT_SCHEMA);
export const isPreferences = lazily<Preferences>(PREFERENCES_SCHEMA);
