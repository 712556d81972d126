import type { ElementHandle, Page } from 'puppeteer-core';
import { execFileSync } from 'node:child_process';
import { VALID_WITH_DEPTH } from '../../core/test/support/validated';
import {
  axeViolations,
  downloads,
  EXPOSE,
  fieldReady,
  LAST_FRAME,
  openPage,
  pageText,
  PHONE,
  press,
  slider,
  tap,
  until,
  valueText,
  WIDE,
} from '../support/browser';
import { cellsAre } from '../support/cells';
import { framesStored } from '../support/stored';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);
const { app, pages } = fieldSuite('each');

/** A frame is turned, straightened and cut, saved so, and seen as it was taken again. */

const BOX = '[data-testid=reframe-box]';
const PICTURE = '[data-testid=frame-picture][data-shown]';

async function frameOf(query: string): Promise<Page> {
  const { page } = await openPage(pages(), app.url + query, PHONE);
  await fieldReady(page);
  await tap(page, EXPOSE);
  await framesStored(page, 1);
  await tap(page, LAST_FRAME);
  await page.waitForSelector(PICTURE);
  return page;
}

async function openTool(page: Page): Promise<void> {
  await press(page, 'Reframe ...');
  await page.waitForSelector('[data-testid=reframe-picture][data-shown]');
}

interface Reframed {
  readonly quarters: number;
  readonly tilt: number;
  readonly crop: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
}

const dataOf = <T>(page: Page, name: string): Promise<T> =>
  page.$eval(BOX, (e, key) => JSON.parse((e as HTMLElement).dataset[key]!) as T, name);

/** Drags over the picture from one place to another; 0..1 of what is kept. */
async function drag(page: Page, from: [number, number], to: [number, number]): Promise<void> {
  const box = (await (await page.$(BOX))!.boundingBox())!;
  const laid = await dataOf<{ left: number; top: number; across: number; down: number }>(
    page,
    'laid',
  );
  const at = ([x, y]: [number, number]): [number, number] => [
    box.x + laid.left + x * laid.across,
    box.y + laid.top + y * laid.down,
  ];
  await page.mouse.move(...at(from));
  await page.mouse.down();
  await page.mouse.move(...at(to), { steps: 6 });
  await page.mouse.up();
}

const sizeOf = (path: string): [number, number] => {
  const text = execFileSync('identify', ['-format', '%w %h', path]).toString();
  return text.split(' ').map(Number) as [number, number];
};

/** How far two pictures lie apart: root of the mean square, 0..1. */
function apart(a: string, b: string): number {
  try {
    execFileSync('compare', ['-metric', 'RMSE', a, b, 'null:'], { stdio: 'pipe' });
    return 0;
  } catch (error) {
    const text = String((error as { stderr?: Buffer }).stderr);
    return Number(/\(([\d.e-]+)\)/.exec(text)?.[1] ?? NaN);
  }
}

