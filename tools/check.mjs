// `npm run check -- ROOM ... [--e2e]`: lint, types and unit tests of a room alone, with its
// end-to-end suites where asked. Rooms: tools/rooms.json; every source folder and every test
// belongs to one (tools/test/rooms.test.ts).
import { readFileSync } from 'node:fs';
import { ensureBuilt } from './build.mjs';
import { checkAll, finish, jest, lintCheck, PROCESSORS, typeChecks } from './checks.mjs';
import { ensureInstalled } from './install.mjs';

const ROOMS = JSON.parse(readFileSync(new URL('rooms.json', import.meta.url), 'utf8'));

const args = process.argv.slice(2);
const names = args.filter((arg) => arg !== '--e2e');
const unknown = names.filter((name) => !(name in ROOMS));
if (names.length === 0 || unknown.length > 0) {
  const which = unknown.length > 0 ? `There is no room ${unknown.join(', ')}. ` : '';
  console.error(`${which}Rooms: ${Object.keys(ROOMS).join(', ')}`);
  process.exit(2);
}

ensureInstalled();
const rooms = names.map((name) => ROOMS[name]);
const sources = rooms.flatMap((room) => room.sources);
const tests = rooms.flatMap((room) => room.tests);
const parts = new Set(sources.map((path) => path.split('/')[0]));
// The tests of the core are typed with it.
const typed = [...parts].map((part) => (part === 'core' ? 'core/test' : part));
await checkAll([
  lintCheck(...sources),
  ...typeChecks(typed),
  ['format', 'npx', ['prettier', '--check', '--log-level', 'warn', ...sources]],
]);
if (tests.length > 0)
  await jest(
    ['core', 'app', 'server', 'tools'],
    `--maxWorkers=${PROCESSORS}`,
    '--testPathPattern',
    ...tests.map((path) => `/${path}[./]`),
  );
const suites = rooms.flatMap((room) => room.e2e);
if (args.includes('--e2e') && suites.length > 0) {
  await ensureBuilt();
  await jest(['e2e'], '--maxWorkers=2', '--testPathPattern', ...suites.map((s) => `/e2e/${s}`));
}
finish();
