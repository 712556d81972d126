import { writeFileSync } from 'node:fs';
import { VALIDATORS_FILE, validatorsSource } from './validators';

// With --print the source is shown instead of written.
void validatorsSource().then((source) =>
  process.argv.includes('--print')
    ? process.stdout.write(source)
    : writeFileSync(VALIDATORS_FILE, source),
);
