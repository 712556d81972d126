// `npm run test:e2e -- [PATH ...] [-t NAME]`: builds if stale, then drives the suites whose path
// holds one of those, one after another: `field/focus`, `rolls/`, `engines/`.
import { spawnSync } from 'node:child_process';
import { ensureBuilt } from './build.mjs';

await ensureBuilt();
const args = ['jest', '--selectProjects', 'e2e', '--runInBand', ...process.argv.slice(2)];
process.exit(spawnSync('npx', args, { stdio: 'inherit' }).status ?? 1);
