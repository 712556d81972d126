import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Pairing, PairingCode } from '@velmo/core/handoff';
import {
  fieldReady,
  launch,
  openPage,
  pageText,
  PHONE,
  plainLink,
  pressFirst,
  until,
} from '../../e2e/support/browser';
import { expose } from '../../e2e/support/cells';
import { serveLan, type LanServer } from '../../e2e/support/lanServer';
import { cutStorm } from '../../server/test/cutStorm';
import { compared, reported, type Result } from '../measure';

const FRAMES = 100;
const IN_SERIES = 5;

const newFolder = (): string => mkdtempSync(join(tmpdir(), 'velmo-inbox-'));

/** Asks a server whose certificate nobody knows. */
const ask = <T>(lan: LanServer, path: string, key: string, body: object): Promise<T> =>
  new Promise((resolve, reject) => {
    const headers = { authorization: `Bearer ${key}`, 'content-type': 'application/json' };
    const options = { method: 'POST', headers, rejectUnauthorized: false };
    const asked = request(`${lan.url}/handoff${path}`, options, (answer) => {
      let said = '';
      answer.on('data', (data: Buffer) => (said += data.toString()));
      answer.on('end', () => resolve(JSON.parse(said) as T));
    });
    asked.on('error', reject);
    asked.end(JSON.stringify(body));
  });

const newCode = (lan: LanServer): Promise<PairingCode> =>
  ask(lan, '/codes', new URL(lan.ownPage).hash.slice('#key='.length), {});

const secretOf = ({ url }: PairingCode): string => new URL(url).hash.slice('#pair='.length);

/** Milliseconds in which a page hands over all frames it has, and the folder they are in then. */
async function byPage(): Promise<{ ms: number; folder: string }> {
  const folder = newFolder();
  const lan = await serveLan(folder);
  const browser = await launch('none', undefined, ['--ignore-certificate-errors']);
  try {
    const link = plainLink(
      `scene=drying-shed&mp=12&files=dng&support=tripod&time=1/60&iso=100&series=bracket:${IN_SERIES}:1`,
    );
    const { hash } = new URL((await newCode(lan)).url);
    const { page } = await openPage(browser, lan.url + link + hash, PHONE);
    await fieldReady(page);
    await until(() => pageText(page), /Paired with/);
    for (let n = IN_SERIES; n <= FRAMES; n += IN_SERIES) await expose(page, n);
    await page.goto(`${lan.url}/deliver`);
    await until(() => pageText(page), new RegExp(`${FRAMES} frames in[^]*Send to`), 60_000);
    const start = performance.now();
    await pressFirst(page, 'Send to');
    // Looked for rarely: reading a page's text lays it out, on the processors that send.
    await page.waitForFunction(
      (said: string) => document.body.innerText.includes(said),
      { polling: 250, timeout: 300_000 },
      `${FRAMES} files are on`,
    );
    return { ms: performance.now() - start, folder };
  } finally {
    await browser.close();
    await lan.stop();
  }
}

/** Milliseconds in which one curl uploads the files of a folder to such a server, one by one. */
async function byCurl(folder: string): Promise<{ ms: number; bytes: number }> {
  const lan = await serveLan(newFolder());
  try {
    const secret = secretOf(await newCode(lan));
    const { token } = await ask<Pairing>(lan, '/phones', '', { secret, name: 'curl' });
    const files = readdirSync(folder, { recursive: true, withFileTypes: true })
      .filter(({ name }) => name.endsWith('.dng'))
      .map(({ parentPath, name }) => join(parentPath, name));
    let bytes = 0;
    const uploads = files.map((file, n) => {
      const content = readFileSync(file);
      bytes += content.length;
      const sum = createHash('sha256').update(content).digest('hex');
      return [
        `url = "${lan.url}/handoff/files/${sum}?bytes=${content.length}&path=${n}.dng"`,
        `upload-file = "${file}"`,
        'request = "PATCH"',
        'insecure',
        'fail',
        'silent',
        'header = "Expect:"',
        `header = "Authorization: Bearer ${token}"`,
        'header = "Content-Type: application/octet-stream"',
        'header = "Upload-Offset: 0"',
        'output = "/dev/null"',
      ].join('\n');
    });
    const config = join(newFolder(), 'curl.txt');
    writeFileSync(config, uploads.join('\nnext\n'));
    const start = performance.now();
    execFileSync('curl', ['-K', config]);
    return { ms: performance.now() - start, bytes };
  } finally {
    await lan.stop();
  }
}

/** Frames handed to the computer, against curl; and over connections that break. */
export async function handoffBench(): Promise<Result[]> {
  const page = await byPage();
  const curl = await byCurl(page.folder);
  const start = performance.now();
  const { sent, came, cut } = await cutStorm(1000, 50);
  if (came.join() !== sent.join()) throw new Error('what came is not what was sent');
  const stormMs = performance.now() - start;
  return [
    compared(
      `handoff-${FRAMES}-frames`,
      page.ms,
      curl.ms,
      'ms',
      `${FRAMES} DNGs of 12 MP, ${Math.round(curl.bytes / 1e6)} MB, from Chromium’s storage, SHA-256 made, by https on loopback. Peer: one curl, from files, to the same server; at least 0.5 asked`,
    ),
    reported(
      'handoff-1000-files-50-cuts',
      stormMs,
      'ms',
      `1,000 files, each cut at 50 random bytes (${cut} cuts), all of them there once and whole`,
    ),
  ];
}
