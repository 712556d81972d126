import { DEFAULT_SETTINGS, held } from '@velmo/core/settings';
import { openingOf } from '../../src/screens/field/session/link/opening';
import type { KeptOpening } from '../../src/storage/kept/keptOpening';

const NOTHING: KeptOpening = { settings: null, preferences: null, camera: null };
const LAST: KeptOpening = {
  ...NOTHING,
  settings: { ...DEFAULT_SETTINGS, iso: held(6), lens: 'tele' },
  camera: { device: 'simulated', scene: 'drying-shed' },
};
const noted = (type: NavigationTimingType): void => {
  jest
    .spyOn(performance, 'getEntriesByType')
    .mockReturnValue([{ type } as unknown as PerformanceNavigationTiming]);
};

beforeEach(() => {
  sessionStorage.clear();
  performance.getEntriesByType ??= () => [];
  noted('navigate');
});
afterEach(() => jest.restoreAllMocks());

test('without a link: the place and the settings of last time, or those Field begins with', () => {
  const { choice, settings, problems } = openingOf('{}', LAST);
  expect(choice).toEqual(LAST.camera);
  expect(settings).toEqual(LAST.settings);
  expect(problems).toEqual([]);
  const first = openingOf('{}', NOTHING);
  expect(first.choice.device).toBe('simulated');
  expect(first.settings).toEqual(DEFAULT_SETTINGS);
});

test('what a link asks for lies over last time; what cannot be understood is named', () => {
  const { choice, settings, problems } = openingOf('{"scene":"harbour-light","iso":"100"}', LAST);
  expect(choice).toEqual({ device: 'simulated', scene: 'harbour-light' });
  expect(settings).toEqual({ ...LAST.settings, iso: held(0) });
  expect(problems).toEqual([]);
  expect(openingOf('{"scene":"moon"}', LAST).problems).toEqual(['scene=moon']);
});

test('a page that is reloaded obeys its link no more: it is where it was left', () => {
  const link = '{"scene":"harbour-light"}';
  const note = { link, choice: { device: 'simulated', scene: 'test-wall' } };
  sessionStorage.setItem('velmo/obeyed-link', JSON.stringify(note));
  expect(openingOf(link, LAST).choice).toMatchObject({ scene: 'harbour-light' });
  noted('reload');
  expect(openingOf(link, LAST)).toMatchObject({ query: {}, choice: { scene: 'test-wall' } });
});

test('a lens that this version does not have is the one Field begins with', () => {
  const kept = { ...LAST, settings: { ...DEFAULT_SETTINGS, lens: 'periscope' } };
  expect(openingOf('{}', kept).settings.lens).toBe(DEFAULT_SETTINGS.lens);
});
