// `npm test`: installs what it needs, then types, lint, format, dead code, unit tests, build, end-to-end.
// No dependency of its own: works before node_modules exists. Ends with a line "N passed, N failed".
import { Buffer } from 'node:buffer';
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureBuilt } from './build.mjs';
import { ensureInstalled } from './install.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));

/**
 * The browsers, a screen for the one that wants one, and the judges: Debian packages and a program
 * each brings.
 */
const JUDGES = {
  chromium: '/usr/bin/chromium',
  'firefox-esr': '/usr/bin/firefox-esr',
  'webkit2gtk-driver': '/usr/bin/WebKitWebDriver',
  xvfb: '/usr/bin/Xvfb',
  'libraw-bin': '/usr/bin/unprocessed_raw',
  dcraw: '/usr/bin/dcraw',
  'libimage-exiftool-perl': '/usr/bin/exiftool',
  imagemagick: '/usr/bin/identify',
  unzip: '/usr/bin/unzip',
};

function run(program, args, options = {}) {
  return spawnSync(program, args, { cwd: root, stdio: 'inherit', ...options }).status ?? 1;
}

function ensureJudges() {
  const missing = Object.keys(JUDGES).filter((name) => !existsSync(JUDGES[name]));
  if (missing.length === 0) return;
  console.log(`Installing ${missing.join(', ')} ...`);
  const quiet = { stdio: ['ignore', 'ignore', 'inherit'] };
  run('apt-get', ['update', '-qq'], quiet);
  const status = run(
    'apt-get',
    ['install', '-y', '-qq', '--no-install-recommends', ...missing],
    quiet,
  );
  if (status !== 0) {
    console.error(
      `Could not install ${missing.join(', ')}: install them by hand (Debian packages).`,
    );
    process.exit(1);
  }
}

const totals = { passed: 0, failed: 0 };

/** A check that passes or fails as a whole; its words are shown together once it ends. */
async function check(name, program, args) {
  const start = Date.now();
  const child = spawn(program, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
  const said = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => said.push(data));
  const status = await new Promise((resolve) => {
    child.on('error', () => resolve(1));
    child.on('close', resolve);
  });
  totals[status === 0 ? 'passed' : 'failed']++;
  process.stdout.write(Buffer.concat(said));
  console.log(
    `${status === 0 ? 'ok  ' : 'FAIL'} ${name} (${Math.round((Date.now() - start) / 1000)} s)`,
  );
}

/** All checks, as many at a time as there are processors. */
async function checkAll(checks) {
  const waiting = [...checks];
  const work = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) await check(...next);
  };
  await Promise.all(Array.from({ length: availableParallelism() }, work));
}

/** Jest projects; every test counts. */
function jest(projects, ...args) {
  const report = join(mkdtempSync(join(tmpdir(), 'velmo-jest-')), 'report.json');
  const status = run(
    'npx',
    ['jest', '--selectProjects', ...projects, '--json', `--outputFile=${report}`, ...args],
    { stdio: ['ignore', 'ignore', 'inherit'] },
  );
  if (!existsSync(report)) {
    totals.failed++;
    return;
  }
  const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(
    readFileSync(report, 'utf8'),
  );
  totals.passed += numPassedTests;
  // A suite that could not even start has failed without a failed test.
  totals.failed += Math.max(numFailedTests, numFailedTestSuites, status === 0 ? 0 : 1);
}

ensureInstalled();
ensureJudges();
const PARTS = ['app', 'core/test', 'tools', 'bench', 'e2e', 'core', 'server'];
await checkAll([
  ['lint', 'npx', ['eslint', '.', '--max-warnings', '0']],
  ...PARTS.map((part) => [`types ${part}`, 'npx', ['tsc', '-p', part]]),
  ['format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']],
  ['dead code', 'npx', ['knip']],
]);
// Jest leaves a processor free unless told otherwise: on two, half the work would wait.
jest(['core', 'app', 'server', 'tools'], `--maxWorkers=${availableParallelism()}`);
await ensureBuilt();
// Pages wait as well as work: two at a time are sooner done. More would each be too slow for those
// who watch their time. Other engines than Chromium are slower, and have the machine for themselves.
const ENGINES = 'e2e/engines/';
jest(
  ['e2e'],
  `--maxWorkers=${Math.min(2, availableParallelism())}`,
  '--testPathIgnorePatterns',
  ENGINES,
);
jest(['e2e'], '--runInBand', '--testPathPattern', ENGINES);

console.log(`${totals.passed} passed, ${totals.failed} failed`);
process.exit(totals.failed === 0 ? 0 : 1);
