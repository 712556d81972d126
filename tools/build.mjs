// Builds the web app when it is missing or older than its sources.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { cpSync, existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const root = fileURLToPath(new URL('..', import.meta.url));
const gzipped = promisify(gzip);
const brotlied = promisify(brotliCompress);
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
    'app/entry.js',
    'app/package.json',
    'app/asyncRequire.js',
    'app/directImports.js',
    'app/babel.config.js',
    'app/metro.config.js',
    'app/slimModules.js',
    'app/slim',
    'app/public',
    'package-lock.json',
  ];
  for (const input of inputs)
    for (const file of filesIn(root + input)) hash.update(file).update(readFileSync(file));
  return hash.digest('hex');
}

/** Compresses what is text, once and well, so that no server has to. */
export async function compressAll(dir) {
  for (const file of filesIn(dir)) {
    if (!/\.(js|html|css|svg|webmanifest|wasm)$/.test(file)) continue;
    const bytes = readFileSync(file);
    const [small, smaller] = await Promise.all([
      gzipped(bytes, { level: 9 }),
      brotlied(bytes, { params: { [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length } }),
    ]);
    writeFileSync(`${file}.gz`, small);
    writeFileSync(`${file}.br`, smaller);
  }
}

/**
 * The reader of other makers' raws is a build of its own, served as it comes, under its version: a
 * browser that has loaded one keeps it.
 */
function copyLibraw() {
  const from = `${root}node_modules/libraw-wasm/`;
  const { version } = JSON.parse(readFileSync(`${from}package.json`, 'utf8'));
  for (const name of ['worker.js', 'libraw.js', 'libraw.wasm'])
    cpSync(`${from}dist/${name}`, `${root}app/dist/libraw/${version}/${name}`);
}

/** Tells the page's head which script the worker of the live picture is. */
function nameLiveWorker() {
  const scripts = readdirSync(`${root}app/dist/_expo/static/js/web`);
  const [live, ...others] = scripts.filter((name) => /^simulatedLive-[0-9a-f]{32}\.js$/.test(name));
  const page = `${root}app/dist/index.html`;
  const html = readFileSync(page, 'utf8');
  const named = html.replace('src="/early.js"', `$& data-worker="/_expo/static/js/web/${live}"`);
  if (!live || others.length > 0 || named === html)
    throw new Error('The page does not start its live picture early: early.js, or its worker.');
  writeFileSync(page, named);
}

/**
 * Everything Field needs is kept by browsers that can, and an update waits until no page is open.
 */
async function writeServiceWorker() {
  const { generateSW } = await import('workbox-build');
  const { warnings } = await generateSW({
    globDirectory: `${root}app/dist`,
    globPatterns: [
      'index.html',
      'address.js',
      'early.js',
      'favicon.svg',
      'manifest.webmanifest',
      'icons/*.png',
      'fonts/*.woff2',
      '_expo/static/js/web/*.js',
    ],
    swDest: `${root}app/dist/sw.js`,
    importScripts: ['/shared-files.js'],
    navigateFallback: '/index.html',
    // A link's settings are the app's business, not another page.
    ignoreURLParametersMatching: [/./],
    // Most never need it: whoever has opened another maker's raw once has it offline.
    runtimeCaching: [
      {
        urlPattern: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/libraw/'),
        handler: 'CacheFirst',
        options: { cacheName: 'libraw' },
      },
    ],
    dontCacheBustURLsMatching: /-[0-9a-f]{32}\.js$/,
    maximumFileSizeToCacheInBytes: 8e6,
    clientsClaim: true,
    skipWaiting: false,
    cleanupOutdatedCaches: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
  });
  if (warnings.length > 0) throw new Error(warnings.join('\n'));
}

/** Builds when needed; leaves the process with a plain line when that fails. */
export async function ensureBuilt() {
  const wanted = sourcesHash();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.error('Building the app (about a minute the first time) ...');
  const result = spawnSync('npx', ['expo', 'export', '-p', 'web'], {
    cwd: `${root}app`,
    // Live bindings make every imported function a getter, called in the scene's inner loops.
    // Without them, and with a slower live picture meanwhile, the light of a 12 MP frame took 17.1
    // s of processor time instead of 25.0 s.
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
  copyLibraw();
  nameLiveWorker();
  await writeServiceWorker();
  await compressAll(`${root}app/dist`);
  writeFileSync(stamp, wanted);
}

// `node tools/build.mjs`: nothing but that.
if (process.argv[1] === fileURLToPath(import.meta.url)) await ensureBuilt();
