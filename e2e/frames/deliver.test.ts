import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import {
  axeViolations,
  downloads,
  fieldReady,
  openPage,
  pageText,
  PHONE,
  plainLink,
  press,
  tap,
  until,
} from '../support/browser';
import { cell, cellsAre, expose } from '../support/cells';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);
const { app, browser, pages } = fieldSuite('each');

/** Frames are handed over: as a zip, into a folder, to the system. */

const SMALL = 'scene=test-wall&mp=3&crop=2&time=1/60&iso=100&support=tripod&files=dng%2Bjpeg';

/** A single frame and a bracket of three, in a roll. */
async function roll(): Promise<Page> {
  const { page } = await openPage(pages(), app.url + plainLink(SMALL), PHONE);
  await fieldReady(page);
  await expose(page, 1);
  await page.goto(app.url + plainLink(`${SMALL}&series=bracket:3:1`));
  await fieldReady(page);
  await expose(page, 4);
  await page.goto(`${app.url}/frames`);
  await cellsAre(page, 2);
  return page;
}

const listed = (zip: string): string[] =>
  execFileSync('unzip', ['-Z1', zip]).toString().trim().split('\n').sort();

test('a roll as a zip that unzip finds whole: series in folders, sidecars; only what is kept', async () => {
  const page = await roll();
  const files = await downloads(page);
  await press(page, 'Deliver ...');
  await until(() => pageText(page), /4 frames in 8 files, \d+ MB\./);
  await press(page, 'Save a zip');
  await until(() => pageText(page), /8 files in a zip\./);
  const zip = await files.next('.zip');
  expect(execFileSync('unzip', ['-t', zip]).toString()).toMatch(/No errors detected/);
  const names = listed(zip);
  expect(names).toHaveLength(8);
  expect(names.filter((name) => /^[^/]+ bracket of 3\/[^/]+\.(dng|jpg)$/.test(name))).toHaveLength(
    6,
  );
  // What is in it is what is stored: ExifTool reads it.
  const folder = mkdtempSync(join(tmpdir(), 'velmo-zip-'));
  execFileSync('unzip', ['-q', zip, '-d', folder]);
  const said = execFileSync('exiftool', ['-r', '-n', '-s3', '-ISO', '-ext', 'dng', folder]);
  expect(said.toString().match(/^100$/gm)).toHaveLength(4);
  expect(await axeViolations(page)).toEqual([]);

  // One frame is kept: the roll shows it alone, and it alone is delivered, with what was decided.
  await page.goto(`${app.url}/frames`);
  await cellsAre(page, 2);
  await page.focus(cell(1));
  await page.keyboard.press('k');
  await page.goto(`${app.url}/frames?which=kept`);
  await cellsAre(page, 1);
  await press(page, 'Deliver ...');
  await until(() => pageText(page), /1 frame in 2 files/);
  await page.click('[aria-label="XMP sidecars: yes"]');
  await page.click('[aria-label="Files: developed JPEG"]');
  await until(() => pageText(page), /1 frame in 2 files\./);
  const later = await downloads(page);
  await press(page, 'Save a zip');
  await until(() => pageText(page), /2 files in a zip\./);
  const kept = await later.next('.zip');
  expect(listed(kept).map((name) => name.slice(-4))).toEqual(['.jpg', '.xmp']);
  expect(execFileSync('unzip', ['-p', kept, '*.xmp']).toString()).toContain('xmp:Rating="1"');
});

test('into a folder, where nothing is overwritten; shared after a tap of its own', async () => {
  const page = await roll();
  await press(page, 'Choose');
  await tap(page, cell(1));
  await press(page, 'Deliver ...');
  await until(() => pageText(page), /1 frame in 2 files/);
  // The browser's own folder stands for the one that the system would ask for.
  const stand = await page.evaluate(async () => {
    const folder = await navigator.storage.getDirectory();
    const name = [...document.querySelectorAll('[role=button]')].map((e) => e.textContent).join();
    Object.assign(window, { showDirectoryPicker: async () => folder });
    return name;
  });
  expect(stand).toContain('Into a folder ...');
  const names = () =>
    page.evaluate(async () => {
      const folder = await navigator.storage.getDirectory();
      const found: string[] = [];
      for await (const name of (folder as unknown as { keys(): AsyncIterable<string> }).keys())
        found.push(name);
      return found.sort().join();
    });
  await press(page, 'Into a folder ...');
  await until(() => pageText(page), /2 files in the folder\./);
  const first = await names();
  expect(first).toMatch(/^[^,]+0001\.dng,[^,]+0001\.jpg$/);
  await press(page, 'Into a folder ...');
  await until(names, /^[^,]+ \(2\)\.dng,[^,]+ \(2\)\.jpg,[^,]+0001\.dng,[^,]+0001\.jpg$/);

  // What the system would share.
  await page.evaluate(() => {
    Object.assign(navigator, {
      canShare: ({ files }: { files: File[] }) => files.every(({ type }) => type === 'image/jpeg'),
      share: async ({ files }: { files: File[] }) => {
        if (!navigator.userActivation.isActive) throw new DOMException('', 'NotAllowedError');
        document.title = files
          .map(({ name, type, size }) => `${name} ${type} ${size > 1000}`)
          .join();
      },
    });
  });
  await page.click('[aria-label="Series in folders: no"]');
  await press(page, 'Share ...');
  await until(() => pageText(page), /shares no files of these kinds/);
  await page.click('[aria-label="Files: developed JPEG"]');
  await press(page, 'Share ...');
  await until(() => pageText(page), /1 file ready to be shared/);
  await press(page, 'Share now');
  await until(() => page.title(), /^\S+0001\.jpg image\/jpeg true$/);
  await until(() => pageText(page), /1 file shared\./);
});

