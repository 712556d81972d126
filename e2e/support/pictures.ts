import type { Page } from 'puppeteer-core';
import { PNG } from 'pngjs';
import { until } from './browser';

/**
 * An element as it stands on the screen. Chromium would take what lies beyond it too, and resizes
 * the page for that: what is held on it is let go.
 */
export async function picture(page: Page, selector: string): Promise<PNG> {
  const element = await page.waitForSelector(selector);
  const taken = await element!.screenshot({ captureBeyondViewport: false });
  return PNG.sync.read(Buffer.from(taken));
}

/** How much the green of a picture varies: standard deviation. One that shows nothing has none. */
export function contrastOf({ data, width, height }: PNG): number {
  const n = width * height;
  let [sum, squares] = [0, 0];
  for (let i = 1; i < data.length; i += 4) {
    sum += data[i];
    squares += data[i] ** 2;
  }
  return Math.sqrt(Math.max(0, squares / n - (sum / n) ** 2));
}

/** Mean difference in green between two pictures, over a box given in shares of their sides. */
export function greenDifference(
  a: PNG,
  b: PNG,
  box: { x0: number; x1: number; y0: number; y1: number },
): number {
  let sum = 0;
  let n = 0;
  for (let y = Math.floor(box.y0 * a.height); y < box.y1 * a.height; y++)
    for (let x = Math.floor(box.x0 * a.width); x < box.x1 * a.width; x++, n++) {
      const i = 4 * (y * a.width + x) + 1;
      sum += Math.abs(a.data[i] - b.data[i]);
    }
  return sum / n;
}

/** How much detail the green of a box of an element shows: mean step between neighbours across. */
export async function detailIn(
  page: Page,
  selector: string,
  box: { x0: number; x1: number; y0: number; y1: number },
): Promise<number> {
  const png = await picture(page, selector);
  let sum = 0;
  let n = 0;
  for (let y = Math.floor(box.y0 * png.height); y < box.y1 * png.height; y++)
    for (let x = Math.floor(box.x0 * png.width); x < box.x1 * png.width - 1; x++, n++) {
      const i = 4 * (y * png.width + x) + 1;
      sum += Math.abs(png.data[i] - png.data[i + 4]);
    }
  return sum / n;
}

/** Mean green of the middle of an element, as it stands on the screen. */
export async function middleGreen(page: Page, selector: string): Promise<number> {
  const png = await picture(page, selector);
  let sum = 0;
  let n = 0;
  for (let y = Math.floor(png.height * 0.4); y < png.height * 0.6; y++)
    for (let x = Math.floor(png.width * 0.3); x < png.width * 0.6; x++, n++)
      sum += png.data[4 * (y * png.width + x) + 1];
  return sum / n;
}

/** Waits until the middle of the Window is as green as a predicate wants it. */
export const untilGreen = (page: Page, holds: (green: number) => boolean): Promise<string> =>
  until(async () => String(holds(await middleGreen(page, '[data-testid=window]'))), /true/);
