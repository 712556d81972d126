import type { Browser, BrowserContext, Page } from 'puppeteer-core';
import { launch, openField, PHONE } from './browser';

/**
 * The built app, as it is served to all suites. One that stops its server has a server of its own.
 */
export const servedApp = (): { readonly url: string } => ({
  get url() {
    return process.env.VELMO_SERVED!;
  },
});

/**
 * The app and a browser for all tests of a file. What it remembers is shared by them, or each has a
 * context of its own, in which nothing is left of the one before.
 */
export function fieldSuite(memory: 'shared' | 'each' = 'shared') {
  const app = servedApp();
  let browser: Browser;
  let context: BrowserContext;
  beforeAll(async () => {
    browser = await launch();
    context = browser.defaultBrowserContext();
  });
  if (memory === 'each') {
    beforeEach(async () => {
      context = await browser.createBrowserContext();
    });
    afterEach(() => context.close());
  }
  afterAll(() => browser?.close());
  return {
    app,
    browser: (): Browser => browser,
    pages: (): BrowserContext => context,
    /** Field as a plain link opens it, with its first readings there. */
    field: (query = '', viewport = PHONE): Promise<Page> =>
      openField(context, app.url, query, viewport),
  };
}
