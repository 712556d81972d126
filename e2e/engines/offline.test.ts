import { EXPOSE, LAST_FRAME, serve, serverGone, until } from '../support/browser';
import { withTab } from './engineSuite';
import { openFieldIn, present, tapOn, untilWords } from './hands';
import { inPage } from './tab';

jest.setTimeout(180_000);

test.each(['firefox', 'webkit'] as const)(
  'in %s the page opens with the server gone, and takes, keeps and opens a frame',
  (engine) =>
    withTab(engine, 'allowed', async (tab) => {
      const app = await serve();
      try {
        const query = 'scene=test-wall&mp=3&time=1/125&iso=100&support=tripod';
        await openFieldIn(tab, app.url, query);
        await until(
          () =>
            inPage(tab, async () => {
              const cached = await caches.keys();
              const { controller } = navigator.serviceWorker;
              return `${controller ? 'controlled' : 'not yet'}, ${cached.length}`;
            }),
          /^controlled, [1-9]/,
          60_000,
        );
        app.stop();
        await serverGone(app.url);
        await openFieldIn(tab, app.url, query);
        expect(await inPage(tab, () => crossOriginIsolated)).toBe(true);
        await tapOn(tab, EXPOSE);
        await present(tab, LAST_FRAME, 60_000);
        await tapOn(tab, LAST_FRAME);
        await untilWords(tab, /Clipped/, 60_000);
      } finally {
        app.stop();
      }
    }),
);
