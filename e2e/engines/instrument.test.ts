import { execFileSync } from 'node:child_process';
import { VALID_WITH_DEPTH } from '../../core/test/support/validated';
import { NIGHT_LUMINANCE } from '../../app/src/theme/plates/night';
import { brightestOf } from '../support/brightest';
import { EXPOSE, LAST_FRAME, PHONE, slider, until, WIDE, WINDOW } from '../support/browser';
import { otherEngines } from './engineSuite';
import {
  boxOf,
  dragOn,
  dropForGoodIn,
  fieldReadyIn,
  openFieldIn,
  present,
  pressOn,
  read,
  refinedIn,
  savedFile,
  showsSomething,
  tapeValue,
  tapOn,
  untilTape,
  untilWords,
  words,
} from './hands';
import { inPage } from './tab';

jest.setTimeout(180_000);

/** Every sheet by its key, and words it shows. */
const SHEETS = [
  ['m', /whole frame/],
  ['r', /tripod/i],
  ['v', /On the tapes/],
  ['w', /tint/i],
  ['k', /Marks, aids and histograms/],
  ['t', /Starting points/],
  ['f', /JPEG quality|Everything the sensor gave/],
  ['j', /hyperfocal/i],
] as const;

otherEngines(({ tab, url, test }) => {
  test('opens on the simulated camera: a picture, sharp at the end, a ladder that reads it', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3');
    await refinedIn(tab());
    // What shows nothing has no contrast; a wall of patches has much.
    await showsSomething(tab(), WINDOW);
    expect(tab().errors).toEqual([]);
  });

  test('meters where it is tapped: the white card becomes mid-grey, 2 1/3 stops darker', async () => {
    await openFieldIn(
      tab(),
      url(),
      'scene=test-wall&time=auto&iso=100&meter=spot&support=tripod&mp=3',
    );
    await untilTape(tab(), 'Time', /^1\/125 s, auto/);
    const box = await boxOf(tab(), WINDOW);
    // The picture is fitted into the Window. Upright on the main lens, the white card lies 0.38 m
    // left of the middle of a wall 1.15 m away.
    const place = 0.5 - (0.38 / 1.15 / (2 * 0.6657)) * (4 / 3);
    await tab().drag([{ x: box.x + box.width * place, y: box.y + box.height / 2 }]);
    await untilTape(tab(), 'Time', /^1\/640 s, auto/);
  });

  test('holds: a tape dragged, flung and given back; keys; ISO, Comp, Focus and White follow the hand', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3&time=auto&iso=auto&white=auto');
    await untilTape(tab(), 'Time', /auto/);
    const before = await tapeValue(tab(), 'Time');
    await dragOn(tab(), slider('Time'), -60, 0);
    const held = await untilTape(tab(), 'Time', /, set/);
    expect(held).not.toBe(before);
    await untilTape(tab(), 'ISO', /auto/);
    await inPage(tab(), (s) => document.querySelector<HTMLElement>(s)!.focus(), slider('Time'));
    await tab().key('a');
    await untilTape(tab(), 'Time', /, auto/);
    for (const [name, pattern] of [
      ['ISO', /, set/],
      ['Comp', /^[+−]/],
      ['Focus', /, set/],
      ['White', /, set/],
    ] as const) {
      await inPage(tab(), (s) => document.querySelector<HTMLElement>(s)!.focus(), slider(name));
      await tab().key('ArrowLeft');
      await untilTape(tab(), name, pattern);
    }
    await tab().key('Escape');
    await tab().key('A');
    await untilTape(tab(), 'ISO', /, auto/);
    await untilTape(tab(), 'White', /auto/);
  });

  test('pushes right, focuses by itself, pins, marks, zebra, peaking, loupe', async () => {
    await openFieldIn(
      tab(),
      url(),
      'scene=test-wall&iso=100&comp=-2&support=tripod&mp=3&focus=auto',
    );
    await refinedIn(tab());
    await untilTape(tab(), 'Focus', /^1\.\d+ m, auto/);
    const before = await tapeValue(tab(), 'Ladder');
    await pressOn(tab(), 'push right');
    await until(async () => String((await tapeValue(tab(), 'Ladder')) !== before), /true/);
    await untilTape(tab(), 'Ladder', /under clipping|at clip/);
    await tab().key('p');
    await present(tab(), '[aria-label^="Pin 1"]');
    for (const key of ['z', 'e', 'c', 'h']) await tab().key(key);
    await tab().key('o');
    await present(tab(), '[data-testid=loupe] canvas');
    await until(() => read(tab(), '[role=meter]', 'aria-valuenow'), /^[1-9]/);
    await showsSomething(tab(), '[data-testid=loupe] canvas', 1);
    await tab().key('Escape');
    await tab().key('h');
    await tab().key('c');
    expect(tab().errors).toEqual([]);
  });

  test('aids lie over the picture, a starting point fits the light, and night has neither green nor blue', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3&time=auto&iso=auto');
    for (const key of ['i', 'y']) await tab().key(key);
    await present(tab(), '[data-testid=aid-lines]');
    await untilWords(tab(), /plumb · straight ahead/);
    await tab().key('t');
    await tapOn(tab(), '[aria-label="Kit: Copy of a page"]');
    await untilWords(tab(), /Copy of a page: here[^]*Take back/, 30_000);
    await until(() => read(tab(), '[data-testid=verdict] [role=status]'), /^All in range/);
    await pressOn(tab(), 'Take back');
    await untilTape(tab(), 'Time', /auto/);
    for (const key of ['q', 'q']) await tab().key(key);
    await present(tab(), '#velmo-veil');
    await until(async () => {
      const { greenOrBlue, luminance } = brightestOf(await tab().screenshot());
      return `${greenOrBlue} ${luminance > 0.005 && luminance < NIGHT_LUMINANCE}`;
    }, /^0 true$/);
    for (const key of ['q', 'i', 'y']) await tab().key(key);
    await until(() => words(tab()), /^(?![^]*plumb)/);
  });

  test('every sheet opens by its key and closes', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3');
    for (const [key, pattern] of SHEETS) {
      await tab().key(key);
      await untilWords(tab(), pattern);
      await tab().key('Escape');
      await present(tab(), slider('White'));
    }
  });

  test('on a wide screen and on its side: everything in view, nothing scrolls', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&mp=3');
    for (const size of [WIDE, { width: 844, height: 390 }, PHONE]) {
      await tab().resize(size);
      await untilTape(tab(), 'Ladder', /clip/);
      await refinedIn(tab());
      await showsSomething(tab(), WINDOW);
      await until(
        () =>
          inPage(
            tab(),
            (s) => {
              const box = document.querySelector(s)!.getBoundingClientRect();
              const root = document.scrollingElement!;
              return `${box.bottom <= innerHeight} ${root.scrollHeight <= innerHeight}`;
            },
            EXPOSE,
          ),
        /true true/,
      );
    }
  });

  test('a link that cannot be understood is reported, and Field opens all the same', async () => {
    await tab().goto(`${url()}/?scene=moon&time=banana&focus=inf&mp=3`);
    await fieldReadyIn(tab());
    await untilWords(tab(), /The link asks for .*not understood/);
  });

  test('a 3 MP frame is exposed, kept, read back, saved, there again after a reload, and deleted', async () => {
    await openFieldIn(tab(), url(), 'scene=test-wall&time=1/125&iso=100&mp=3');
    await tapOn(tab(), EXPOSE);
    await present(tab(), LAST_FRAME, 60_000);
    await tab().goto(`${url()}/`);
    await fieldReadyIn(tab());
    await tapOn(tab(), LAST_FRAME);
    const facts = await untilWords(tab(), /Clipped/, 30_000);
    expect(facts).toContain('1/125 s');
    expect(facts).toContain('red 0 %, green 0 %, blue 0 %');
    await showsSomething(tab(), '[data-testid=frame-picture]');
    await tapOn(tab(), '[aria-label="Clip marks"]');
    await present(tab(), `[data-testid=frame-picture][data-shown*='"clips":true']`);
    await pressOn(tab(), '100 %');
    await present(tab(), '[aria-label="Frame at 100 percent"]');
    const { x, y, width, height } = await boxOf(tab(), '[data-testid=frame-picture]');
    const middle = { x: x + width / 2, y: y + height / 2 };
    if (await tab().pinch(middle, 30, 120)) {
      await present(tab(), '[aria-label="Frame at 200 percent"]');
      await tab().pinch(middle, 160, 20);
      await present(tab(), '[aria-label="Whole frame"]');
      // Two fingers keep and drop nothing, nor do they leave the frame.
      expect(await read(tab(), '[data-testid^=notch]', 'data-testid')).toBe('');
    }
    await pressOn(tab(), 'All metadata ...');
    await untilWords(tab(), /Raw image\s[^]*BlackLevel\s/);
    const button = /Save DNG[^\n]*/.exec(await words(tab()))![0];
    await pressOn(tab(), button);
    const saved = await savedFile(tab(), '.dng');
    const [tags] = JSON.parse(
      execFileSync('exiftool', ['-json', '-n', '-validate', '-All:All', saved]).toString(),
    );
    expect(tags).toMatchObject({ Validate: VALID_WITH_DEPTH, ExposureTime: 1 / 128, ISO: 100 });
    execFileSync('dcraw_emu', ['-w', saved]);
    await pressOn(tab(), 'Reframe ...');
    await present(tab(), '[data-testid=reframe-picture][data-shown]');
    await pressOn(tab(), '1:1');
    await pressOn(tab(), 'Turn right');
    await pressOn(tab(), 'Done');
    const seen = await untilWords(tab(), /Seen reframed: (\d+) × \1 photosites[^.]*turned right/);
    const side = /reframed: (\d+)/.exec(seen)![1];
    await pressOn(tab(), 'Save JPEG');
    const jpeg = await savedFile(tab(), '.jpg');
    const size = execFileSync('identify', ['-format', '%w %h', jpeg]).toString();
    expect(size).toBe(`${side} ${side}`);
    await dropForGoodIn(tab());
  });

  test('a bracket after a delay: counted down, foreseen on the scales, kept as one, flipped through, deleted', async () => {
    const link = 'scene=test-wall&time=1/125&iso=100&mp=3&crop=2&support=tripod';
    await openFieldIn(tab(), url(), `${link}&series=bracket:3:1&delay=3`);
    await present(tab(), '[data-testid=ladder-bars]');
    // Firefox tells of what the page before was still loading when it was left.
    const before = tab().errors.length;
    await present(tab(), '[data-testid=tape-Time] [data-testid=tape-marks]');
    await tapOn(tab(), EXPOSE);
    await present(tab(), '[data-testid=countdown]');
    const stack = '[role=link][aria-label^="Series of 3 frames"]';
    await present(tab(), stack, 60_000);
    await until(() => read(tab(), EXPOSE), /^Exposebracket 3/, 60_000);
    await tapOn(tab(), stack);
    await untilWords(tab(), /1 of 3[^]*1\/125 s/, 30_000);
    await tab().key('ArrowRight');
    await untilWords(tab(), /2 of 3[^]*1\/250 s/, 30_000);
    await tab().key('ArrowRight');
    await untilWords(tab(), /3 of 3[^]*1\/60 s/, 30_000);
    await showsSomething(tab(), '[data-testid=frame-picture]');
    // Up keeps.
    await dragOn(tab(), '[data-testid=frame-picture]', 0, -140);
    await present(tab(), '[data-testid=notch-kept]');
    await dropForGoodIn(tab(), 'Drop all 3');
    expect(tab().errors.slice(before)).toEqual([]);
  });
});
