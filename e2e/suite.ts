import type { Browser, Page } from 'puppeteer-core';
import { launch, openField, PHONE } from './browser';

/** The built app, as it is served to all suites. One that stops its server has a server of its own. */
export const servedApp = (): { readonly url: string } => ({
  get url() {
    return process.env.VELMO_SERVED!;
  },
});

/** The app and a browser: one for all tests of a file, or for each a new one that remembers nothing. */
export function fieldSuite(browsers: 'shared' | 'each' = 'shared') {
  const app = servedApp();
  let browser: Browser;
  const [before, after] = browsers === 'shared' ? [beforeAll, afterAll] : [beforeEach, afterEach];
  before(async () => {
    browser = await launch();
  });
  after(() => browser?.close());
  return {
    app,
    browser: (): Browser => browser,
    /** Field as a plain link opens it, with its first readings there. */
    field: (query = '', viewport = PHONE): Promise<Page> =>
      openField(browser, app.url, query, viewport),
  };
}
