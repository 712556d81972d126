import type { Page } from 'puppeteer-core';
import { fieldReady, pageText, plainLink, press, slider, tap, until } from './browser';
import { cell, cellsAre, expose } from './cells';

const SMALL = 'scene=test-wall&mp=3&crop=2&time=1/60&iso=100&support=tripod&files=dng';
const STACK = '[role=link][aria-label^="Series of"]';

/** Sheets of Field by their keys. */
const SHEETS = ['k', 'm', 'f', 's', 't', 'r', 'w', 'j', 'v'] as const;

/**
 * Goes through every screen of Velmo that has nothing in it yet, with frames of its own, and looks
 * at each.
 *
 * @param page on Field
 * @param look is given the name of what is in front
 */
export async function everyScreen(
  page: Page,
  url: string,
  look: (name: string) => Promise<void>,
): Promise<void> {
  await page.goto(url + plainLink(SMALL));
  await fieldReady(page);
  await look('Field');
  for (const key of SHEETS) {
    await page.keyboard.press(key);
    await page.waitForSelector('[role=region] [role=heading]');
    await look(`sheet ${key}`);
    await page.keyboard.press('Escape');
  }
  await expose(page, 1);
  await page.focus(slider('Time'));
  await page.keyboard.press('ArrowRight');
  await expose(page, 2);
  await page.goto(url + plainLink(`${SMALL}&series=burst:3`));
  await fieldReady(page);
  await expose(page, 5);
  await page.waitForSelector(STACK);
  await tap(page, STACK);
  await until(() => pageText(page), /1 of 3[^]*Clipped/, 30_000);
  await look('frame of a series');
  await press(page, 'Reframe ...');
  await page.waitForSelector('[data-testid=reframe-picture][data-shown]');
  await look('Reframe');
  await press(page, 'Cancel');
  await press(page, 'Develop ...');
  await page.waitForSelector('[data-testid=develop-picture][data-shown]');
  await look('Develop');
  await press(page, 'Cancel');
  await press(page, 'Best of 3 ...');
  await until(() => pageText(page), /next/);
  await look('Best');
  await page.goBack();
  await press(page, 'Combine 3 ...');
  await page.waitForSelector('[aria-label="The frames combined, small"]');
  await look('Combine');
  await page.goto(`${url}/frames`);
  await cellsAre(page, 3);
  await look('roll');
  await press(page, 'Deliver ...');
  await until(() => pageText(page), /5 frames in 5 files/);
  await look('Deliver');
  await page.goBack();
  await cellsAre(page, 3);
  await press(page, 'Choose');
  for (const place of [1, 2]) await tap(page, cell(place));
  await press(page, 'Compare');
  await until(() => pageText(page), /Largest difference/);
  await look('Compare');
}
