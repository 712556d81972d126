import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import jsQR from 'jsqr';
import type { Browser, Page } from 'puppeteer-core';
import {
  axeViolations,
  fieldReady,
  launch,
  openPage,
  pageText,
  PHONE,
  plainLink,
  press,
  pressFirst,
  tap,
  until,
  WIDE,
} from '../support/browser';
import { expose } from '../support/cells';
import { cameInto, serveLan, type LanServer } from '../support/lanServer';
import { picture } from '../support/pictures';

jest.setTimeout(120_000);

/**
 * Frames are handed to the computer that Velmo comes from, by https, with a certificate of its own.
 */

const CODE = '[aria-label="Code that pairs a phone"]';
const SMALL = 'scene=test-wall&mp=3&crop=2&time=1/60&iso=100&support=tripod&files=dng%2Bjpeg';

let browser: Browser;
let folder: string;
let lan: LanServer;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'velmo-inbox-'));
  lan = await serveLan(folder);
  browser = await launch('none', undefined, ['--ignore-certificate-errors']);
});
afterEach(async () => {
  await browser?.close();
  await lan?.stop();
});

const came = (): string[] => cameInto(folder);

/** The secret in the code that the computer shows, read as a phone does. */
async function scanned(own: Page): Promise<string> {
  const { width, height, data } = await picture(own, CODE);
  const url = new URL(jsQR(new Uint8ClampedArray(data), width, height)!.data);
  expect(url.port).toBe(String(lan.port));
  expect(url.search).toBe('?device=browser');
  return url.hash;
}

async function ownPage(): Promise<Page> {
  const { page } = await openPage(browser, lan.ownPage, WIDE);
  await until(() => pageText(page), /No phone is paired|\d+ files came/);
  return page;
}

/** A phone that is paired and has taken a bracket of three. */
async function pairedPhone(): Promise<{ own: Page; phone: Page }> {
  const own = await ownPage();
  await press(own, 'Pair a phone ...');
  const link = plainLink(`${SMALL}&series=bracket:3:1`) + (await scanned(own));
  const { page: phone } = await openPage(browser, lan.url + link, PHONE);
  // Said at once, for some seconds.
  await until(() => pageText(phone), /Paired with .*: Deliver \.\.\. sends frames there\./);
  await fieldReady(phone);
  expect(phone.url()).not.toContain('pair');
  await expose(phone, 3);
  return { own, phone };
}

async function openDeliver(phone: Page): Promise<void> {
  await phone.goto(`${lan.url}/frames`);
  await until(() => pageText(phone), /Deliver \.\.\./);
  await press(phone, 'Deliver ...');
  await until(() => pageText(phone), /3 frames in 6 files[\s\S]*Send to/);
}

test('a phone pairs by the code, sends a series, and is removed: the computer’s page tells of all of it', async () => {
  const { own, phone } = await pairedPhone();
  await openDeliver(phone);
  await pressFirst(phone, 'Send to');
  await until(() => pageText(phone), /6 files are on /);
  expect(await axeViolations(phone)).toEqual([]);
  const files = came();
  expect(files).toHaveLength(6);
  expect(files.every((path) => /^Browser\/\S+ bracket of 3\/\S+\.(dng|jpg)$/.test(path))).toBe(
    true,
  );
  const said = execFileSync('exiftool', ['-r', '-n', '-s3', '-ISO', '-ext', 'dng', folder]);
  expect(said.toString().match(/^100$/gm)).toHaveLength(3);
  // What has arrived is not sent again.
  await pressFirst(phone, 'Send to');
  await until(() => pageText(phone), /6 files are on /);
  expect(came()).toEqual(files);

  await own.bringToFront();
  await until(() => pageText(own), /6 files came, \d+ MB, each checked by its SHA-256\./);
  // The code is used up, and not shown any more.
  await until(() => own.$(CODE).then(String), /null/);
  expect(await axeViolations(own)).toEqual([]);
  await tap(own, '[aria-label="Remove Browser"]');
  await until(() => pageText(own), /No phone is paired/);
  await phone.bringToFront();
  await pressFirst(phone, 'Send to');
  await until(() => pageText(phone), /does not know this device any more/);
});

test('the computer goes, the page is closed: with both there again, the rest arrives by itself', async () => {
  const { phone } = await pairedPhone();
  await openDeliver(phone);
  await lan.stop();
  await pressFirst(phone, 'Send to');
  await until(() => pageText(phone), /cannot be reached\. What waits is sent once it can/);
  await phone.close();
  expect(came()).toEqual([]);
  lan = await serveLan(folder, lan.port);
  // Any page of Velmo goes on with it: nobody asks for it.
  const { page } = await openPage(browser, `${lan.url}/frames`, PHONE);
  await until(async () => String(came().length), /^6$/, 30_000);
  await page.close();
});

test('the computer’s own page is nobody’s without its key; a code that was used pairs nobody', async () => {
  const own = await ownPage();
  await press(own, 'Pair a phone ...');
  const hash = await scanned(own);
  const first = await openPage(browser, `${lan.url}${plainLink(SMALL)}${hash}`, PHONE);
  await until(() => pageText(first.page), /Paired with/);
  const other = await launch('none', undefined, ['--ignore-certificate-errors']);
  const { page } = await openPage(other, `${lan.url}${plainLink(SMALL)}${hash}`, PHONE);
  await until(() => pageText(page), /used before, or is too old/);
  await page.goto(`${lan.url}/received`);
  await until(() => pageText(page), /This page belongs to the computer/);
  await other.close();
});
