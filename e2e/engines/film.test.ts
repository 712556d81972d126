import { execFileSync } from 'node:child_process';
import { CURVES, lightOf } from '../../core/test/support/films';
import { readPortableMap } from '../../core/test/support/shots';
import { LAST_FRAME, until } from '../support/browser';
import { ALL_CONTROLS, PLAIN_SETTINGS } from '../support/filmCamera';
import { installFilm, type FilmHandle, type FilmOptions } from '../support/filmPage';
import { otherEngines } from './engineSuite';
import {
  chooseCamera,
  exposeIn,
  meterIn,
  openFieldIn,
  pressOn,
  read,
  savedFile,
  storedText,
  tapOn,
  untilTape,
  untilWords,
} from './hands';
import { inPage, type Tab } from './tab';

jest.setTimeout(240_000);

const FILM: FilmOptions = {
  curve: 'film',
  noise: 0.01,
  capabilities: ALL_CONTROLS,
  settings: PLAIN_SETTINGS,
};

/**
 * Field on a film whose light, response and controls are known, in the place of the browser's
 * camera.
 */
async function openFilm(tab: Tab, url: string, film: FilmOptions, query = ''): Promise<void> {
  await openFieldIn(tab, url, `scene=test-wall&mp=3${query}`);
  await inPage(tab, installFilm, film);
  await chooseCamera(tab);
  // The meter of the camera before it must not be taken for this one's.
  await until(() => read(tab, '[aria-label^="Camera and place"]', 'aria-label'), /Film camera/);
  await meterIn(tab, /stops|EV/);
}

const meterStops = async (tab: Tab): Promise<number> => {
  const text = await read(tab, '[aria-label^="Meter"]', 'aria-label');
  const [, sign, whole, third] = /≈ ([+−]?)(\d*) ?(?:(\d)\/3)? ?stops?/.exec(text) ?? [];
  const stops = Number(whole || 0) + Number(third || 0) / 3;
  return sign === '−' ? -stops : stops;
};

/** A grey of the same light all over, at the exposure it starts with a share of what clips. */
function greyFilm(share: number): FilmOptions {
  const [width, height] = [320, 240];
  const code = Math.round(255 * share ** (1 / 2.2));
  const rgb = Buffer.alloc(3 * width * height, code).toString('base64');
  return { ...FILM, curve: 'sRgb', noise: 0, picture: { width, height, rgb } };
}

otherEngines(({ tab, url, test }) => {
  test('a film of known exposure: meter and DNG tell its light, held a stop darker both say a stop less', async () => {
    // Of light at 18 % of clipping, an sRGB picture has 18 %: what the meter calls mid-grey is told
    // by the core.
    const share = 0.18;
    await openFilm(tab(), url(), greyFilm(share), '&files=dng%2Bjpeg');
    await until(async () => (await meterStops(tab())).toFixed(2), /^\d|^-\d/);
    const first = await meterStops(tab());
    const light = async (): Promise<number> => {
      await exposeIn(tab());
      await tapOn(tab(), LAST_FRAME);
      const said = await untilWords(tab(), /linear RGB/, 30_000);
      await pressOn(tab(), /Save DNG[^\n]*/.exec(said)![0]);
      const saved = await savedFile(tab(), '.dng');
      const map = execFileSync('dcraw', ['-4', '-o', '0', '-r', '1', '1', '1', '1', '-c', saved], {
        maxBuffer: 1 << 27,
      });
      // Saved again under the same name, it would be taken for this one.
      execFileSync('mv', [saved, `${saved}.read`]);
      const { data } = readPortableMap(map);
      return data.reduce((sum, v) => sum + v, 0) / data.length / 65535;
    };
    const bright = await light();
    // sRGB of 8 bits: a step of its codes is 1.3 % of light here.
    expect(Math.abs(Math.log2(bright / share))).toBeLessThan(0.05);
    await pressOn(tab(), '‹ Field');
    await until(() => read(tab(), '[aria-label^="Camera and place"]', 'aria-label'), /Film camera/);
    await meterIn(tab(), /stops/);
    // The film opens anew as it was: a stop less by its compensation.
    await inPage(tab(), () =>
      document.querySelector<HTMLElement>('[role=slider][aria-label=Comp]')!.focus(),
    );
    for (let k = 0; k < 3; k++) await tab().key('ArrowLeft');
    await untilTape(tab(), 'Comp', /^−1/);
    await until(
      async () => String(Math.abs((await meterStops(tab())) - (first - 1)) < 0.34),
      /true/,
    );
    const dark = await light();
    expect(Math.abs(Math.log2(bright / dark) - 1)).toBeLessThan(0.05);
  });

  test('a guided series finds its response within 2 % over the middle 90 % of the codes', async () => {
    await openFilm(tab(), url(), FILM);
    await untilTape(tab(), 'Ladder', /estimated$/);
    await tab().key('m');
    await pressOn(tab(), 'Calibrate…');
    await untilWords(tab(), /Light of this camera/);
    await pressOn(tab(), 'Start the series');
    await until(() => read(tab(), '[data-testid=series-outcome]'), /^Measured/, 150_000);
    const kept = await until(
      () => storedText(tab(), 'camera-light/Film camera, facing back'),
      /"response":\[\[/,
    );
    for (const curve of (JSON.parse(kept) as { response: number[][] }).response) {
      const ratios = Array.from(
        { length: 230 },
        (_, k) => curve[13 + k] / lightOf(CURVES.film, (13 + k) / 255),
      );
      const middle = [...ratios].sort((a, b) => a - b)[115];
      const worst = Math.max(...ratios.map((ratio) => Math.abs(ratio / middle - 1)));
      expect(worst).toBeLessThan(0.02);
    }
    await pressOn(tab(), 'Close');
    await untilTape(tab(), 'Ladder', /clipping$|clip$/);
  });

  test('a control the camera refuses goes back and is said', async () => {
    await openFilm(tab(), url(), FILM);
    await inPage(tab(), () => {
      const { film } = window as unknown as { film: FilmHandle };
      film.refuse = ({ iso }) => (iso === undefined ? null : 'iso');
      document.querySelector<HTMLElement>('[role=slider][aria-label=ISO]')!.focus();
    });
    await tab().key('ArrowRight');
    await untilWords(tab(), /The camera did not take ISO/);
    await untilTape(tab(), 'ISO', /auto/);
  });
});
