import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { PNG } from 'pngjs';
import { EXPOSE, plainLink, slider, until } from '../support/browser';
import { contrastOf } from '../support/pictures';
import { keysInPage } from '../support/stored';
import { inPage, type Place, type Tab } from './tab';

/** What a person does on the page and sees of it, in any engine. */

/** All words on the page. */
export const words = (tab: Tab): Promise<string> => inPage(tab, () => document.body.innerText);

/** An attribute or the words of the first element a selector finds; '' where there is none. */
export const read = (
  tab: Tab,
  selector: string,
  attribute: string | null = null,
): Promise<string> =>
  inPage(
    tab,
    (s, a) => {
      const found = document.querySelector(s);
      return (a === null ? found?.textContent : found?.getAttribute(a)) ?? '';
    },
    selector,
    attribute,
  );

export const tapeValue = (tab: Tab, name: string): Promise<string> =>
  read(tab, slider(name), 'aria-valuetext');

export const untilWords = (tab: Tab, pattern: RegExp, ms?: number): Promise<string> =>
  until(() => words(tab), pattern, ms);

export const untilTape = (tab: Tab, name: string, pattern: RegExp): Promise<string> =>
  until(() => tapeValue(tab, name), pattern);

/** Waits for an element of this selector to be there. */
export const present = (tab: Tab, selector: string, ms?: number): Promise<string> =>
  until(() => inPage(tab, (s) => String(document.querySelector(s) !== null), selector), /true/, ms);

export interface Box extends Place {
  readonly width: number;
  readonly height: number;
}

/**
 * Where an element lies once it keeps still, in view and under nothing else.
 *
 * @param text it must say exactly this, where given
 */
export async function boxOf(tab: Tab, selector: string, text: string | null = null): Promise<Box> {
  let found: Box | null = null;
  await until(async () => {
    found = await inPage(
      tab,
      async (s, t) => {
        const all = [...document.querySelectorAll(s)];
        const e =
          t === null
            ? all[0]
            : all.find((one) => one.textContent?.replace(/\s+/g, ' ').trim() === t);
        if (!e) return null;
        e.scrollIntoView({ block: 'nearest', behavior: 'instant' });
        let last = '';
        for (let frames = 0, still = 0; frames < 90; frames++) {
          await new Promise(requestAnimationFrame);
          const { x, y, width, height } = e.getBoundingClientRect();
          const hit = document.elementFromPoint(x + width / 2, y + height / 2);
          const now = `${x} ${y} ${width} ${height}`;
          still = now === last && hit && (e.contains(hit) || hit.contains(e)) ? still + 1 : 0;
          if (still === 3) return { x, y, width, height };
          last = now;
        }
        return null;
      },
      selector,
      text,
    );
    return String(Boolean(found));
  }, /true/);
  return found!;
}

const middle = ({ x, y, width, height }: Box): Place => ({ x: x + width / 2, y: y + height / 2 });

/** Taps the middle of an element. */
export async function tapOn(tab: Tab, selector: string, text: string | null = null): Promise<void> {
  await tab.drag([middle(await boxOf(tab, selector, text))]);
}

/** Presses the button that says exactly this. */
export const pressOn = (tab: Tab, text: string): Promise<void> => tapOn(tab, '[role=button]', text);

/** In an open frame: drops it, or what the button says, and deletes what is dropped for good. */
export async function dropForGoodIn(tab: Tab, drop = 'Drop'): Promise<void> {
  await pressOn(tab, drop);
  await present(tab, '[data-testid=notch-dropped]');
  await pressOn(tab, 'All frames');
  await tapOn(tab, '[aria-label^="Which:"]');
  await pressOn(tab, 'dropped');
  await pressOn(tab, 'Empty the dropped ...');
  await pressOn(tab, 'Delete for good');
  await untilWords(tab, /No frame yet/);
}

