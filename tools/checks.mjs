// Checks that pass or fail as a whole, and tests that count one by one.
import { Buffer } from 'node:buffer';
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));

export const PROCESSORS = availableParallelism();

/**
 * Everything with types of its own, the slowest first. What runs outside the page is one program:
 * tests, tools and benches would each read the core anew.
 */
const TYPED = ['app', 'tsconfig.outside.json', 'core', 'server'];

export const totals = { passed: 0, failed: 0 };

function ended(child) {
  return new Promise((resolve) => {
    child.on('error', () => resolve(1));
    child.on('close', (status) => resolve(status ?? 1));
  });
}

/** Runs a check and shows its words together once it ends. */
async function check(name, program, args) {
  const start = Date.now();
  const child = spawn(program, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
  const said = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => said.push(data));
  const status = await ended(child);
  totals[status === 0 ? 'passed' : 'failed']++;
  process.stdout.write(Buffer.concat(said));
  console.log(
    `${status === 0 ? 'ok  ' : 'FAIL'} ${name} (${Math.round((Date.now() - start) / 1000)} s)`,
  );
}

/** The checks of types: a name, a program and its arguments each. */
export const typeChecks = (parts = TYPED) =>
  parts.map((part) => [`types ${part}`, 'npx', ['tsc', '-p', part, '--noEmit']]);

export const lintCheck = (...args) => ['lint', 'npx', ['eslint', '--max-warnings', '0', ...args]];

/** All checks, as many at a time as there are processors. */
export async function checkAll(checks) {
  const waiting = [...checks];
  const work = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) await check(...next);
  };
  await Promise.all(Array.from({ length: PROCESSORS }, work));
}

/** Runs Jest; every test counts, and so does a suite that could not even start. */
export async function jest(projects, ...args) {
  const report = join(mkdtempSync(join(tmpdir(), 'velmo-jest-')), 'report.json');
  const jestArgs = ['--selectProjects', ...projects, '--json', `--outputFile=${report}`, ...args];
  const stdio = ['ignore', 'ignore', 'inherit'];
  const status = await ended(spawn('npx', ['jest', ...jestArgs], { cwd: root, stdio }));
  if (!existsSync(report)) {
    totals.failed++;
    return;
  }
  const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(
    readFileSync(report, 'utf8'),
  );
  totals.passed += numPassedTests;
  totals.failed += Math.max(numFailedTests, numFailedTestSuites, status === 0 ? 0 : 1);
}

/** Says the totals, and ends the process by them. */
export function finish() {
  console.log(`${totals.passed} passed, ${totals.failed} failed`);
  process.exit(totals.failed === 0 ? 0 : 1);
}
