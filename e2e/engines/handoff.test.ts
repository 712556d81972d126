import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { hostname, tmpdir } from 'node:os';
import { join } from 'node:path';
import jsQR from 'jsqr';
import { EXPOSE, LAST_FRAME, plainLink, until } from '../support/browser';
import { cameInto, serveLan, type LanServer } from '../support/lanServer';
import { otherEngines } from './engineSuite';
import { fieldReadyIn, pictureOf, present, pressOn, tapOn, untilWords } from './hands';
import { inPage } from './tab';
import { webkitTab } from './webkitTab';

jest.setTimeout(180_000);

const CODE = '[aria-label="Code that pairs a phone"]';
const SMALL = 'scene=test-wall&mp=3&crop=2&time=1/60&iso=100&support=tripod&files=dng%2Bjpeg';
const TO_THE_COMPUTER = `Send to ${hostname()}`;

/** Writes into what is remembered, one transaction after another, for good. Runs in the page. */
const writeOn = (): Promise<void> =>
  new Promise((resolve) => {
    const open = indexedDB.open('velmo');
    open.onsuccess = () => {
      const write = (): void => {
        const transaction = open.result.transaction('entries', 'readwrite');
        for (let n = 0; n < 5; n++)
          transaction.objectStore('entries').put('x'.repeat(20_000), `test/${n}`);
        transaction.oncomplete = write;
      };
      write();
      resolve();
    };
  });

/** Frames are handed over by https, under a certificate that the browser does not know. */
otherEngines(({ engine, tab, test }) => {
  let folder: string;
  let lan: LanServer;
  beforeEach(async () => {
    folder = mkdtempSync(join(tmpdir(), 'velmo-inbox-'));
    lan = await serveLan(folder);
  });
  afterEach(() => lan?.stop());

  test('pairs by the code that the computer shows, and sends a frame’s files', async () => {
    await tab().goto(lan.ownPage);
    await untilWords(tab(), /No phone is paired/);
    await pressOn(tab(), 'Pair a phone ...');
    await present(tab(), CODE);
    // Firefox's pictures are of the screen: what the page holds by now may not be on it yet.
    const code = async (): Promise<string> => {
      const { width, height, data } = await pictureOf(tab(), CODE);
      return jsQR(new Uint8ClampedArray(data), width, height)?.data ?? '';
    };
    const { hash } = new URL(await until(code, /^https:.*#/));

    await tab().goto(lan.url + plainLink(SMALL) + hash);
    // Said at once, for some seconds.
    await untilWords(tab(), /Paired with .*: Deliver \.\.\. sends frames there\./);
    await fieldReadyIn(tab());
    await tapOn(tab(), EXPOSE);
    await present(tab(), LAST_FRAME, 60_000);
    await tab().goto(`${lan.url}/deliver`);
    await untilWords(tab(), /1 frame in 2 files[^]*Send to/, 60_000);
    await pressOn(tab(), TO_THE_COMPUTER);
    await untilWords(tab(), /2 files are on /, 60_000);
    expect(cameInto(folder).map((path) => path.replace(/.*\./, ''))).toEqual(['dng', 'jpg']);
    const said = execFileSync('exiftool', ['-r', '-n', '-s3', '-ISO', '-ext', 'dng', folder]);
    expect(said.toString()).toMatch(/^100$/m);

    // The computer's page tells of it, and takes the phone's token away.
    await tab().goto(lan.ownPage);
    await untilWords(tab(), /2 files came, \d+ MB, each checked by its SHA-256\./);
    await tapOn(tab(), '[aria-label^="Remove "]');
    await untilWords(tab(), /No phone is paired/);
    await tab().goto(`${lan.url}/deliver`);
    await untilWords(tab(), /Send to/, 60_000);
    await pressOn(tab(), TO_THE_COMPUTER);
    await untilWords(tab(), /does not know this device any more/);
    expect(cameInto(folder)).toHaveLength(2);
    expect(tab().errors).toEqual([]);
  });

  test('a page that is left while it writes does not keep the storage from the next', async () => {
    const kept = engine === 'webkit' ? await webkitTab('may be kept') : null;
    const own = kept ?? tab();
    try {
      for (const path of ['/frames', '/frames?which=dropped']) {
        await own.goto(lan.url + path);
        await untilWords(own, /No frame yet|None of the/);
        await inPage(own, writeOn);
      }
      await own.goto(lan.url + plainLink(SMALL));
      await fieldReadyIn(own);
    } finally {
      await kept?.close();
    }
  });
});
