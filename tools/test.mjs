// `npm test`: installs what it needs, then types, lint, format, dead code, unit tests, build,
// end-to-end. No dependency of its own: works before node_modules exists. Ends with a line "N
// passed, N failed". `-- --no-install`: installs nothing, and says what is missing.
import { ensureBuilt } from './build.mjs';
import { checkAll, finish, jest, lintCheck, PROCESSORS, typeChecks } from './checks.mjs';
import { ensureInstalled } from './install.mjs';
import { ensureSystemPackages } from './systemPackages.mjs';

const mayInstall = !process.argv.includes('--no-install');
// Debian's packages come while npm's do.
const system = ensureSystemPackages(mayInstall);
ensureInstalled(mayInstall);
await system;
await checkAll([
  ['build', process.execPath, ['tools/build.mjs']],
  // Circles between files take a third of its time, and tools/test/architecture.test.ts finds them.
  lintCheck('.', '--rule', '{"import/no-cycle": "off"}'),
  ...typeChecks(),
  ['format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']],
  ['dead code', 'npx', ['knip']],
]);
// Jest leaves a processor free unless told otherwise: on two, half the work would wait.
await jest(['core', 'app', 'server', 'tools'], `--maxWorkers=${PROCESSORS}`);
await ensureBuilt();
// Pages wait as well as work: two at a time are sooner done. More would each be too slow for those
// who watch their time. Other engines than Chromium are slower, and have the machine for
// themselves: two at a time were no sooner done, and missed their moments.
const ENGINES = 'e2e/engines/';
await jest(['e2e'], `--maxWorkers=${Math.min(2, PROCESSORS)}`, '--testPathIgnorePatterns', ENGINES);
await jest(['e2e'], '--runInBand', '--testPathPattern', ENGINES);
finish();
