import type { Browser, Page } from 'puppeteer-core';
import { launch, openField, PHONE, serve, type Served } from './browser';

/** The built app, served while the tests of a file run. */
export function servedApp(): { readonly url: string } {
  let app: Served;
  beforeAll(async () => {
    app = await serve();
  });
  afterAll(() => app?.stop());
  return {
    get url() {
      return app.url;
    },
  };
}

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
