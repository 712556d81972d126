import { join } from 'node:path';
import Ajv from 'ajv';
import standaloneCode from 'ajv/dist/standalone';
import { transform } from 'esbuild';
import { KIT_SCHEMA } from '@velmo/core/kits';
import { SETTINGS_SCHEMA } from '@velmo/core/settings';
import { HANDOFF_SCHEMA } from '../app/src/handoff/keptHandoff';
import { CAMERA_CHOICE_SCHEMA } from '../app/src/storage/kept/cameraChoice';
import { CAMERA_LIGHT_SCHEMA } from '../app/src/storage/kept/cameraLight';
import { DRILL_PROGRESS_SCHEMA } from '../app/src/storage/kept/drillProgress';
import {
  FRAME_RECORD_SCHEMA,
  OLDER_FRAME_RECORD_SCHEMA,
} from '../app/src/storage/frames/frameRecord';
import { MARK_CHOICE_SCHEMA } from '../app/src/storage/kept/markChoice';
import { PREFERENCES_SCHEMA } from '../app/src/storage/kept/preferences';
import { DECISION_SCHEMA } from '../app/src/storage/rolls/decision';
import { ROLL_RECORD_SCHEMA } from '../app/src/storage/rolls/rollRecord';

/** What comes in from outside, by the name its validator has. */
const SCHEMAS = {
  settings: SETTINGS_SCHEMA,
  preferences: PREFERENCES_SCHEMA,
  frameRecord: FRAME_RECORD_SCHEMA,
  olderFrameRecord: OLDER_FRAME_RECORD_SCHEMA,
  cameraLight: CAMERA_LIGHT_SCHEMA,
  cameraChoice: CAMERA_CHOICE_SCHEMA,
  decision: DECISION_SCHEMA,
  rollRecord: ROLL_RECORD_SCHEMA,
  markChoice: MARK_CHOICE_SCHEMA,
  kit: KIT_SCHEMA,
  handoff: HANDOFF_SCHEMA,
  drillProgress: DRILL_PROGRESS_SCHEMA,
} as const;

export const VALIDATORS_FILE = join(__dirname, '../app/src/storage/validators.js');

/** The validators as a module: no page that uses them has to be allowed to make code of text. */
export async function validatorsSource(): Promise<string> {
  // A schema that refers to another calls its validator instead of repeating it.
  const ajv = new Ajv({
    messages: false,
    inlineRefs: false,
    code: { source: true, esm: true, optimize: 3 },
  });
  const names = Object.fromEntries(
    Object.entries(SCHEMAS).map(([name, schema]) => {
      ajv.addSchema(schema);
      return [name, schema.$id];
    }),
  );
  const code = standaloneCode(ajv, names);
  const { code: small } = await transform(code, { minify: true, lineLimit: 120, format: 'esm' });
  return `/* Made of the schemas by \`npm run validators\`. */\n${small}`;
}