/** Drags an element by so many pixels from its middle, in small steps, by mouse or by finger. */
export async function dragOn(
  tab: Tab,
  selector: string,
  dx: number,
  dy: number,
  pointer?: 'mouse' | 'touch',
): Promise<void> {
  const from = middle(await boxOf(tab, selector));
  const steps = 8;
  const way = Array.from({ length: steps + 1 }, (_, k) => ({
    x: from.x + (dx * k) / steps,
    y: from.y + (dy * k) / steps,
  }));
  // A finger that has not left its place after half a second asks why: the first step is a long
  // one.
  way.splice(1, 1);
  await tab.drag(way, pointer);
}

/** An element as it stands on the screen. */
export async function pictureOf(tab: Tab, selector: string): Promise<PNG> {
  const { x, y, width, height } = await boxOf(tab, selector);
  const whole = PNG.sync.read(await tab.screenshot());
  // A screen of a higher density has more pixels than the page.
  const scale = whole.width / (await inPage(tab, () => innerWidth));
  const [left, top] = [Math.round(x * scale), Math.round(y * scale)];
  const w = Math.min(whole.width - left, Math.round(width * scale));
  const h = Math.min(whole.height - top, Math.round(height * scale));
  const part = new PNG({ width: w, height: h });
  PNG.bitblt(whole, part, left, top, w, h, 0, 0);
  return part;
}

/** Waits until an element shows something: what shows nothing has no contrast. */
export const showsSomething = (tab: Tab, selector: string, contrast = 15): Promise<string> =>
  until(async () => String(contrastOf(await pictureOf(tab, selector)) > contrast), /true/);

/** The next file of this ending that the browser saves, once it is whole. */
export async function savedFile(tab: Tab, ending: string): Promise<string> {
  let size = -1;
  const name = await until(async () => {
    const found = readdirSync(tab.downloads).find((file) => file.endsWith(ending)) ?? '';
    if (found === '') return '';
    const now = statSync(join(tab.downloads, found)).size;
    const whole = now > 0 && now === size;
    size = now;
    return whole ? found : '';
  }, /./);
  return join(tab.downloads, name);
}

/** Opens Field as a plain link says, with its first readings there. */
export async function openFieldIn(tab: Tab, url: string, query = ''): Promise<void> {
  await tab.goto(url + plainLink(query));
  await fieldReadyIn(tab);
}

export async function fieldReadyIn(tab: Tab): Promise<void> {
  await untilTape(tab, 'Ladder', /clip/).catch(async (error) => {
    throw new Error(`${error}. The page says: ${await words(tab)}`);
  });
}

/** Waits until the simulated picture is as sharp as its framing gets. */
export const refinedIn = (tab: Tab): Promise<string> =>
  present(tab, '[data-testid=window][aria-busy=false]', 60_000);

/**
 * Chooses the device's camera in the sheet, as a person does; before that one is allowed, it has no
 * name.
 */
export async function chooseCamera(tab: Tab): Promise<void> {
  await tapOn(tab, '[aria-label^="Camera and place"]');
  await tapOn(tab, '[role=button][aria-label$="video frames, not sensor data"]');
}

/** Waits until the meter says something. */
export const meterIn = (tab: Tab, pattern: RegExp): Promise<string> =>
  until(() => read(tab, '[aria-label^="Meter"]', 'aria-label'), pattern);

/** A value of the browser's storage as text, by its key; '' where there is none. */
export const storedText = (tab: Tab, key: string): Promise<string> =>
  inPage(
    tab,
    (wanted) =>
      new Promise<string>((resolve, reject) => {
        const open = indexedDB.open('velmo');
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const get = open.result.transaction('entries').objectStore('entries').get(wanted);
          get.onsuccess = () => {
            open.result.close();
            resolve(String(get.result ?? ''));
          };
        };
      }),
    key,
  );

/** How many frames the browser's storage holds. */
const storedFrames = async (tab: Tab): Promise<number> =>
  (await inPage(tab, keysInPage, 'velmo-records')).filter((key) => key.startsWith('frame/')).length;

/** Exposes a frame and waits until it is stored and Expose says what it will make next. */
export async function exposeIn(tab: Tab): Promise<void> {
  const before = await storedFrames(tab);
  await tapOn(tab, EXPOSE);
  await until(async () => String((await storedFrames(tab)) > before), /true/, 60_000);
  await until(() => read(tab, EXPOSE), /^Expose.*(DNG|JPEG)/);
}
