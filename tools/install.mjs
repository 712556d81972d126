// Installs the packages of package-lock.json when they are missing or older than it. No dependency
// of its own.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const stamp = `${root}node_modules/.velmo-installed`;

const lockHash = () =>
  createHash('sha256')
    .update(readFileSync(`${root}package-lock.json`))
    .digest('hex');

/**
 * Installs when needed; leaves the process with a plain line when that fails.
 *
 * @param mayInstall false: says that they are missing, and installs nothing
 */
export function ensureInstalled(mayInstall = true) {
  const wanted = lockHash();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  if (!mayInstall) {
    console.error('The packages of package-lock.json are not installed (--no-install): npm ci');
    process.exit(1);
  }
  console.error('Installing packages (once) ...');
  const result = spawnSync('npm', ['ci', '--no-fund', '--no-audit', '--loglevel=error'], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  if (result.status !== 0) {
    console.error('Installing the packages failed: is the npm registry reachable?');
    process.exit(1);
  }
  writeFileSync(stamp, wanted);
}
