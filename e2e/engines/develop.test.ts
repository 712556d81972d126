import { execFileSync } from 'node:child_process';
import { EXPOSE } from '../support/browser';
import { otherEngines } from './engineSuite';
import {
  fieldReadyIn,
  openFieldIn,
  present,
  pressOn,
  savedFile,
  showsSomething,
  tapOn,
  untilWords,
} from './hands';

jest.setTimeout(180_000);

const FRAME = '[role=link][aria-label^="Frame"]';

otherEngines(({ tab, url, test }) => {
  test('develops a frame by a look, saves it in Display P3, and its files as a zip', async () => {
    const link = 'scene=pans-at-noon&mp=3&crop=2&files=dng&support=tripod&time=1/500&iso=100';
    await openFieldIn(tab(), url(), link);
    await fieldReadyIn(tab());
    await tapOn(tab(), EXPOSE);
    await present(tab(), FRAME, 60_000);
    await tapOn(tab(), FRAME);
    await present(tab(), '[data-testid=frame-picture][data-shown]', 60_000);
    await pressOn(tab(), 'Develop ...');
    await present(tab(), '[data-testid=develop-picture][data-shown]', 60_000);
    await pressOn(tab(), 'Slate');
    await present(tab(), '[data-testid=develop-picture][data-shown*="0.7"]', 60_000);
    await showsSomething(tab(), '[data-testid=develop-picture]');
    await pressOn(tab(), 'Done');
    await untilWords(tab(), /Developed: look Slate/, 60_000);
    await present(tab(), '[data-testid=frame-picture][data-shown*="0.7"]', 60_000);
    await pressOn(tab(), 'Display P3');
    await pressOn(tab(), 'Save developed JPEG');
    const file = await savedFile(tab(), '-developed.jpg');
    const said = execFileSync('exiftool', ['-ProfileDescription', '-ISO', '-s3', file]).toString();
    expect(said.trim().split('\n')).toEqual(['Display P3', '100']);
    // Greys, whatever they stand for.
    const chroma = ['maxima.r-maxima.g', 'mean.r-mean.b'].map((what) =>
      Math.abs(
        Number(execFileSync('convert', [file, '-format', `%[fx:${what}]`, 'info:']).toString()),
      ),
    );
    expect(Math.max(...chroma)).toBeLessThan(0.01);
    await pressOn(tab(), 'Deliver ...');
    await untilWords(tab(), /1 frame in 1 file, /, 60_000);
    await pressOn(tab(), 'Save a zip');
    await untilWords(tab(), /1 file in a zip\./, 60_000);
    const zip = await savedFile(tab(), '.zip');
    expect(execFileSync('unzip', ['-t', zip]).toString()).toMatch(/No errors detected/);
    expect(tab().errors).toEqual([]);
  });
});
