// What the tests need beyond npm: browsers and judges, as Debian packages.
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';

/** By package: a program it brings, and what the tests want of it. */
const PACKAGES = {
  'chromium-headless-shell': [
    '/usr/bin/chromium-headless-shell',
    'Chromium without windows, which most end-to-end tests drive',
  ],
  chromium: ['/usr/bin/chromium', 'Chromium as people have it, beside the other engines'],
  'firefox-esr': ['/usr/bin/firefox-esr', 'the core paths in Firefox'],
  'webkit2gtk-driver': ['/usr/bin/WebKitWebDriver', 'the core paths in WebKit, as on every iPhone'],
  xvfb: ['/usr/bin/Xvfb', 'a screen for WebKit, which has no headless mode'],
  'libraw-bin': ['/usr/bin/unprocessed_raw', 'judge of raw values and colour'],
  dcraw: ['/usr/bin/dcraw', 'judge of raw values; peer of the benchmarks'],
  'libimage-exiftool-perl': ['/usr/bin/exiftool', 'judge of metadata'],
  imagemagick: ['/usr/bin/identify', 'judge of JPEG, TIFF and turned pictures'],
  unzip: ['/usr/bin/unzip', 'judge of archives'],
};

/** One program that goes on while this process waits for another. */
function install(packages) {
  const command = `apt-get update -qq && apt-get install -y -qq --no-install-recommends ${packages.join(' ')}`;
  const child = spawn('sh', ['-c', command], { stdio: ['ignore', 'ignore', 'inherit'] });
  return new Promise((resolve) => {
    child.on('error', () => resolve(1));
    child.on('close', (status) => resolve(status ?? 1));
  });
}

/**
 * Sees to it that all are there; begins at once, and leaves the process with what to do when that
 * fails.
 *
 * @param mayInstall false: says what is missing, and installs nothing
 */
export async function ensureSystemPackages(mayInstall) {
  const missing = Object.keys(PACKAGES).filter((name) => !existsSync(PACKAGES[name][0]));
  if (missing.length === 0) return;
  const byHand = `apt-get install --no-install-recommends ${missing.join(' ')}`;
  const list = missing.map((name) => `  ${name.padEnd(24)} ${PACKAGES[name][1]}`).join('\n');
  if (!mayInstall) {
    console.error(`Missing, and not installed (--no-install):\n${list}\nBy hand: ${byHand}`);
    process.exit(1);
  }
  console.log(
    `About to install Debian packages (--no-install: only say what is missing):\n${list}`,
  );
  if ((await install(missing)) === 0) return;
  console.error(`That failed. By hand, as root: ${byHand}`);
  process.exit(1);
}
