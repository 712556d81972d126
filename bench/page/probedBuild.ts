import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FLAGS, newProfile, PHONE, SHELL } from '../../e2e/support/browser';
import { createServer } from '../../server/src/createServer';

/** A build that is served with a script of ours in its page, which says when it shows something. */
export interface ProbedBuild {
  readonly url: string;
  /**
   * Milliseconds from the navigation of the next page that is opened until it shows each thing that
   * it is watched for, one after the other.
   */
  shown(): Promise<readonly number[]>;
  stop(): Promise<void>;
}

/**
 * Serves a copy of a build as the app is served. Its page tells by itself: a debugger that watches
 * it has V8 take long scripts apart again for every error that is thrown and caught.
 *
 * @param word what the page is to show; null for Field's live picture, and then its readings
 */
export async function probedBuild(dist: string, word: string | null): Promise<ProbedBuild> {
  const copy = mkdtempSync(join(tmpdir(), 'velmo-probed-'));
  cpSync(dist, copy, { recursive: true });
  cpSync(join(__dirname, 'probe.js'), join(copy, 'probe.js'));
  const page = join(copy, 'index.html');
  const probe = `<head><script src="/probe.js"${word === null ? '' : ` data-word="${word}"`}></script>`;
  writeFileSync(page, readFileSync(page, 'utf8').replace('<head>', probe));
  for (const compressed of ['br', 'gz']) rmSync(`${page}.${compressed}`, { force: true });
  const server = await createServer(copy);
  let tell: (ms: readonly number[]) => void = () => {};
  server.server.on('request', ({ url = '' }: { url?: string }) => {
    const [, ms] = /^\/\?shown=([\d._]+)/.exec(url) ?? [];
    if (ms !== undefined) tell(ms.split('_').map(Number));
  });
  return {
    url: await server.listen({ port: 0, host: '127.0.0.1' }),
    shown: () => new Promise((resolve) => (tell = resolve)),
    stop: async () => {
      await server.close();
      rmSync(copy, { recursive: true });
    },
  };
}

/** What a page shows when, opening after opening in one browser. */
export type Openings = readonly (readonly number[])[];

const OPENINGS = 3;

/**
 * Opens a page of a build in a browser of its own, and again: cold, warm, and with scripts that the
 * browser has compiled and kept at the second.
 */
export async function openings(build: ProbedBuild): Promise<Openings> {
  const first = build.shown();
  const profile = newProfile();
  const browser = spawn(
    SHELL,
    [
      ...FLAGS,
      `--user-data-dir=${profile}`,
      `--window-size=${PHONE.width},${PHONE.height}`,
      '--remote-debugging-port=0',
      build.url,
    ],
    // Debian's is started by a script: both are ended together.
    { stdio: 'ignore', detached: true },
  );
  try {
    const all = [await first];
    const [port] = readFileSync(join(profile, 'DevToolsActivePort'), 'utf8').split('\n');
    const door = `http://127.0.0.1:${port}/json`;
    while (all.length < OPENINGS) {
      const [page] = (await (await fetch(`${door}/list`)).json()) as { id: string }[];
      await fetch(`${door}/close/${page.id}`);
      const next = build.shown();
      await fetch(`${door}/new?${build.url}`, { method: 'PUT' });
      all.push(await next);
    }
    return all;
  } finally {
    process.kill(-browser.pid!);
  }
}
