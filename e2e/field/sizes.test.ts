import type { Page } from 'puppeteer-core';
import { EXPOSE, refined, slider, tap, until, valueText } from '../support/browser';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);
const { field } = fieldSuite('each');

/** Sizes Field is laid out for: small and usual phones, both on their side, tablet, computer. */
const SIZES = [
  [360, 640],
  [390, 844],
  [844, 390],
  [640, 360],
  [820, 1180],
  [1280, 800],
] as const;

interface Box {
  readonly x: number;
  readonly y: number;
  readonly right: number;
  readonly bottom: number;
}

/**
 * Labels that show on the tapes and what they must keep clear of. As source: a compiler's helpers
 * are not in the page.
 */
const LABELS = `(() => {
  const boxOf = (e) => {
    const { x, y, right, bottom } = e.getBoundingClientRect();
    return { x, y, right, bottom };
  };
  return [...document.querySelectorAll('[data-testid^=tape-]')].map((tape) => {
    const ruler = [...tape.querySelectorAll('[data-from]')][0]?.parentElement?.parentElement;
    const room = ruler?.parentElement;
    const cap = tape.querySelector(':scope > [role=button]');
    return {
      name: tape.dataset.testid,
      labels: [...tape.querySelectorAll('[data-from]')]
        .filter((e) => getComputedStyle(e).opacity === '1')
        .map((e) => ({ text: e.textContent, ...boxOf(e) })),
      room: room && boxOf(room),
      cap: cap && boxOf(cap),
    };
  });
})()`;

interface Tape {
  readonly name: string;
  readonly labels: readonly (Box & { readonly text: string })[];
  readonly room: Box | undefined;
  readonly cap: Box | null;
}

/** A frame of the page has been drawn: what stands on it now is what is seen. */
const drawn = (page: Page): Promise<unknown> =>
  page.evaluate(() => new Promise((seen) => requestAnimationFrame(() => setTimeout(seen))));

/** What is wrong with the labels on the tapes as they are seen. */
async function misplaced(page: Page): Promise<string[]> {
  await drawn(page);
  const tapes = (await page.evaluate(LABELS)) as Tape[];
  return tapes.flatMap(({ name, labels, room, cap }) =>
    labels.flatMap((label) => {
      if (!room) return [];
      const index = (room.x + room.right) / 2;
      const faults = [
        label.x < room.x - 0.5 || label.right > room.right + 0.5 ? 'cut' : '',
        label.x < index + 1 && label.right > index - 1 ? 'under the index' : '',
        cap && label.x < cap.right && label.right > cap.x ? 'under the cap' : '',
        labels.some((other) => other !== label && other.x < label.right && label.x < other.right)
          ? 'over another'
          : '',
      ].filter(Boolean);
      return faults.map((fault) => `${name} "${label.text}" ${fault}`);
    }),
  );
}

const shown = async (page: Page): Promise<number> =>
  ((await page.evaluate(LABELS)) as Tape[]).reduce((sum, { labels }) => sum + labels.length, 0);

test.each([
  ['right', 'usual'],
  ['left', 'larger'],
])(
  'at every size, for the %s hand in %s type: labels whole and clear, nothing scrolls, no notice over a tape',
  async (hand, type) => {
    const page = await field('scene=sluice-at-dusk&mp=3&time=1/60&iso=200&white=5000');
    await page.keyboard.press('r');
    await tap(page, `[aria-label="Hand: ${hand}"]`);
    await tap(page, `[aria-label="Type: ${type}"]`);
    await page.keyboard.press('Escape');
    for (const [width, height] of SIZES) {
      await page.setViewport({ width, height, deviceScaleFactor: 1 });
      await refined(page);
      await until(
        () =>
          page.$eval(
            EXPOSE,
            (e) =>
              `${e.getBoundingClientRect().bottom <= innerHeight} ${document.scrollingElement!.scrollHeight <= innerHeight}`,
          ),
        /true true/,
      );
      for (const [tape, keys] of [
        ['Time', 6],
        ['ISO', 4],
        ['White', 5],
      ] as const) {
        await page.focus(slider(tape));
        for (let n = 0; n < keys; n++) {
          const before = await valueText(page, tape);
          await page.keyboard.press('ArrowRight');
          await until(async () => {
            const after = await valueText(page, tape);
            const focused = await page.evaluate(() =>
              document.activeElement?.getAttribute('aria-label'),
            );
            return `${after !== before} ${width} ${tape} ${n} before ${before} after ${after}, focus ${focused}`;
          }, /^true/);
          expect([width, height, await misplaced(page)]).toEqual([width, height, []]);
        }
        for (let n = 0; n < keys; n++) await page.keyboard.press('ArrowLeft');
      }
      expect(await shown(page)).toBeGreaterThan(2);
      // What is answered stands in the verdict's place.
      await page.keyboard.press('u');
      const alert = await page.waitForSelector('[role=alert]');
      const [bottom, tapes] = await Promise.all([
        alert!.evaluate((e) => e.getBoundingClientRect().bottom),
        page.$eval('[data-testid=tape-Time]', (e) => e.getBoundingClientRect().y),
      ]);
      expect(bottom).toBeLessThanOrEqual(tapes + 1);
      await page.focus(slider('Time'));
      await page.keyboard.press('Escape');
    }
  },
);

test('a phone that is turned keeps its picture, and the keys stay on their tape', async () => {
  const page = await field('scene=test-wall&mp=3&time=1/60&iso=100');
  await page.focus(slider('ISO'));
  await page.$eval('[data-testid=window] canvas', (e) => e.setAttribute('data-kept', 'yes'));
  for (const [width, height] of [...SIZES, SIZES[1]]) {
    await page.setViewport({ width, height, deviceScaleFactor: 1 });
    await until(
      () => page.$eval(EXPOSE, (e) => String(e.getBoundingClientRect().right <= innerWidth)),
      /true/,
    );
    await refined(page);
    const before = await valueText(page, 'ISO');
    await page.keyboard.press('ArrowRight');
    await until(async () => String((await valueText(page, 'ISO')) !== before), /true/);
  }
  expect(await page.$$('[data-testid=window] canvas[data-kept]')).toHaveLength(1);
});

test('the strip of a wide screen shows frames as large as it is high', async () => {
  const page = await field('scene=test-wall&mp=3&time=1/60&iso=100', { width: 1280, height: 800 });
  await tap(page, EXPOSE);
  await page.waitForSelector('[role=link][aria-label^="Frame"]', { timeout: 60_000 });
  const window = await page.$eval('[data-testid=window]', (e) => e.getBoundingClientRect().bottom);
  const sizes = await page.$$eval('[role=link][aria-label^="Frame"]', (all) =>
    all.map((e) => e.getBoundingClientRect().height),
  );
  expect(Math.max(...sizes)).toBeGreaterThan(0.7 * (800 - window));
});
