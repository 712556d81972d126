import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import {
  EVEN,
  foreign,
  numbers,
  packed,
  ramp,
  SIX_BY_SIX,
  stripOf,
  withoutDng,
} from '../../core/test/support/foreignTiff';
import { shoot } from '../../core/test/support/shots';
import { TAG } from '@velmo/core/files';
import {
  axeViolations,
  downloads,
  openPage,
  pageText,
  PHONE,
  press,
  pressFirst,
  tap,
  until,
} from '../support/browser';
import { contrastOf, picture } from '../support/pictures';
import { cell, cellsAre } from '../support/cells';
import { astray, framesStored, storedCounts, storedNames } from '../support/stored';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);
const { app, pages } = fieldSuite('each');

const folder = mkdtempSync(join(tmpdir(), 'velmo-opened-'));
const file = (name: string, bytes: Uint8Array | string): string => {
  const path = join(folder, name);
  writeFileSync(path, bytes);
  return path;
};

/** A JPEG of another camera, lying on its side, with Exif as ExifTool writes it. */
function jpegOfAnother(): string {
  const path = join(folder, 'IMG_0042.JPG');
  execFileSync('convert', ['-size', '320x240', 'gradient:black-white', path]);
  execFileSync('exiftool', [
    '-overwrite_original',
    '-q',
    '-n',
    '-Make=Pan Works',
    '-Model=Pan Works One',
    '-ExposureTime=0.004',
    '-ISO=160',
    '-Orientation=6',
    '-DateTimeOriginal=2026:08:14 06:30:00',
    path,
  ]);
  return path;
}

/** A raw of another camera: blue first, 12 bits packed, black of each photosite, masked borders. */
const rawOfAnother = (): string =>
  file(
    'P-7.dng',
    foreign(EVEN, ramp(EVEN), [
      numbers(TAG.CFAPattern, [2, 1, 1, 0], 'BYTE'),
      numbers(TAG.BitsPerSample, [12], 'SHORT'),
      numbers(TAG.BlackLevelRepeatDim, [2, 2], 'SHORT'),
      numbers(TAG.BlackLevel, [256, 258, 254, 256], 'SHORT'),
      numbers(TAG.ActiveArea, [0, 4, 32, 64]),
      ...stripOf(packed(ramp(EVEN), EVEN, 12)),
    ]),
  );

async function rollOf(): Promise<Page> {
  const { page } = await openPage(pages(), `${app.url}/frames`, PHONE);
  await until(() => pageText(page), /No frame yet/);
  return page;
}

async function give(page: Page, ...paths: string[]): Promise<void> {
  const input = await page.waitForSelector('[data-testid=open-files]');
  await (input as ElementHandle<HTMLInputElement>).uploadFile(...paths);
}

test('files of other cameras become frames, byte for byte, under their own names; what cannot be read is said, and nothing of it stored', async () => {
  const page = await rollOf();
  const velmo = shoot('--scene', 'test-wall', '--time', '1/125', '--seed', '2', '--crop', '2');
  const heic = file('IMG_1.HEIC', '\0\0\0\u0018ftypheic\0\0\0\0mif1heic');
  await give(
    page,
    velmo,
    rawOfAnother(),
    jpegOfAnother(),
    file('notes.txt', 'salt'),
    heic,
    file('broken.dng', readFileSync(velmo).subarray(0, 4000)),
  );
  await until(() => pageText(page), /3 files opened, 3 not: nothing of these is stored\./);
  const said = await pageText(page);
  expect(said).toMatch(
    /notes\.txt\s+This is no picture Velmo knows: it opens raw files, JPEG, PNG and/,
  );
  expect(said).toMatch(
    /IMG_1\.HEIC\s+The browser could not decode this picture: it does not read HEIC/,
  );
  expect(said).toMatch(/broken\.dng\s+The DNG is broken/);
  expect(await axeViolations(page)).toEqual([]);
  await framesStored(page, 3);
  expect((await storedNames(page)).sort()).toEqual(['IMG_0042.jpg', 'P-7.dng', 'frame.dng']);
  expect(await astray(page)).toEqual({ litter: [], missing: [] });
  await press(page, 'Put away');
  await cellsAre(page, 3);
  // Newest first by when they were taken, not by when they were opened.
  const names = await page.$$eval('[data-cell]', (all) =>
    all.map((e) => e.getAttribute('aria-label')),
  );
  expect(names.at(-1)).toBe('Frame Pan Works One (opened file), 1/250 s · ISO 160');
  await tap(page, cell(2));
  await until(() => pageText(page), /not kept: this is a finished picture[^]*Size/);
  // Seen upright.
  expect(await pageText(page)).toMatch(/240 × 320/);
  const saved = await downloads(page);
  await pressFirst(page, 'Save JPEG');
  expect(readFileSync(await saved.next('.jpg'))).toEqual(
    readFileSync(join(folder, 'IMG_0042.JPG')),
  );
});