test('cut, turned and straightened by hand; saved as DNG and JPEG; taken back', async () => {
  const page = await frameOf('/?scene=test-wall&mp=3&time=1/60&iso=100&files=dng%2Bjpeg');
  const files = await downloads(page);
  await openTool(page);
  await press(page, '3:2');
  await drag(page, [1, 1], [0.75, 0.8]);
  await drag(page, [0.5, 0.5], [0.55, 0.6]);
  await press(page, 'Turn left');
  await page.focus(slider('Tilt'));
  for (let n = 0; n < 25; n++) await page.keyboard.press('ArrowRight');
  await until(() => valueText(page, 'Tilt'), /^2\.5 degrees clockwise, set/);
  expect(await axeViolations(page)).toEqual([]);
  const reframe = await dataOf<Reframed>(page, 'reframe');
  expect(reframe).toMatchObject({ quarters: 3, tilt: 25 });
  await press(page, 'Done');
  await page.waitForSelector(PICTURE);
  const words = await until(() => pageText(page), /Seen reframed: \d+ × \d+ photosites/);
  const [, width, height] = /Seen reframed: (\d+) × (\d+) photosites/.exec(words)!.map(Number);
  expect(Math.abs(width / height - 3 / 2)).toBeLessThan(0.003);

  await press(page, 'Save JPEG');
  const jpeg = await files.next('.jpg');
  expect(jpeg).toContain('-reframed.jpg');
  expect(sizeOf(jpeg)).toEqual([width, height]);
  await press(page, 'Save DNG');
  const dng = await files.next('.dng');
  const [tags] = JSON.parse(
    execFileSync('exiftool', [
      '-json',
      '-n',
      '-validate',
      '-warning',
      '-Orientation',
      '-DefaultUserCrop',
      dng,
    ]).toString(),
  ) as [{ Orientation: number; DefaultUserCrop: string; Validate: string }];
  // Held upright (6, a quarter to the right), turned left: as it lies in the file.
  expect(tags.Orientation).toBe(1);
  expect(tags.Validate).toEqual(VALID_WITH_DEPTH);
  const [top, left, bottom, right] = tags.DefaultUserCrop.split(' ').map(Number);
  // All of what is seen lies in it: as much, and what straightening needs beside that.
  expect((right - left) * (bottom - top)).toBeGreaterThan(reframe.crop.width * reframe.crop.height);
  expect((right - left) * (bottom - top)).toBeLessThan(
    1.2 * reframe.crop.width * reframe.crop.height,
  );

  // The same cut of what was taken by ImageMagick.
  await press(page, 'untouched');
  await page.waitForFunction(() => /Save JPEG · /.test(document.body.innerText));
  const button = /Save JPEG · [^\n]*/.exec(await pageText(page))![0];
  await press(page, button);
  const whole = await files.next('.jpg');
  const turned = sizeOf(whole).reverse();
  const judged = whole.replace(/\.jpg$/, '-judged.png');
  const x = (reframe.crop.x + reframe.crop.width / 2) * turned[0] - width / 2;
  const y = (reframe.crop.y + reframe.crop.height / 2) * turned[1] - height / 2;
  execFileSync('convert', [
    whole,
    '-rotate',
    '-90',
    '+repage',
    '-virtual-pixel',
    'edge',
    '-filter',
    'Catrom',
    '-distort',
    'SRT',
    '2.5',
    '-crop',
    `${width}x${height}+${Math.round(x)}+${Math.round(y)}`,
    '+repage',
    judged,
  ]);
  // Half a pixel apart at most, and one JPEG more.
  expect(apart(jpeg, judged)).toBeLessThan(0.012);

  await press(page, 'As taken');
  await page.waitForFunction(() => !document.body.innerText.includes('Seen reframed'));
  await press(page, 'Undo');
  await until(() => pageText(page), /Seen reframed: /);
  await press(page, 'Undo');
  await page.waitForFunction(() => !document.body.innerText.includes('Seen reframed'));

  // Another Velmo that opens the DNG shows what was chosen, and gives all of it back.
  await page.goto(`${app.url}/frames`);
  const input = (await page.waitForSelector(
    '[data-testid=open-files]',
  )) as ElementHandle<HTMLInputElement>;
  await input.uploadFile(dng);
  await until(() => pageText(page), /1 file opened\./);
  await press(page, 'Put away');
  await cellsAre(page, 2);
  await tap(page, '[data-cell][aria-label*="opened file"]');
  const opened = await until(() => pageText(page), /Seen reframed: \d+ × \d+ photosites/);
  const [, w, h] = /Seen reframed: (\d+) × (\d+) photosites/.exec(opened)!.map(Number);
  expect(w * h).toBeGreaterThanOrEqual(width * height);
  expect(w / h).toBeGreaterThan(1.3);
  await press(page, 'As taken');
  await page.waitForFunction(() => !document.body.innerText.includes('Seen reframed'));
});

