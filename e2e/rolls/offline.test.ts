import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import { createServer } from '../../server/src/createServer';
import {
  EXPOSE,
  fieldReady,
  launch,
  openLastFrame,
  openPage,
  pageText,
  PHONE,
  plainLink,
  serve,
  serverGone,
  SMALL_DNG,
  tap,
  until,
} from '../support/browser';
import { astray, framesStored } from '../support/stored';

jest.setTimeout(180_000);

/** Within this a browser keeps the page, or a newer one, under load. */
const KEEPING_MS = 60_000;

/** Resolves once the browser keeps the page and answers for its server. */
const kept = (page: Page): Promise<string> =>
  until(
    () =>
      page.evaluate(async () => {
        const cached = await caches.keys();
        return `${navigator.serviceWorker.controller ? 'controlled' : 'not yet'}, ${cached.length}`;
      }),
    /^controlled, [1-9]/,
    KEEPING_MS,
  );

test('with the server gone Field starts, meters, exposes, stores and shows a frame', async () => {
  const app = await serve();
  const browser = await launch();
  try {
    const { page, errors } = await openPage(browser, app.url + SMALL_DNG, PHONE, 'kept');
    await fieldReady(page);
    await kept(page);
    app.stop();
    await serverGone(app.url);
    await page.reload();
    await fieldReady(page);
    expect(await page.evaluate(() => crossOriginIsolated)).toBe(true);
    await tap(page, EXPOSE);
    await framesStored(page, 1);
    await openLastFrame(page);
    await until(() => pageText(page), /Clipped/);
    // The frame's own address, and another place, are opened as well.
    await page.reload();
    await until(() => pageText(page), /Clipped/);
    await page.goto(app.url + plainLink('scene=harbour-light&mp=3'));
    await fieldReady(page);
    await until(() => pageText(page), /Harbour light/);
    await tap(page, '[aria-label^="Rig"]');
    await until(() => pageText(page), /Velmo is kept on this device: it opens without a network/);
    expect(await astray(page)).toEqual({ litter: [], missing: [] });
    expect(errors).toEqual([]);
  } finally {
    await browser.close();
    app.stop();
  }
});

test('an update waits until no page of Velmo is open, and is told', async () => {
  const root = mkdtempSync(join(tmpdir(), 'velmo-dist-'));
  cpSync(join(__dirname, '../../app/dist'), root, { recursive: true });
  const server = await createServer(root);
  const url = await server.listen({ port: 0, host: '127.0.0.1' });
  const browser = await launch();
  const version = (page: Page): Promise<string> =>
    page.$eval('meta[name=description]', (e) => e.getAttribute('content') ?? '');
  const rewrite = (name: string, change: (text: string) => string): void => {
    writeFileSync(join(root, name), change(readFileSync(join(root, name), 'utf8')));
    for (const ending of ['br', 'gz']) rmSync(join(root, `${name}.${ending}`));
  };
  try {
    const { page } = await openPage(browser, url + SMALL_DNG, PHONE, 'kept');
    await fieldReady(page);
    await kept(page);
    const before = await version(page);
    rewrite('index.html', (html) => html.replace(before, 'The next Velmo.'));
    rewrite('sw.js', (code) => code.replace(/(url:"index\.html",revision:")\w+/, '$1next'));
    await page.reload();
    await fieldReady(page);
    // Kept when the page has nothing better to do, as the first one was.
    await until(
      () => pageText(page),
      /A newer Velmo is here\. It takes over once every page/,
      KEEPING_MS,
    );
    expect(await version(page)).toBe(before);
    const other = await browser.newPage();
    await page.close();
    await until(async () => {
      const { page: next } = await openPage(browser, url + SMALL_DNG, PHONE, 'kept');
      const now = await version(next);
      await next.close();
      return now;
    }, /The next Velmo/);
    await other.close();
  } finally {
    await browser.close();
    await server.close();
  }
});

test('a whole capture needs no more than the policy allows: no text is made code, nothing comes from elsewhere', async () => {
  const app = await serve();
  const browser = await launch();
  try {
    const { page } = await openPage(browser, 'about:blank', PHONE, 'kept');
    await page.evaluateOnNewDocument(() => {
      const blocked: string[] = [];
      Object.assign(window, { blocked });
      addEventListener('securitypolicyviolation', (e) =>
        blocked.push(`${e.effectiveDirective} ${e.blockedURI} ${e.sample}`),
      );
    });
    const reply = await page.goto(app.url + SMALL_DNG);
    const policy = new Map(
      reply!
        .headers()
        ['content-security-policy'].split('; ')
        .map((part) => {
          const [name, ...sources] = part.split(' ');
          return [name, sources] as const;
        }),
    );
    expect(policy.get('script-src')).toEqual(["'self'", "'wasm-unsafe-eval'"]);
    expect(policy.get('worker-src')).toEqual(["'self'"]);
    expect(policy.get('style-src')!.join(' ')).toMatch(/^'self'( 'sha256-[A-Za-z0-9+/=]+')+$/);
    await fieldReady(page);
    await tap(page, EXPOSE);
    await framesStored(page, 1);
    await openLastFrame(page);
    await until(() => pageText(page), /Clipped/);
    await kept(page);
    // Its typeface is there, and is its own.
    expect(
      await page.evaluate(() => document.fonts.check('16px BarlowSemiCondensed_500Medium')),
    ).toBe(true);
    expect(await page.evaluate(() => (window as unknown as { blocked: string[] }).blocked)).toEqual(
      [],
    );
    // What is not allowed does not happen.
    await page.evaluate(() => {
      const script = document.createElement('script');
      script.textContent = 'window.blocked = null';
      document.head.append(script);
    });
    await until(
      () => page.evaluate(() => String((window as unknown as { blocked: string[] }).blocked)),
      /^script-src-elem inline/,
    );
  } finally {
    await browser.close();
    app.stop();
  }
});
