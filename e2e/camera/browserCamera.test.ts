import { execFileSync } from 'node:child_process';
import {
  downloads,
  EXPOSE,
  fieldReady,
  LAST_FRAME,
  openLastFrame,
  pageText,
  pressFirst,
  slider,
  tap,
  until,
  valueText,
} from '../support/browser';
import { untilGreen } from '../support/pictures';
import { expose } from '../support/cells';
import { storedCounts } from '../support/stored';
import { cameraSuite, keepTracks, trackStates } from '../support/cameraSuite';

jest.setTimeout(180_000);
const { app, withCamera } = cameraSuite();

describe('the phone’s own camera (Chromium’s fake device)', () => {
  test('has the same instrument, and says no more than it knows: stops from mid-grey, no EV, no lock', async () => {
    await withCamera('allowed', async (page) => {
      await fieldReady(page);
      const meter = () =>
        page.$eval('[aria-label^="Meter"]', (e) => e.getAttribute('aria-label') ?? '');
      expect(await until(meter, /stops/)).toMatch(/^Meter: ≈ (0|[+−][\d /]+) stops /);
      expect(await page.$('[aria-label^="lock"]')).toBeNull();
      const window = (await (await page.$('[data-testid=window]'))!.boundingBox())!;
      await page.mouse.click(window.x + window.width * 0.3, window.y + window.height * 0.3);
      await until(meter, /spot/);
      await page.keyboard.press('p');
      const pin = () =>
        page.$eval('[aria-label^="Pin 1"]', (e) => e.getAttribute('aria-label') ?? '');
      await until(pin, /^Pin 1: (0|[+−][\d /]+) stops from mid-grey, .*(room|clip)/);
      await page.keyboard.press('m');
      await until(() => pageText(page), /whole frame/);
      expect(await pageText(page)).not.toContain('highlights');
      await page.keyboard.press('r');
      await until(() => pageText(page), /does not tell its lens/);
    });
  });

  test('focus is moved in the steps the track has, read back, and never called a distance; the loupe shows its pixels', async () => {
    await withCamera('allowed', async (page) => {
      await fieldReady(page);
      // The fake device counts 10 to 100 in fives: no metres.
      await until(() => valueText(page, 'Focus'), /^step \d+ of 18, /);
      await page.focus(slider('Focus'));
      await page.keyboard.press('Home');
      await until(() => valueText(page, 'Focus'), /^step 0 of 18, set/);
      for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
      await until(() => valueText(page, 'Focus'), /^step 4 of 18, set/);
      expect(await page.$eval('[data-testid=tape-Focus]', (e) => e.textContent)).not.toMatch(
        / m|∞/,
      );
      await page.keyboard.press('Escape');
      await page.keyboard.press('o');
      await page.waitForSelector('[data-testid=loupe] canvas');
      await until(
        () => page.$eval('[role=meter]', (e) => e.getAttribute('aria-valuenow') ?? ''),
        /^[1-9]/,
      );
      await page.keyboard.press('j');
      await until(() => pageText(page), /does not tell how far things are/);
    });
  });

  test('live picture, meter and ladder; only the controls the track offers; the rest in words', async () => {
    await withCamera('allowed', async (page) => {
      await fieldReady(page);
      await untilGreen(page, (green) => green > 20);
      await until(() => valueText(page, 'Time'), /1\/\d+ s/);
      expect(await page.$(slider('ISO'))).toBeNull();
      expect(await page.$(slider('Comp'))).toBeNull();
      expect(await page.$(slider('White'))).toBeNull();
      for (const lacking of ['ISO', 'compensation', 'colour temperature'])
        expect(await pageText(page)).toContain(
          `The phone decides: this browser offers no ${lacking} here.`,
        );
      // Nothing is known of its curve: the ladder says so, to eyes and ears.
      expect(await valueText(page, 'Ladder')).toMatch(/, estimated$/);
      await page.focus(slider('Time'));
      await page.keyboard.press('Home');
      // Read back from the track, not assumed: the fake device reports what it was set to.
      await until(() => valueText(page, 'Time'), /1\/800 s, set/);
    });
  });

  test('a frame becomes a JPEG and a linear DNG that says it is no sensor data', async () => {
    await withCamera('allowed', async (page) => {
      const files = await downloads(page);
      const asked: string[] = [];
      page.on('request', (request) => asked.push(request.url()));
      await page.reload();
      await fieldReady(page);
      await tap(page, EXPOSE);
      await openLastFrame(page);
      await until(() => pageText(page), /linear RGB/);
      // Nothing leaves the device: all that is asked for is the page's own.
      expect(asked.length).toBeGreaterThan(3);
      expect(asked.filter((url) => !/^(data|blob):/.test(url) && !url.startsWith(app.url))).toEqual(
        [],
      );
      for (const [button, ending] of [
        ['Save DNG', '.dng'],
        ['Save JPEG', '.jpg'],
      ]) {
        await pressFirst(page, button);
        const saved = await files.next(ending);
        const [tags] = JSON.parse(
          execFileSync('exiftool', ['-json', '-All:All', '-validate', saved]).toString(),
        );
        if (ending === '.dng') {
          expect(saved).toContain('from-video');
          expect(tags.Validate).toBe('OK');
          expect(tags.ImageDescription).toContain('not sensor data');
          expect(tags.PhotometricInterpretation).toBe('Linear Raw');
          execFileSync('dcraw_emu', ['-w', saved]);
        } else expect(tags.FileType).toBe('JPEG');
      }
    });
  });

  test('where it was taken is asked for where files are chosen, and nowhere before; then it is in each file', async () => {
    await withCamera('allowed', async (page) => {
      const client = await page.createCDPSession();
      await client.send('Browser.setPermission', {
        permission: { name: 'geolocation' },
        setting: 'granted',
        origin: app.url,
      });
      await page.setGeolocation({ latitude: 38.7223, longitude: -9.1393, accuracy: 12 });
      const files = await downloads(page);
      await fieldReady(page);
      let taken = 0;
      const place = async (): Promise<string> => {
        await expose(page, ++taken);
        await openLastFrame(page);
        await until(() => pageText(page), /linear RGB/);
        await pressFirst(page, 'Save DNG');
        const saved = await files.next('.dng');
        await page.goto(`${app.url}/?device=browser`);
        await fieldReady(page);
        return execFileSync('exiftool', ['-n', '-s3', '-GPSPosition', saved]).toString().trim();
      };
      expect(await place()).toBe('');
      await page.keyboard.press('f');
      await tap(page, '[aria-label="Place: in each file"]');
      await until(() => pageText(page), /Known to within 12 m: written as Exif GPS/);
      await page.keyboard.press('Escape');
      expect(await place()).toBe('38.7223 -9.1393');
      await page.reload();
      await fieldReady(page);
      await page.keyboard.press('f');
      await until(() => pageText(page), /Known to within 12 m/);
      await tap(page, '[aria-label="Place: not told"]');
      await page.keyboard.press('Escape');
      expect(await place()).toBe('');
    });
  });

  test('without streams of frames, they come through a video element all the same', () =>
    withCamera(
      'allowed',
      async (page) => {
        await fieldReady(page);
        await untilGreen(page, (green) => green > 20);
        await tap(page, EXPOSE);
        await openLastFrame(page);
        await until(() => pageText(page), /linear RGB/);
      },
      (page) =>
        page.evaluateOnNewDocument(() => {
          delete (window as { MediaStreamTrackProcessor?: unknown }).MediaStreamTrackProcessor;
        }),
    ));

  test('two frames asked for at once survive leaving Field', async () => {
    await withCamera('allowed', async (page) => {
      await fieldReady(page);
      await tap(page, EXPOSE);
      await page.waitForSelector(LAST_FRAME);
      // Within one turn of the page: neither has been grabbed when Field is left.
      await page.evaluate(
        (expose, last) => {
          for (let n = 0; n < 2; n++) document.querySelector<HTMLElement>(expose)!.click();
          document.querySelector<HTMLElement>(last)!.click();
        },
        EXPOSE,
        LAST_FRAME,
      );
      await until(() => Promise.resolve(page.url()), /frame/);
      await until(async () => String((await storedCounts(page)).frames), /^3$/);
    });
  });

  test('the camera is let go when Field is left', async () => {
    await withCamera(
      'allowed',
      async (page) => {
        await fieldReady(page);
        expect(await trackStates(page)).toBe('live');
        await tap(page, EXPOSE);
        await openLastFrame(page);
        await until(() => pageText(page), /linear RGB/);
        expect(await trackStates(page)).toBe('ended');
      },
      keepTracks,
    );
  });
});
