// `npm run architecture`: draws docs/architecture/*.svg from the imports as they are.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { readImports } from './imports';
import { pictures, PICTURES } from './pictures';

mkdirSync(PICTURES, { recursive: true });
for (const [name, svg] of pictures(readImports())) writeFileSync(join(PICTURES, name), svg);