test('a line is drawn to level by; leaving keeps what was done, Cancel does not', async () => {
  const page = await frameOf('/?scene=test-wall&mp=3&time=1/60&iso=100&files=dng&upright=no');
  await page.setViewport(WIDE);
  await openTool(page);
  await press(page, 'Level by a line');
  await until(() => pageText(page), /Draw a line along/);
  const { across, down } = await dataOf<{ across: number; down: number }>(page, 'laid');
  // Down to the right by 3 degrees.
  await drag(page, [0.2, 0.4], [0.7, 0.4 + (0.5 * across * Math.tan((3 * Math.PI) / 180)) / down]);
  await until(() => valueText(page, 'Tilt'), /^(2\.9|3|3\.1) degrees anticlockwise/);
  await page.keyboard.press('Escape');
  await page.waitForSelector(PICTURE);
  expect(await pageText(page)).not.toContain('Seen reframed');

  await openTool(page);
  await page.keyboard.press('.');
  await page.focus(BOX);
  for (let n = 0; n < 5; n++) {
    await page.keyboard.down('Shift');
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.up('Shift');
  }
  await page.keyboard.press('ArrowRight');
  const { crop } = await dataOf<Reframed>(page, 'reframe');
  expect(crop.width).toBeCloseTo(0.95, 5);
  expect(crop.x).toBeCloseTo(0.01, 5);
  // Back, without a word: what was done stays.
  await page.goBack();
  await fieldReady(page);
  await tap(page, LAST_FRAME);
  await until(() => pageText(page), /Seen reframed: [^.]*turned right/);
  // A raw alone is developed, so that what is seen can be had as a picture.
  const files = await downloads(page);
  await press(page, 'Save JPEG');
  const path = await files.next('.jpg');
  const words = await pageText(page);
  const [, width, height] = /Seen reframed: (\d+) × (\d+) photosites/.exec(words)!.map(Number);
  expect(sizeOf(path)).toEqual([width, height]);
  const [tags] = JSON.parse(
    execFileSync('exiftool', [
      '-json',
      '-n',
      '-ExposureTime',
      '-ISO',
      '-Orientation',
      path,
    ]).toString(),
  ) as [object];
  expect(tags).toMatchObject({ ExposureTime: 1 / 64, ISO: 100, Orientation: 1 });

  // Its small picture is seen the same way, wherever it stands.
  await press(page, 'All frames');
  await page.waitForFunction(() =>
    [...document.querySelectorAll('img')].some((image) =>
      /rotate\(90deg\)/.test(image.parentElement!.style.transform + image.style.transform),
    ),
  );
});

test.each([
  ['png', 'PNG', '.png'],
  ['tiff', 'TIFF', '.tif'],
])(
  'a picture of 16 bits keeps them all where it is not straightened: %s',
  async (kind, label, ending) => {
    const page = await frameOf(`/?scene=test-wall&mp=3&crop=2&time=1/60&iso=100&files=${kind}`);
    const files = await downloads(page);
    await openTool(page);
    await press(page, '1:1');
    await press(page, 'Turn right');
    const { crop } = await dataOf<Reframed>(page, 'reframe');
    await press(page, 'Done');
    await until(() => pageText(page), /Seen reframed: /);
    await press(page, `Save ${label}`);
    const part = await files.next(ending);
    await press(page, 'untouched');
    await page.waitForFunction((l) => document.body.innerText.includes(`Save ${l} · `), {}, label);
    const button = new RegExp(`Save ${label} · [^\\n]*`).exec(await pageText(page))![0];
    await press(page, button);
    const whole = await files.next(ending);
    const [w, h] = sizeOf(whole).reverse();
    const box = [crop.width * w, crop.height * h, crop.x * w, crop.y * h].map(Math.round);
    const judged = `${whole}-judged.png`;
    const cut = `${box[0]}x${box[1]}+${box[2]}+${box[3]}`;
    execFileSync('convert', [whole, '-rotate', '90', '+repage', '-crop', cut, '+repage', judged]);
    expect(sizeOf(part)).toEqual(sizeOf(judged));
    expect(apart(part, judged)).toBe(0);
    const bits = execFileSync('identify', ['-format', '%z', part]).toString();
    expect(bits).toBe('16');
  },
);
