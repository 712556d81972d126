import { writeFileSync } from 'node:fs';
import { VALIDATORS_FILE, validatorsSource } from './validators';

void validatorsSource().then((source) => writeFileSync(VALIDATORS_FILE, source));
