import type { Page } from 'puppeteer-core';
import { EXPOSE, tap, until } from './browser';
import { framesStored } from './stored';

/** Exposes the n-th frame. */
export async function expose(page: Page, n: number): Promise<void> {
  await tap(page, EXPOSE);
  await framesStored(page, n);
}

/** A place of a contact sheet. */
export const CELL = '[data-cell]';
export const cell = (index: number): string => `[data-cell="${index}"]`;
export const cells = (page: Page): Promise<number> => page.$$eval(CELL, (all) => all.length);
export const cellsAre = (page: Page, count: number): Promise<string> =>
  until(async () => String(await cells(page)), new RegExp(`^${count}$`));
