// Builds the web app when it is missing or older than its sources. No dependency of its own.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const stamp = `${root}app/dist/.velmo-built`;

function* filesIn(path) {
  if (!statSync(path).isDirectory()) {
    yield path;
    return;
  }
  for (const name of readdirSync(path).sort()) yield* filesIn(`${path}/${name}`);
}

/** Hash of everything the build depends on. */
function sourcesHash() {
  const hash = createHash('sha256');
  const inputs = [
    'tools/build.mjs',
    'core/src',
    'app/src',
    'app/app.json',
    'app/babel.config.js',
    'app/metro.config.js',
    'app/public',
    'package-lock.json',
  ];
  for (const input of inputs)
    for (const file of filesIn(root + input)) hash.update(file).update(readFileSync(file));
  return hash.digest('hex');
}

/** Builds when needed; leaves the process with a plain line when that fails. */
export function ensureBuilt() {
  const wanted = sourcesHash();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.error('Building the app (about a minute the first time) ...');
  const result = spawnSync('npx', ['expo', 'export', '-p', 'web'], {
    cwd: `${root}app`,
    // Live bindings make every imported function a getter, called in the scene's inner loops. Without them, and with a slower
    // live picture meanwhile, the light of a 12 MP frame took 17.1 s of processor time instead of 25.0 s.
    env: {
      ...process.env,
      EXPO_NO_TELEMETRY: '1',
      EXPO_OFFLINE: '1',
      EXPO_UNSTABLE_LIVE_BINDINGS: 'false',
      CI: '1',
    },
    encoding: 'utf8',
    maxBuffer: 1 << 26,
  });
  if (result.status !== 0) {
    console.error(result.stdout, result.stderr);
    console.error('Building the app failed.');
    process.exit(1);
  }
  writeFileSync(stamp, wanted);
}
