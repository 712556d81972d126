// Runs a TypeScript entry of the repository: `node tools/run-ts.mjs tools/cli/cli.ts ...`.
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { ensureBuilt } from './build.mjs';
import { ensureInstalled } from './install.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
ensureInstalled();
// Benchmarks and screenshots drive the built page.
if (/bench|screenshots/.test(process.argv[2] ?? '')) await ensureBuilt();
const [entry, ...args] = process.argv.slice(2);
const result = spawnSync(process.execPath, ['--import', 'tsx', `${root}${entry}`, ...args], {
  stdio: 'inherit',
  env: { ...process.env, VELMO_CWD: process.cwd() },
});
process.exit(result.status ?? 1);
