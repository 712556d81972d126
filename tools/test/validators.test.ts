import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv';
import fc from 'fast-check';
import { DEFAULT_SETTINGS, SETTINGS_SCHEMA } from '@velmo/core/settings';
import * as validators from '../../app/src/storage/validators';

const ROOT = join(__dirname, '../..');

test('the validators are what the schemas give: `npm run validators` makes them anew', () => {
  const made = execFileSync(
    process.execPath,
    ['--import', 'tsx', join(ROOT, 'tools/makeValidators.ts'), '--print'],
    { cwd: ROOT, maxBuffer: 1 << 24 },
  ).toString();
  // Compared as one: a difference would be shown line by line, all 900 of them.
  expect(made === readFileSync(join(ROOT, 'app/src/storage/validators.js'), 'utf8')).toBe(true);
});

test('each says what its schema says, of settings spoilt at random', () => {
  const ajv = new Ajv();
  const whole = ajv.compile(SETTINGS_SCHEMA);
  const keys = Object.keys(DEFAULT_SETTINGS) as (keyof typeof DEFAULT_SETTINGS)[];
  let valid = 0;
  fc.assert(
    fc.property(
      fc.constantFrom(...keys),
      fc.oneof(
        fc.constantFrom(...Object.values(DEFAULT_SETTINGS)),
        fc.integer({ min: -50, max: 50 }),
        fc.jsonValue(),
      ),
      (key, value) => {
        const spoilt: unknown = { ...DEFAULT_SETTINGS, [key]: value };
        const says = validators.settings(spoilt);
        if (says) valid++;
        expect(says).toBe(whole(spoilt));
      },
    ),
    { numRuns: 2000 },
  );
  expect(valid).toBeGreaterThan(50);
});
