import { EXPOSE } from '../support/browser';
import { otherEngines } from './engineSuite';
import {
  fieldReadyIn,
  openFieldIn,
  present,
  pressOn,
  showsSomething,
  tapOn,
  untilWords,
} from './hands';

jest.setTimeout(180_000);

otherEngines(({ tab, url, test }) => {
  test('merges a bracket taken in Field into a frame of its own', async () => {
    await openFieldIn(
      tab(),
      url(),
      'scene=drying-shed&mp=3&crop=3&files=dng&support=tripod&focus=inf&time=1/60&iso=100&series=bracket:3:2',
    );
    await fieldReadyIn(tab());
    await tapOn(tab(), EXPOSE);
    const stack = '[role=link][aria-label^="Series of 3"]';
    await present(tab(), stack, 60_000);
    await tapOn(tab(), stack);
    await pressOn(tab(), 'Combine 3 ...');
    await present(tab(), '[aria-label="The frames combined, small"]', 60_000);
    await showsSomething(tab(), '[data-testid=combined]');
    await pressOn(tab(), 'Make the frame');
    await untilWords(tab(), /Made of 3 frames, their whole range/, 60_000);
    expect(tab().errors).toEqual([]);
  });
});
