import { EXPOSE } from '../support/browser';
import { otherEngines } from './engineSuite';
import { fieldReadyIn, openFieldIn, pressOn, tapOn, untilWords } from './hands';

jest.setTimeout(180_000);

otherEngines(({ tab, url, test }) => {
  test('a try at a drill is judged by the light, its hint is a note, and the note leads to all of them', async () => {
    await openFieldIn(tab(), url(), 'drill=white-heap&round=0&mp=3&time=1/8000&iso=100');
    await fieldReadyIn(tab());
    await untilWords(tab(), /The white heap looks white/);
    await tapOn(tab(), EXPOSE);
    await untilWords(tab(), /\d+ of 100\. The white heap is .* stops? too dark/, 90_000);
    await pressOn(tab(), 'Hint');
    await untilWords(tab(), /Grey, white and black subjects/);
    await pressOn(tab(), 'All notes');
    await untilWords(tab(), /Lamps, mains, and stripes[^]*Print these 22 notes/);
    expect(tab().errors).toEqual([]);
  });
});
