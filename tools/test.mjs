// `npm test`: installs what it needs, then types, lint, format, dead code, unit tests, build, end-to-end.
// No dependency of its own: works before node_modules exists. Ends with a line "N passed, N failed".
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureBuilt } from './build.mjs';
import { ensureInstalled } from './install.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));

/** The browser and the judges: Debian packages and a program each brings. */
const JUDGES = {
  chromium: '/usr/bin/chromium',
  'libraw-bin': '/usr/bin/unprocessed_raw',
  dcraw: '/usr/bin/dcraw',
  'libimage-exiftool-perl': '/usr/bin/exiftool',
  imagemagick: '/usr/bin/identify',
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

/** A check that passes or fails as a whole. */
function check(name, program, args) {
  const start = Date.now();
  const status = run(program, args);
  totals[status === 0 ? 'passed' : 'failed']++;
  console.log(
    `${status === 0 ? 'ok  ' : 'FAIL'} ${name} (${Math.round((Date.now() - start) / 1000)} s)`,
  );
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
for (const part of ['core', 'core/test', 'app', 'server', 'tools', 'e2e', 'bench'])
  check(`types ${part}`, 'npx', ['tsc', '-p', part]);
check('lint', 'npx', ['eslint', '.', '--max-warnings', '0']);
check('format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']);
check('dead code', 'npx', ['knip']);
jest(['core', 'app', 'server', 'tools']);
ensureBuilt();
jest(['e2e'], '--runInBand');

console.log(`${totals.passed} passed, ${totals.failed} failed`);
process.exit(totals.failed === 0 ? 0 : 1);
