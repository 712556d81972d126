import { execFileSync } from 'node:child_process';
import { basename } from 'node:path';
import type { Page } from 'puppeteer-core';
import { VALID_WITH_DEPTH } from '../../core/test/support/validated';
import {
  axeViolations,
  downloads,
  EXPOSE,
  fieldReady,
  openLastFrame,
  pageText,
  press,
  pressFirst,
  stillPlace,
  tap,
  until,
} from '../support/browser';
import { fieldSuite } from '../support/suite';

jest.setTimeout(150_000);
const { field } = fieldSuite();

const exif = (file: string): Record<string, unknown> =>
  JSON.parse(
    execFileSync('exiftool', ['-json', '-n', '-validate', '-All:All', file]).toString(),
  )[0];
const identify = (file: string): string =>
  execFileSync('identify', ['-format', '%m %w %h %z %[colorspace]', file]).toString();

/** Exposes one frame and opens it. */
async function exposeAndOpen(page: Page): Promise<void> {
  await page.waitForFunction(
    (s) => !document.querySelector(s)?.textContent?.includes('%'),
    {},
    EXPOSE,
  );
  await tap(page, EXPOSE);
  await until(() => page.$eval(EXPOSE, (e) => e.textContent ?? ''), /%/);
  await until(() => page.$eval(EXPOSE, (e) => e.textContent ?? ''), /1 frame$/, 60_000);
  await openLastFrame(page);
  await until(() => pageText(page), /Size/, 30_000);
}

async function backToField(page: Page): Promise<void> {
  await press(page, '‹ Field');
  await fieldReady(page);
}

const save = (page: Page, kind: string): Promise<void> => pressFirst(page, `Save ${kind}`);

test('DNG + JPEG, JPEG, TIFF and PNG: each opens where it should, says how it was made, and can be looked at', async () => {
  const page = await field(
    'scene=test-wall&mp=3&time=1/125&iso=100&white=5000&files=dng%2Bjpeg&aspect=16:9&quality=85',
  );
  const files = await downloads(page);
  expect(await page.$eval(EXPOSE, (e) => e.textContent)).toContain('DNG + JPEG · 3 MP');

  await exposeAndOpen(page);
  // Both files of one frame, of one name; the DNG is whole with a crop in its metadata, the JPEG is
  // cut.
  expect(await pageText(page)).toContain('1134 × 2016');
  await save(page, 'DNG');
  const dng = await files.next('.dng');
  expect(exif(dng)).toMatchObject({
    Validate: VALID_WITH_DEPTH,
    DefaultCropSize: '2016 1134',
    ActiveArea: '0 0 1512 2016',
    WhiteBalance: 1,
  });
  await save(page, 'JPEG');
  const jpeg = await files.next('.jpg');
  expect(basename(jpeg, '.jpg')).toBe(basename(dng, '.dng'));
  expect(identify(jpeg)).toBe('JPEG 1134 2016 8 sRGB');
  expect(exif(jpeg)).toMatchObject({ Validate: '0 0 0', ExposureTime: 1 / 128, ISO: 100 });
  await backToField(page);

  const kinds = [
    ['JPEG', 'jpg', 'JPEG 1512 2016 8 sRGB', 'JPEG'],
    ['TIFF 16 bit', 'tif', 'TIFF 1512 2016 16 sRGB', 'TIFF'],
    ['PNG 16 bit', 'png', 'PNG 1512 2016 16 sRGB', 'PNG'],
  ] as const;
  const names = [basename(dng, '.dng')];
  for (const [label, ending, identified, kind] of kinds) {
    await page.keyboard.press('f');
    await press(page, label);
    await press(page, '4:3');
    await press(page, 'Close');
    await exposeAndOpen(page);
    expect(await pageText(page)).toContain('not kept: this is a finished picture');
    expect(await pageText(page)).toContain('1512 × 2016');
    await save(page, kind);
    const saved = await files.next(ending === 'jpg' ? '0002.jpg' : `.${ending}`);
    expect(identify(saved)).toBe(identified);
    expect(exif(saved)).toMatchObject({ ExposureTime: 1 / 128, Make: 'Velmo' });
    names.push(basename(saved, `.${ending}`));
    await press(page, '100 %');
    await page.waitForSelector('[aria-label="Frame at 100 percent"]');
    await backToField(page);
  }
  // The count goes on, and no name comes twice.
  expect(new Set(names).size).toBe(names.length);
  expect(names.map((n) => n.slice(-4))).toEqual(['0001', '0002', '0003', '0004']);
  await page.close();
});

test('names from a pattern: previewed, safe, never given twice; room for frames is told', async () => {
  const page = await field('scene=test-wall&mp=3&time=1/125&iso=100&files=dng');
  await page.keyboard.press('f');
  await until(() => pageText(page), /\d+\+? (frames )?left/);
  await press(page, 'New roll ...');
  const type = async (label: string, value: string): Promise<void> => {
    const { x, y } = await stillPlace(page, `[aria-label="${label}"]`);
    await page.mouse.click(x, y, { count: 3 });
    await page.keyboard.type(value);
  };
  await type('New roll', 'Pan: 7/west?');
  await press(page, 'Make');
  await until(
    () => page.$eval('[role=group][aria-label=Roll]', (e) => e.textContent ?? ''),
    /West|west/,
  );
  await type('Names', '{roll} {place}');
  await until(
    () => page.$eval('[data-testid=name-preview]', (e) => e.textContent ?? ''),
    /^Pan-7-west-pans-at-noon\.dng$/,
  );
  await type('Names', '{roll}-{plaec}');
  await until(() => pageText(page), /\{plaec\} stands for nothing/);
  await type('Names', '{roll}');
  expect(await axeViolations(page)).toEqual([]);
  await press(page, 'Close');
  const files = await downloads(page);
  for (const name of ['Pan-7-west', 'Pan-7-west-2']) {
    await exposeAndOpen(page);
    await save(page, 'DNG');
    expect(basename(await files.next(`${name}.dng`))).toBe(`${name}.dng`);
    await backToField(page);
  }
  await page.close();
});