test('a raw of another maker is shown, read in stops and told with its own levels', async () => {
  const page = await rollOf();
  await give(page, rawOfAnother());
  await until(() => pageText(page), /1 file opened\./);
  await cellsAre(page, 1);
  await tap(page, cell(0));
  await until(() => pageText(page), /raw mosaic/);
  await page.waitForSelector('[data-testid=frame-picture][data-shown]');
  expect(contrastOf(await picture(page, '[data-testid=frame-picture]'))).toBeGreaterThan(10);
  await page.keyboard.press('r');
  await until(
    () => page.$eval('[data-testid=frame-reading]', (e) => (e as HTMLElement).innerText),
    /room · R .* G .* B /,
  );
  await press(page, 'All metadata ...');
  await page.waitForSelector('[aria-label="Search the metadata"]');
  await page.type('[aria-label="Search the metadata"]', 'black level');
  await until(() => pageText(page), /256 258 254 256/);
});

/** The same number for the same seed (Marsaglia's xorshift, 2003). */
function drawn(seed: number): (below: number) => number {
  let x = seed;
  return (below) => {
    x ^= x << 13;
    x ^= x >>> 17;
    x ^= x << 5;
    return (x >>> 0) % below;
  };
}

describe('raws that our own reader does not read, by LibRaw', () => {
  const size = { width: 640, height: 480 };
  const levels = [numbers(TAG.BlackLevel, [0]), numbers(TAG.WhiteLevel, [65535])];
  const dng = foreign(size, ramp(size), levels);

  /** Linear RGB as phones make it small: a JPEG of 8 bits in the place of the raw. */
  function lossy(): Uint8Array {
    const path = join(folder, 'tile.jpg');
    const args = ['-type', 'TrueColor', '-sampling-factor', '1x1', '-quality', '95'];
    execFileSync('convert', ['-size', '256x256', 'gradient:white-black', ...args, path]);
    const tile = new Uint8Array(readFileSync(path));
    return foreign({ width: 256, height: 256 }, new Uint16Array(1), [
      numbers(TAG.Compression, [34892], 'SHORT'),
      numbers(TAG.PhotometricInterpretation, [34892], 'SHORT'),
      numbers(TAG.SamplesPerPixel, [3], 'SHORT'),
      numbers(TAG.BitsPerSample, [8, 8, 8], 'SHORT'),
      numbers(TAG.BlackLevel, [0, 0, 0], 'SHORT'),
      numbers(TAG.WhiteLevel, [255, 255, 255]),
      numbers(TAG.TileWidth, [256]),
      numbers(TAG.TileLength, [256]),
      { tag: TAG.TileOffsets, blocks: [tile] },
      numbers(TAG.TileByteCounts, [tile.length]),
    ]);
  }

  test('a maker’s own kind holds the same raw data as the DNG of it; it keeps its name and bytes', async () => {
    const page = await rollOf();
    const theirs = withoutDng(dng);
    const paths = [file('pan.dng', dng), file('PAN_0001.PAN', theirs)];
    // A file that tells no time stands where it was written: theirs is the newer one.
    paths.forEach((path, n) => utimesSync(path, 1e9 + n, 1e9 + n));
    await give(page, ...paths);
    await until(() => pageText(page), /2 files opened\./, 60_000);
    expect((await storedNames(page)).sort()).toEqual(['PAN_0001.pan', 'pan.dng']);
    await cellsAre(page, 2);
    await press(page, 'Choose');
    await tap(page, cell(0));
    await tap(page, cell(1));
    await press(page, 'Compare');
    await until(
      () => pageText(page),
      /The same raw data\.\s+Largest difference 0 of 65535/,
      60_000,
    );
    await page.goto(`${app.url}/frames`);
    await cellsAre(page, 2);
    const names = await page.$$eval('[data-cell]', (all) =>
      all.map((e) => e.getAttribute('aria-label')),
    );
    expect(names).toEqual(Array(2).fill('Frame Other Camera (opened file), the camera decided'));
    await tap(page, cell(0));
    await until(() => pageText(page), /raw mosaic/);
    const saved = await downloads(page);
    await pressFirst(page, 'Save PAN');
    expect(readFileSync(await saved.next('.pan')).equals(theirs)).toBe(true);
  });

  test('a DNG of another pattern is interpolated, one with a JPEG for its raw is linear; what nobody reads is said', async () => {
    const page = await rollOf();
    const pattern = [
      numbers(TAG.CFARepeatPatternDim, [6, 6], 'SHORT'),
      numbers(TAG.CFAPattern, SIX_BY_SIX, 'BYTE'),
    ];
    await give(
      page,
      file('six.dng', foreign(size, ramp(size), pattern)),
      file('lossy.dng', lossy()),
      file('squeezed.dng', foreign(size, ramp(size), [numbers(TAG.Compression, [52546], 'SHORT')])),
      file('cut.nef', withoutDng(dng).subarray(0, 900)),
    );
    await until(() => pageText(page), /2 files opened, 2 not/, 60_000);
    const said = await pageText(page);
    expect(said).toMatch(/squeezed\.dng\s+The DNG's compression \(JPEG XL\) is not supported/);
    expect(said).toMatch(/cut\.nef\s+The file is cut short: part of its pixels is missing\./);
    await cellsAre(page, 2);
    for (const index of [0, 1]) {
      await page.goto(`${app.url}/frames`);
      await cellsAre(page, 2);
      await tap(page, cell(index));
      await page.waitForSelector('[data-testid=frame-picture][data-shown]');
      await until(() => pageText(page), /(640 × 480|256 × 256), linear/);
      expect(contrastOf(await picture(page, '[data-testid=frame-picture]'))).toBeGreaterThan(10);
    }
  });
});

test('changed files of other makers are opened or refused, each with a reason, and Velmo goes on', async () => {
  const page = await rollOf();
  const size = { width: 96, height: 64 };
  const whole = withoutDng(foreign(size, ramp(size)));
  const random = drawn(7);
  // Its directory lies first: that is where a change misleads.
  const changed = Array.from({ length: 40 }, (_, n) => {
    const bytes = whole.slice();
    for (let k = 0; k < 6; k++) bytes[8 + random(400)] = random(256);
    return file(`changed-${n}.pan`, bytes);
  });
  await give(page, ...changed, file('whole.pan', whole));
  const said = await until(
    () => pageText(page),
    /\d+ files? opened(\.|, \d+ not: nothing of these is stored\.)/,
    100_000,
  );
  const [, opened, refused] = /(\d+) files? opened(?:, (\d+) not)?/.exec(said)!;
  expect(Number(opened) + Number(refused ?? 0)).toBe(41);
  expect(Number(opened)).toBeGreaterThan(0);
  expect(said).not.toMatch(/undefined|\[object|TypeError|memory/);
  await framesStored(page, Number(opened));
  expect(await storedNames(page)).toContain('whole.pan');
});

test('TIFF as other programs write it: 8 and 16 bits, compressed, grey, of either byte order', async () => {
  const page = await rollOf();
  const tiff = (name: string, ...args: string[]): string => {
    const path = join(folder, name);
    execFileSync('convert', ['-size', '240x160', 'gradient:white-black', ...args, path]);
    return path;
  };
  const paths = [
    tiff('lzw.tif', '-type', 'TrueColor', '-depth', '8', '-compress', 'lzw'),
    tiff('zip16.tif', '-type', 'TrueColor', '-depth', '16', '-compress', 'zip'),
    tiff('grey.tif', '-type', 'Grayscale', '-depth', '8', '-compress', 'none'),
    tiff('big.tif', '-type', 'TrueColor', '-depth', '16', '-endian', 'MSB', '-compress', 'none'),
  ];
  await give(page, ...paths, file('half.tif', readFileSync(paths[0]).subarray(0, 100)));
  await until(() => pageText(page), /4 files opened, 1 not[^]*half\.tif\s+This TIFF is broken/);
  await cellsAre(page, 4);
  for (const index of [0, 1, 2, 3]) {
    // White above, black below, whatever the kind.
    const { data, width, height } = await picture(page, cell(index));
    const green = (y: number): number =>
      data[4 * (Math.floor(y * height) * width + Math.floor(width / 2)) + 1];
    expect(green(0.3) - green(0.7)).toBeGreaterThan(60);
  }
});

test('what the browser reads besides is opened too', async () => {
  const page = await rollOf();
  const paths = ['one.webp', 'two.avif'].map((name) => {
    const path = join(folder, name);
    execFileSync('convert', ['-size', '160x120', 'gradient:white-black', path]);
    return path;
  });
  await give(page, ...paths, file('three.jxl', Uint8Array.from([0xff, 0x0a, 1, 2, 3])));
  await until(
    () => pageText(page),
    /2 files opened, 1 not[^]*three\.jxl\s+This is JPEG XL, which Velmo does not read/,
  );
  await cellsAre(page, 2);
  expect((await storedNames(page)).sort()).toEqual(['one.webp', 'two.avif']);
  await tap(page, cell(0));
  await page.waitForSelector('[data-testid=frame-picture][data-shown]');
  expect(contrastOf(await picture(page, '[data-testid=frame-picture]'))).toBeGreaterThan(10);
});

test('files dropped on a roll lie in it', async () => {
  const { page } = await openPage(pages(), `${app.url}/frames?roll=harbour`, PHONE);
  await until(() => pageText(page), /Nothing in this roll yet/);
  const bytes = readFileSync(jpegOfAnother()).toString('base64');
  const drop = (kind: string): Promise<void> =>
    page.evaluate(
      (type, text) => {
        const data = new DataTransfer();
        const raw = Uint8Array.from(atob(text), (c) => c.charCodeAt(0));
        data.items.add(new File([raw], 'IMG_0042.JPG', { type: 'image/jpeg' }));
        document.body.dispatchEvent(
          new DragEvent(type, { dataTransfer: data, bubbles: true, cancelable: true }),
        );
      },
      kind,
      bytes,
    );
  await drop('dragover');
  await until(() => pageText(page), /Let go to open these files/);
  await drop('drop');
  // More of them while the first are being opened: they wait for their turn.
  await drop('drop');
  await until(() => pageText(page), /2 files opened\./);
  await cellsAre(page, 2);
  expect(await storedCounts(page)).toMatchObject({ frames: 2 });
  expect((await storedNames(page)).sort()).toEqual(['IMG_0042-2.jpg', 'IMG_0042.jpg']);
  await page.reload();
  await cellsAre(page, 2);
});

test('files shared with the installed app, or opened with it, are opened once', async () => {
  const { page } = await openPage(pages(), `${app.url}/frames`, PHONE, 'kept');
  await until(() => pageText(page), /No frame yet/);
  await until(
    () => page.evaluate(() => String(navigator.serviceWorker.controller !== null)),
    /^true$/,
    60_000,
  );
  // What the system sends is a form like this (W3C Web Share Target); where it leads, a page opens.
  const leadsTo = await page.evaluate(
    async (files) => {
      const form = new FormData();
      for (const [name, text] of files) {
        const bytes = Uint8Array.from(atob(text), (c) => c.charCodeAt(0));
        form.append('files', new File([bytes], name));
      }
      return (await fetch('/shared', { method: 'POST', body: form })).url;
    },
    [jpegOfAnother(), rawOfAnother()].map((path) => [
      basename(path),
      readFileSync(path).toString('base64'),
    ]),
  );
  await page.goto(leadsTo);
  await until(() => pageText(page), /2 files opened\./);
  await cellsAre(page, 2);
  expect(page.url()).toBe(`${app.url}/frames`);
  await page.reload();
  await cellsAre(page, 2);
  expect(
    await page.evaluate(async () => (await (await caches.open('velmo-shared')).keys()).length),
  ).toBe(0);
});
