import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import {
  axeViolations,
  downloads,
  EXPOSE,
  openLastFrame,
  pageText,
  press,
  refined,
  slider,
  tap,
  until,
  valueText,
  verdict,
  WIDE,
} from '../support/browser';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);
const { field } = fieldSuite('each');

const slip = (name: string): string => `[aria-label="Kit: ${name}"]`;
const notice = (page: Page): Promise<string> =>
  page.$$eval('[role=alert]', (all) => all.map((e) => e.textContent).join(' '));

/** Opens the drawer and takes a slip from it; resolves with what is said then. */
async function apply(page: Page, name: string): Promise<string> {
  if (!(await page.$(slip(name)))) await page.keyboard.press('t');
  await tap(page, slip(name));
  return until(() => notice(page), /Take back/, 20_000);
}

/** Names of the slips in the drawer, in their order. */
const slips = (page: Page): Promise<string[]> =>
  page.$$eval('[aria-label^="Kit: "]', (all) =>
    all.map((e) => e.getAttribute('aria-label')!.slice(5)),
  );

describe('every starting point, in the place it is meant for', () => {
  test.each([
    ['Snow and salt', 'pans-at-noon', { ISO: /^ISO 100, set/ }, 'ISO 100'],
    [
      'Interior with a window',
      'drying-shed',
      { Focus: /^2\.2 m, set/, White: /, set/ },
      'bracket 2, 2 2/3 stops apart instead of bracket 5',
    ],
    ['Table-top', 'packing-bench', { White: /^2[89]\d0 K, set/, ISO: /^ISO 100, set/ }, 'focus 6'],
    ['Flowing water', 'sluice-at-dusk', { Time: /^1(\.\d)? s, set/ }, 'instead of no filter'],
    [
      'Moving subject, frozen',
      'sluice-at-dusk',
      { Time: /^1\/400 s, set/ },
      'Time 1/400 s instead of 1/1000 s',
    ],
    [
      'Lamp at night',
      'harbour-light',
      { ISO: /^ISO 100, set/, Focus: /^infinity, set/ },
      'instead of 1/125 s',
    ],
    ['Stars', 'stars-over-the-pans', { Time: /^(15|20) s, set/ }, 'tripod'],
    ['Copy of a page', 'test-wall', { White: /, set/ }, '78 mm'],
  ] as const)('%s', async (name, place, tapes, said) => {
    const page = await field(`scene=${place}&mp=3&time=auto&iso=auto&white=auto`);
    await refined(page);
    const before = await Promise.all(
      ['Time', 'ISO', 'Focus', 'White'].map((tape) => valueText(page, tape)),
    );
    expect(await apply(page, name)).toContain(said);
    await until(() => verdict(page), /^All in range\./);
    for (const [tape, pattern] of Object.entries(tapes))
      await until(() => valueText(page, tape), pattern);
    if (name === 'Lamp at night') {
      // The lamp's glass keeps its structure: nothing of it is lost in the raw.
      await tap(page, EXPOSE);
      await openLastFrame(page);
      await until(() => pageText(page), /red 0 %, green 0 %, blue 0 %/, 30_000);
      return;
    }
    await press(page, 'Take back');
    await until(() => notice(page), /is taken back/);
    for (const [i, tape] of ['Time', 'ISO', 'Focus', 'White'].entries())
      if (before[i].includes('auto')) await until(() => valueText(page, tape), /auto/);
  });
});

/** Types a name where one is asked for. */
async function typeName(page: Page, name: string): Promise<void> {
  const input = await page.waitForSelector('[aria-label="Kit’s name"]');
  await input!.click({ count: 3 });
  await page.keyboard.type(name);
}

async function saveKit(page: Page, name: string): Promise<void> {
  await press(page, 'Save what is set ...');
  await typeName(page, name);
  await press(page, 'Save');
  await page.waitForSelector(slip(name));
}

async function offer(page: Page, path: string): Promise<void> {
  const input = (await page.waitForSelector(
    '[data-testid=open-kits]',
  )) as ElementHandle<HTMLInputElement>;
  await input.uploadFile(path);
}

