import { EXPOSE, PHONE, slider, until, WINDOW } from '../support/browser';
import { everyEngine } from './engineSuite';
import {
  boxOf,
  dragOn,
  fieldReadyIn,
  openFieldIn,
  read,
  storedText,
  tapeValue,
  untilTape,
} from './hands';
import { inPage, type Tab } from './tab';

jest.setTimeout(120_000);

/** The page as a whole has neither moved nor grown. */
const pageStill = (tab: Tab): Promise<string> =>
  inPage(tab, () => {
    const { scale, offsetLeft, offsetTop } = window.visualViewport!;
    const { scrollTop, scrollLeft } = document.scrollingElement!;
    return [scale, offsetLeft, offsetTop, scrollTop, scrollLeft, getSelection()!.toString()].join();
  });
const STILL = '1,0,0,0,0,';

/** Where Expose ends and the status line begins. */
const extent = (tab: Tab): Promise<{ top: number; bottom: number; left: number; right: number }> =>
  inPage(
    tab,
    (s) => {
      const { top } = document
        .querySelector('[aria-label^="Camera and place"]')!
        .getBoundingClientRect();
      const { bottom } = document.querySelector(s)!.getBoundingClientRect();
      const { left, right } = document.querySelector('main')!.getBoundingClientRect();
      return { top, bottom, left, right };
    },
    EXPOSE,
  );

everyEngine(({ tab, url, engine, test }) => {
  test('a finger drags a tape from the middle and from the edge: the tape moves, the page does not', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3');
    await untilTape(tab(), 'Time', /auto/);
    await dragOn(tab(), slider('Time'), -75, 4, 'touch');
    await untilTape(tab(), 'Time', /, set/);
    const { x, y, height } = await boxOf(tab(), slider('ISO'));
    const way = [3, 30, 60, 90, 120].map((dx) => ({ x: x + dx, y: y + height / 2 }));
    await tab().drag(way, 'touch');
    await untilTape(tab(), 'ISO', /, set/);
    // Down over the tape and the Window, as to refresh the page.
    await dragOn(tab(), slider('Comp'), 0, 60, 'touch');
    await dragOn(tab(), WINDOW, 10, 120, 'touch');
    expect(await pageStill(tab())).toBe(STILL);
  });

  test('a double tap opens the loupe and does not zoom the page; a long press selects nothing', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3');
    const { x, y, width, height } = await boxOf(tab(), WINDOW);
    const place = { x: x + width * 0.4, y: y + height * 0.6 };
    const open = (): Promise<string> =>
      inPage(tab(), () => String(document.querySelector('[data-testid=loupe]') !== null));
    // On a busy machine WebKit's driver taps as slowly as no finger does.
    await until(async () => {
      await tab().doubleTap(place);
      return until(open, /true/, 3000);
    }, /true/);
    expect(await pageStill(tab())).toBe(STILL);
    await tab().key('Escape');
    // Over words, from one end to the other: a selection anywhere else.
    await dragOn(tab(), '[aria-label^="Meter"]', 60, 12);
    await tab().key('Escape');
    expect(await pageStill(tab())).toBe(STILL);
    const styles = await inPage(tab(), () => {
      const styleOf = (e: Element): CSSStyleDeclaration => getComputedStyle(e);
      const main = styleOf(document.querySelector('main')!);
      return {
        select: main.userSelect || main.webkitUserSelect,
        page: styleOf(document.documentElement).touchAction,
        over: styleOf(document.documentElement).overscrollBehaviorY,
        window: styleOf(document.querySelector('[data-testid=window]')!).touchAction,
      };
    });
    expect(styles).toEqual({ select: 'none', page: 'manipulation', over: 'none', window: 'none' });
  });

  test('two fingers zoom the lens, not the page', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3');
    const rig = (): Promise<string> => read(tab(), '[aria-label^="Rig"]', 'aria-label');
    const before = await rig();
    const { x, y, width, height } = await boxOf(tab(), WINDOW);
    const real = await tab().pinch({ x: x + width / 2, y: y + height / 2 }, 30, 90);
    // Only Chromium's driver has two fingers at a time.
    expect(real).toBe(engine === 'chromium');
    if (real) await until(async () => String((await rig()) !== before), /true/);
    expect(await pageStill(tab())).toBe(STILL);
  });

  test('stays clear of notch and home bar, and follows a toolbar that comes and goes', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3');
    // No engine here has a notch: the room it would take is given to the element that keeps clear
    // of it.
    await inPage(tab(), () => (document.getElementById('root')!.style.padding = '47px 12px 34px'));
    await until(async () => {
      const { top, bottom, left, right } = await extent(tab());
      const [width, height] = await inPage(tab(), () => [innerWidth, innerHeight]);
      return `${top >= 47} ${bottom <= height - 34} ${left >= 12} ${right <= width - 12}`;
    }, /true true true true/);
    await inPage(tab(), () => (document.getElementById('root')!.style.padding = ''));
    for (const height of [760, 700, PHONE.height]) {
      await tab().resize({ width: PHONE.width, height });
      await until(async () => {
        const { top, bottom } = await extent(tab());
        const inner = await inPage(tab(), () => innerHeight);
        return `${top >= 0} ${bottom <= inner} ${bottom > inner - 12} ${await pageStill(tab())}`;
      }, /true true true 1,0,0,0,0,$/);
    }
  });

  test('a page that comes back after it was thrown away finds its tapes as they were left', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3&iso=100');
    await untilTape(tab(), 'ISO', /^ISO 100, set/);
    await until(() => storedText(tab(), 'settings'), /./);
    const before = await storedText(tab(), 'settings');
    await inPage(tab(), (s) => document.querySelector<HTMLElement>(s)!.focus(), slider('ISO'));
    for (let k = 0; k < 3; k++) await tab().key('ArrowRight');
    await untilTape(tab(), 'ISO', /^ISO 200, set/);
    // Kept once nothing has been changed for a moment.
    await until(() => storedText(tab(), 'settings').then((now) => String(now !== before)), /true/);
    await tab().evaluate('location.reload()');
    await until(() => tapeValue(tab(), 'ISO'), /^ISO 200, set/);
    await fieldReadyIn(tab());
    // The same link opened anew is obeyed anew.
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3&iso=100');
    await untilTape(tab(), 'ISO', /^ISO 100, set/);
  });
});
