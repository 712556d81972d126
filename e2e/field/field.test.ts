import {
  axeViolations,
  doubleTap,
  dragHeld,
  fieldReady,
  openPage,
  pause,
  plainLink,
  press,
  slider,
  until,
  valueText,
  verdict,
  WIDE,
} from '../support/browser';
import { middleGreen, untilGreen } from '../support/pictures';
import { fieldSuite } from '../support/suite';

jest.setTimeout(90_000);
const { app, pages, field } = fieldSuite();

describe('Field', () => {
  test('opens on the simulated camera, says so, and shows a live picture without an error', async () => {
    const { page, errors } = await openPage(pages(), app.url);
    await fieldReady(page);
    expect(await page.$eval('[data-testid=window]', (e) => e.getAttribute('aria-label'))).toContain(
      'Simulated',
    );
    await untilGreen(page, (green) => green > 30);
    expect(await valueText(page, 'Time')).toMatch(/^1\/\d+ s, auto$/);
    expect(await valueText(page, 'ISO')).toBe('ISO 100, auto');
    expect(errors).toEqual([]);
    await page.close();
  });

  test('a link opens Field as it says: the Test wall at 1/125 and ISO 100 is right', async () => {
    const page = await field('device=simulated&scene=test-wall&lens=main&time=1/125&iso=100');
    expect(await valueText(page, 'Time')).toBe('1/125 s, set');
    expect(await valueText(page, 'ISO')).toBe('ISO 100, set');
    expect(await verdict(page)).toBe('All in range.');
    await page.close();
  });

  test('a link that cannot be understood is reported, and Field opens all the same', async () => {
    const page = await field('scene=moon&time=1/3000000&iso=100');
    const alert = await page.waitForSelector('[role=alert]');
    const text = await alert!.evaluate((e) => e.textContent);
    expect(text).toContain('time=1/3000000');
    expect(text).toContain('scene=moon');
    await page.close();
  });

  test('keys step the Time tape by thirds; picture, ladder and ISO follow', async () => {
    const page = await field('scene=test-wall&time=1/125&iso=100');
    const before = await middleGreen(page, '[data-testid=window]');
    const ladder = await valueText(page, 'Ladder');
    await page.focus(slider('Time'));
    for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
    expect(await until(() => valueText(page, 'Time'), /1\/60/)).toBe('1/60 s, set');
    // The white card stands log2(90/18) = 2.32 stops over the grey one: a stop more passes 2.96 by
    // 1/3, in green.
    await until(() => verdict(page), /^Highlights clip in green by .* stop/);
    expect(await valueText(page, 'Ladder')).not.toBe(ladder);
    await untilGreen(page, (green) => green > before + 20);
    // Given back, ISO stays held and Time follows the light to where it was.
    await page.keyboard.press('a');
    await until(() => valueText(page, 'Time'), /1\/125 s, auto/);
    await page.close();
  });

  test('dragging sets a tape, a fling carries on and settles on a detent, a double tap gives it back', async () => {
    const page = await field('scene=test-wall&time=auto&iso=auto');
    const box = (await (await page.$(slider('Time')))!.boundingBox())!;
    const [x, y] = [box.x + box.width * 0.7, box.y + box.height / 2];
    await dragHeld(page, { x, y }, { x: x - 45, y }, 4);
    await pause(200);
    await page.mouse.up();
    expect(await until(() => valueText(page, 'Time'), /set/)).toBe('1/60 s, set');
    await dragHeld(page, { x, y }, { x: x - 60, y }, 3);
    await page.mouse.up();
    /** How far the scale lies beside a detent, in detents. */
    const beside = (): Promise<number> =>
      page.$eval(`${slider('Time')} svg`, (svg) => {
        const matrix = new DOMMatrix(getComputedStyle(svg.parentElement!).transform);
        return Math.abs(matrix.e / 15 - Math.round(matrix.e / 15));
      });
    let last = '';
    const rest = async (): Promise<string> => {
      const now = `${await valueText(page, 'Time')}, ${(await beside()) < 0.01 ? 'on' : 'beside'}`;
      const still = now === last;
      last = now;
      return still ? now : 'moves';
    };
    expect(await until(rest, /, on$/)).not.toMatch(/1\/60|1\/50|1\/40|1\/30 /);
    await doubleTap(page, x, y);
    await until(() => valueText(page, 'Time'), /auto/);
    await page.close();
  });

  test('a tape follows the finger between the frames of the page, where a browser tells', async () => {
    const page = await field('scene=test-wall&time=1/125&iso=auto');
    const box = (await (await page.$(slider('Time')))!.boundingBox())!;
    const [x, y] = [box.x + box.width * 0.7, box.y + box.height / 2];
    await dragHeld(page, { x, y }, { x: x - 15, y }, 3);
    // What comes with the frames goes past unheard from here on.
    await page.evaluate(() =>
      window.addEventListener('pointermove', (e) => e.stopImmediatePropagation(), true),
    );
    await page.mouse.move(x - 75, y);
    // Five thirds of a stop, of which the drag that was heard made one at most.
    await until(() => valueText(page, 'Time'), /^1\/40 s, set/);
    await page.mouse.up();
    await page.close();
  });

  test('the ladder slides the light by exactly the stops dragged, through the free tape', async () => {
    const page = await field('scene=test-wall&time=1/500&iso=auto&comp=0');
    const clipping = async (): Promise<number> => {
      const text = await valueText(page, 'Ladder');
      const [, whole, third] = /highlights (?:(\d+) ?)?(?:([12])\/3 )?stops? under/.exec(text)!;
      return 3 * Number(whole ?? 0) + Number(third ?? 0);
    };
    const before = await clipping();
    const box = (await (await page.$(slider('Ladder')))!.boundingBox())!;
    const pxPerClick = box.height / (3.7 + 9) / 3;
    const from = { x: box.x + 30, y: box.y + box.height / 2 };
    await dragHeld(page, from, { ...from, y: from.y + 3 * pxPerClick }, 3);
    await page.mouse.up();
    await until(() => valueText(page, 'Comp'), /^−1 stops/);
    await until(async () => String(await clipping()), new RegExp(`^${before + 3}$`));
    expect(await valueText(page, 'Time')).toBe('1/500 s, set');
    await page.close();
  });

  test('overexposed: the verdict says by how much, one tap ends it', async () => {
    const page = await field('scene=test-wall&time=1/30&iso=100');
    const text = await until(() => verdict(page), /clip/);
    expect(text).toMatch(/^Highlights clip in .* by .*stops?\.$/);
    const label = await page.$eval('[data-testid=repair]', (e) => e.textContent ?? '');
    expect(label).toMatch(/^Take .* off Time$/);
    await press(page, label);
    expect(await until(() => verdict(page), /^(?!.*clip)/)).not.toContain('clip');
    await page.close();
  });

  test('time at its end: says what is missing, gives the hold back on request', async () => {
    const page = await field('scene=pans-at-noon&iso=6400&time=auto&comp=0');
    expect(await until(() => verdict(page), /Too bright/)).toContain('Time is at its end');
    // The way out that changes least: the hold is moved by just what is missing.
    // The picture has just begun: by how much is known better once it is sharper.
    const repair = (): Promise<string> =>
      page.$eval('[data-testid=repair]', (e) => e.textContent ?? '');
    const label = await until(repair, /^ISO to \d+$/);
    await press(page, label);
    await until(() => valueText(page, 'ISO'), new RegExp(`^ISO ${label.slice(7)}, set`));
    await until(() => verdict(page), /^All in range\.$/);
    await page.close();
  });

  test('extended ISO says so and leaves the raw where it is', async () => {
    const page = await field('scene=test-wall&time=1/125&iso=50');
    expect(await valueText(page, 'ISO')).toMatch(/ext/);
    const under = await valueText(page, 'Ladder');
    await page.focus(slider('ISO'));
    for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
    await until(() => valueText(page, 'ISO'), /^ISO 100, set/);
    // The same raw: highlights stand as far under clipping as before.
    expect(await valueText(page, 'Ladder')).toBe(under);
    await page.close();
  });

  test('a finger on the Window shows the picture bare', async () => {
    const page = await field('scene=test-wall&time=1/15&iso=100');
    await until(() => verdict(page), /clip/);
    // Clip marks are pink dots over white: their green is far below the picture's.
    const marked = await middleGreen(page, '[data-testid=window]');
    const box = (await (await page.$('[data-testid=window]'))!.boundingBox())!;
    await page.mouse.move(box.x + 60, box.y + 60);
    await page.mouse.down();
    await untilGreen(page, (green) => green > marked + 10);
    await page.mouse.up();
    await untilGreen(page, (green) => green < marked + 5);
    await page.close();
  });

  test('settings are there again next time', async () => {
    const page = await field('scene=test-wall&time=1/250&iso=200');
    await page.focus(slider('Time'));
    await page.keyboard.press('ArrowRight');
    await until(() => valueText(page, 'Time'), /1\/200/);
    await page.goto(app.url);
    await fieldReady(page);
    await until(() => valueText(page, 'Time'), /1\/200 s, set/);
    await page.close();
  });

  test.each([
    [390, 844, 'its own face'],
    [360, 640, 'its own face'],
    [844, 390, 'its own face'],
    [640, 360, 'its own face'],
    [667, 331, 'its own face'],
    [1280, 800, 'its own face'],
    [390, 844, 'the browser’s face'],
    [844, 390, 'the browser’s face'],
    [640, 360, 'the browser’s face'],
  ])(
    'everything is on a screen of %d x %d in %s, without scrolling',
    async (width, height, face) => {
      const { page } = await openPage(pages(), 'about:blank', { width, height });
      await page.setRequestInterception(true);
      page.on('request', (request) => {
        const isMissing = face !== 'its own face' && request.url().endsWith('.woff2');
        void (isMissing ? request.abort() : request.continue());
      });
      await page.goto(app.url + plainLink('scene=test-wall'));
      await fieldReady(page);
      const outside = await page.evaluate(() =>
        [
          ...document.querySelectorAll(
            '[role=slider], [role=button], [role=status], [data-testid=window]',
          ),
        ]
          .map((e) => ({
            name: e.getAttribute('aria-label') ?? e.textContent,
            box: e.getBoundingClientRect(),
          }))
          .filter(
            ({ box }) =>
              box.left < -1 ||
              box.top < -1 ||
              box.right > innerWidth + 1 ||
              box.bottom > innerHeight + 1,
          )
          .map(({ name }) => name),
      );
      expect(outside).toEqual([]);
      await page.close();
    },
  );

  test('passes axe-core on a phone and on a wide screen', async () => {
    for (const viewport of [{ width: 390, height: 844 }, WIDE]) {
      const page = await field('scene=test-wall', viewport);
      expect(await axeViolations(page)).toEqual([]);
      await page.close();
    }
  });
});