test('a kit is saved, applied, taken back, changed, ordered, deleted, saved as a file and read again', async () => {
  const page = await field('scene=test-wall&mp=3&time=1/60&iso=auto&white=auto');
  await page.keyboard.press('t');
  await saveKit(page, 'Salt heaps');
  expect(await axeViolations(page)).toEqual([]);
  await press(page, 'Close');
  await press(page, 'all auto');
  await until(() => valueText(page, 'Time'), /auto/);
  expect(await apply(page, 'Salt heaps')).toContain('Time 1/60 s');
  // The drawer has made room for the tapes.
  expect(await page.$(slip('Salt heaps'))).toBeNull();
  await until(() => valueText(page, 'Time'), /1\/60 s, set/);
  await press(page, 'Take back');
  await until(() => valueText(page, 'Time'), /auto/);

  // A kit of this camera's own light, after one click more; both are there after a reload.
  await page.focus(slider('ISO'));
  await page.keyboard.press('ArrowLeft');
  await until(() => valueText(page, 'ISO'), /, set/);
  await page.keyboard.press('t');
  await saveKit(page, 'Jars');
  await page.reload();
  await page.waitForSelector(slider('Ladder'));
  await page.keyboard.press('t');
  await page.waitForSelector(slip('Jars'));
  expect((await slips(page)).slice(0, 3)).toEqual(['Jars', 'Salt heaps', 'Snow and salt']);

  await tap(page, '[aria-label="Edit Jars"]');
  await tap(page, '[aria-label="Down: move Jars down"]');
  await until(async () => (await slips(page)).join(), /^Salt heaps,Jars,/);
  await typeName(page, 'Jars by lamp');
  await press(page, 'Rename');
  await page.waitForSelector(slip('Jars by lamp'));
  await press(page, 'Save file');
  expect(await axeViolations(page)).toEqual([]);
  await press(page, 'Delete ...');
  await press(page, 'Delete it');
  await until(async () => (await slips(page)).join(), /^Salt heaps,Snow/);

  // Out as a file, and in again, without the one that is there already.
  const saved = await downloads(page);
  await press(page, 'Save all as a file');
  const path = await saved.next('.json');
  const file = JSON.parse(readFileSync(path, 'utf8')) as {
    velmo: string;
    kits: { name: string }[];
  };
  expect(file).toMatchObject({ velmo: 'kits', version: 1 });
  expect(file.kits.map(({ name }) => name)).toEqual(['Salt heaps']);
  const folder = mkdtempSync(join(tmpdir(), 'velmo-kits-'));
  const other = { ...file.kits[0], name: 'From a friend' };
  const newer = { ...file.kits[0], name: 'Of tomorrow', version: 2 };
  writeFileSync(
    join(folder, 'shared.json'),
    JSON.stringify({ ...file, kits: [file.kits[0], other, newer] }),
  );
  await offer(page, join(folder, 'shared.json'));
  await until(
    () => pageText(page),
    /2 kits read from shared\.json\. Left out: Of tomorrow was made by a newer Velmo\./,
  );
  await until(async () => (await slips(page)).join(), /^Salt heaps,From a friend,Snow/);
  writeFileSync(join(folder, 'other.json'), '{"presets": [{"exposure": 1}]}');
  await offer(page, join(folder, 'other.json'));
  await until(() => pageText(page), /other\.json holds no kits of Velmo: nothing was taken/);
});

test('on a wide screen the drawer stays beside the tapes, and says the whole of what was done', async () => {
  const page = await field('scene=harbour-light&mp=3&time=auto&iso=auto&white=auto', WIDE);
  await apply(page, 'Lamp at night');
  const words = await page.$eval('[data-testid=applied-kit]', (e) => e.textContent);
  expect(words).toMatch(/^Lamp at night: here Time 1\/\d+ s instead of 1\/125 s; ISO 100, /);
  expect(words).toMatch(/78 mm, tripod, Delay 2 s\.$/);
  expect(await axeViolations(page)).toEqual([]);
});
