// `npm run demo`: installs if needed, builds if stale, serves, prints the address. `-- --lan`: by
// https on the local network, for a phone beside the computer.
import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { ensureBuilt } from './build.mjs';
import { ensureInstalled } from './install.mjs';

ensureInstalled();
await ensureBuilt();
const root = fileURLToPath(new URL('..', import.meta.url));
const server = spawn(
  process.execPath,
  ['--import', 'tsx', `${root}server/src/main.ts`, ...process.argv.slice(2)],
  {
    cwd: root,
    stdio: 'inherit',
  },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
