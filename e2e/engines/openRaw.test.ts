import { TAG } from '@velmo/core/files';
import { foreign, numbers, ramp, withoutDng } from '../../core/test/support/foreignTiff';
import { serve, serverGone, until } from '../support/browser';
import { withTab } from './engineSuite';
import { present, tapOn, untilWords } from './hands';
import { ENGINES, inPage, type Tab } from './tab';

jest.setTimeout(180_000);

const SIZE = { width: 96, height: 64 };
/** A raw of a maker's own kind: what LibRaw is loaded for. */
const RAW = Buffer.from(
  withoutDng(foreign(SIZE, ramp(SIZE), [numbers(TAG.WhiteLevel, [65535])])),
).toString('base64');

const drop = (tab: Tab, name: string): Promise<boolean> =>
  inPage(
    tab,
    (text, called) => {
      const bytes = Uint8Array.from(atob(text), (c) => c.charCodeAt(0));
      const data = new DataTransfer();
      data.items.add(new File([bytes], called));
      return document.body.dispatchEvent(
        new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }),
      );
    },
    RAW,
    name,
  );

test.each(ENGINES)(
  'in %s a raw of another maker is opened, and another one with the server gone',
  (engine) =>
    withTab(engine, 'allowed', async (tab) => {
      const app = await serve();
      try {
        await tab.goto(`${app.url}/frames`);
        await untilWords(tab, /No frame yet/, 60_000);
        await until(
          () => inPage(tab, () => String(Boolean(navigator.serviceWorker.controller))),
          /true/,
          60_000,
        );
        await drop(tab, 'PAN_1.PAN');
        await untilWords(tab, /1 file opened\./, 60_000);
        await until(() => inPage(tab, async () => (await caches.keys()).join()), /libraw/, 60_000);
        app.stop();
        await serverGone(app.url);
        await drop(tab, 'PAN_2.PAN');
        await present(tab, '[data-cell="1"]', 60_000);
        await tapOn(tab, '[data-cell="1"]');
        await untilWords(tab, /96 × 64, raw mosaic/, 60_000);
      } finally {
        app.stop();
      }
    }),
);

test.each(ENGINES)(
  'in %s a raw that LibRaw could not be loaded for is no picture of another kind: that is said',
  (engine) =>
    withTab(engine, 'allowed', async (tab) => {
      const app = await serve();
      try {
        await tab.goto(`${app.url}/frames`);
        await untilWords(tab, /No frame yet/, 60_000);
        await until(
          () => inPage(tab, () => String(Boolean(navigator.serviceWorker.controller))),
          /true/,
          60_000,
        );
        app.stop();
        await serverGone(app.url);
        await drop(tab, 'PAN_1.PAN');
        await untilWords(
          tab,
          /PAN_1\.PAN\s+The part of Velmo that reads raw files .* could not be loaded/,
          60_000,
        );
        expect(await inPage(tab, () => document.querySelectorAll('[data-cell]').length)).toBe(0);
      } finally {
        app.stop();
      }
    }),
);