test('an archive in an empty browser is the same frames, rolls, choices and recipes; damage is found first', async () => {
  const page = await roll();
  await page.focus(cell(1));
  await page.keyboard.press('k');
  await tap(page, cell(0));
  await page.waitForSelector('[data-testid=frame-picture][data-shown]');
  await press(page, 'Develop ...');
  await page.waitForSelector('[data-testid=develop-picture][data-shown]');
  await press(page, 'Slate');
  await press(page, 'Develop all 3 alike');
  await press(page, 'Done');
  await until(() => pageText(page), /Developed: look Slate/);
  const archive = await archiveOf(page);
  const said = manifestOf(archive);
  expect(said.frames).toHaveLength(4);

  const context = await browser().createBrowserContext();
  const other = await context.newPage();
  await other.setViewport(PHONE);
  await other.goto(`${app.url}/frames`);
  // One byte of a raw, far from the ends.
  const bytes = readFileSync(archive);
  const damaged = archive.replace('.zip', '-damaged.zip');
  const spoilt = Buffer.from(bytes);
  spoilt[Math.round(bytes.length * 0.4)] ^= 1;
  writeFileSync(damaged, spoilt);
  const open = async (path: string): Promise<void> => {
    const input = await other.waitForSelector('input[type=file]');
    await (input as ElementHandle<HTMLInputElement>).uploadFile(path);
  };
  await open(damaged);
  await until(() => pageText(other), /holds 3 frames, .*1 frame damaged: /);
  await press(other, 'Leave it');
  expect(await pageText(other)).toContain('No frame yet');

  await open(archive);
  await until(
    () => pageText(other),
    /holds 4 frames, \d+ MB, and 1 roll\. Every byte was checked\./,
  );
  await press(other, 'Bring them in');
  await until(() => pageText(other), /4 frames brought in\./);
  await cellsAre(other, 2);
  await press(other, 'Put away');
  // Opened again, all of it is here.
  await open(archive);
  await until(() => pageText(other), /4 are here already, and stay so/);
  await press(other, 'Put away');
  // An archive of what is here now says the same, SHA-256 of every file included.
  const again = manifestOf(await archiveOf(other));
  expect(again.frames).toEqual(said.frames);
  expect(again.rolls).toEqual(said.rolls);
  await context.close();
});

test('a file from elsewhere says where it was taken, unless that is left out', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'velmo-placed-'));
  const jpeg = join(folder, 'IMG_7.JPG');
  execFileSync('convert', ['-size', '320x240', 'gradient:black-white', jpeg]);
  const place = ['-GPSLatitude=47.1', '-GPSLatitudeRef=N', '-XMP-exif:GPSLongitude=8.5'];
  execFileSync('exiftool', ['-overwrite_original', '-q', '-n', '-ISO=160', ...place, jpeg]);
  const { page } = await openPage(pages(), `${app.url}/frames`, PHONE);
  const input = await page.waitForSelector('input[type=file]');
  await (input as ElementHandle<HTMLInputElement>).uploadFile(jpeg);
  await cellsAre(page, 1);
  await press(page, 'Deliver ...');
  await until(() => pageText(page), /1 frame in 1 file/);
  const said = async (): Promise<string> => {
    const files = await downloads(page);
    await press(page, 'Save a zip');
    await until(() => pageText(page), /1 file in a zip\./);
    const out = mkdtempSync(join(tmpdir(), 'velmo-unpacked-'));
    execFileSync('unzip', ['-q', await files.next('.zip'), '-d', out]);
    return execFileSync('exiftool', ['-s', '-ISO', '-GPS*', out]).toString();
  };
  expect(await said()).toMatch(/ISO\s+: 160[^]*GPSLatitude/);
  await page.click('[aria-label="Place: left out"]');
  await until(async () => String((await said()).includes('GPS')), /false/);
  expect(await said()).toMatch(/ISO\s+: 160/);
});

/** All of a roll as an archive. */
async function archiveOf(page: Page): Promise<string> {
  const files = await downloads(page);
  await page.goto(`${app.url}/frames`);
  await cellsAre(page, 2);
  await press(page, 'Deliver ...');
  await until(() => pageText(page), /4 frames in/);
  await page.click('[aria-label="Files: archive"]');
  await press(page, 'Save the archive');
  await until(() => pageText(page), /4 frames in the archive\./);
  return files.next('.zip');
}

const manifestOf = (zip: string) =>
  JSON.parse(
    execFileSync('unzip', ['-p', zip, 'velmo-archive.json'], { maxBuffer: 1 << 26 }).toString(),
  ) as {
    readonly frames: { readonly record: { readonly id: string } }[];
    readonly rolls: object[];
  };
