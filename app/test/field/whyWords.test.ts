import { held, type Settings } from '@velmo/core/settings';
import { findScene } from '@velmo/core/scene';
import type { Readings } from '../../src/camera/device/readings';
import { simulatedCapabilities } from '../../src/camera/simulated/simulatedCapabilities';
import { fieldStore, type WhyPart } from '../../src/screens/field/session/fieldState';
import { whyWords } from '../../src/screens/field/words/whyWords';
import { READINGS as SOME } from './someReadings';

const READINGS: Readings = {
  ...SOME,
  timeClick: -18,
  ev100: 22 / 3,
  lightClicks: -18,
  white: { kelvin: 5500, tint: 0 },
  gains: [1.9, 1, 1.55],
  overClipStops: [-1, -1, -1],
  floorStops: -8.1,
};

function asked(
  part: WhyPart,
  settings: Partial<Settings> = {},
  readings: Partial<Readings> = {},
): string {
  const state = fieldStore.get();
  return whyWords(
    part,
    {
      ...state,
      phase: 'ready',
      capabilities: simulatedCapabilities(findScene('pans-at-noon')!),
      settings: { ...state.settings, ...settings },
      room: { quotaBytes: 1.2e9, usedBytes: 2e8 },
    },
    { ...READINGS, ...readings },
  );
}

test('time tells the light, the aperture and the ISO that went in, and what a hand holds', () => {
  expect(asked('time')).toMatch(/^1\/60 s because EV 7 1\/3, f\/2\.4, ISO 100 ask for it/);
  // The reciprocal rule: 1/f35 (common practice).
  expect(asked('time')).toContain('Hand-held at 26 mm it is sharp to 1/30 s.');
  expect(asked('time', { crop: 2, stabiliserStops: 1 })).toContain(
    'at 52 mm it is sharp to 1/30 s',
  );
  expect(asked('time', { time: held(-18) }, { differenceClicks: 4 })).toMatch(
    /because you set it\. The picture is 1 1\/3 stops over what the meter asks for\./,
  );
  expect(asked('time', { support: 'tripod' })).toContain('nothing shakes');
});

test('every number on Field has an answer, with the values that went in', () => {
  expect(asked('iso')).toMatch(/^ISO 100 because EV 7 1\/3, f\/2\.4, 1\/60 s ask for it.*SNR \d+/);
  expect(asked('iso', { iso: held(-3) }, { isoClick: -3 })).toContain('under base ISO 100');
  expect(asked('comp', { compClicks: 3 })).toContain('1 stop over mid-grey. The tapes you left');
  expect(asked('comp', { time: held(-18), iso: held(0) })).toContain('nothing follows it');
  expect(asked('focus')).toMatch(
    /^2 m because focus was found there\..*H, .*H = f² \/ \(N c\) \+ f/,
  );
  expect(asked('white')).toMatch(/^5500 K because.*red by 1\.90, green by 1\.00 and blue by 1\.55/);
  // EV 7 1/3 is L = 2^EV K / 100 with K = 12.5 cd/m2 (ISO 2720): 20.16.
  expect(asked('meter')).toMatch(/^EV 7 1\/3 because the centre reading is 20 cd\/m²/);
  expect(asked('rig', { filterStops: 3 })).toContain('3 stops: 1/8 of the light');
  expect(asked('files')).toMatch(
    /^\d+ frames left: 1\.0 GB of room, .*DNG, about \d+\.\d MB a frame/,
  );
  expect(asked('ladder')).toContain('clips 3.0 stops over it');
  expect(asked('expose')).toContain('12 MP.');
  expect(asked('place')).toContain('Simulated');
  expect(asked('verdict')).toMatch(/Nothing clips/);
});

test('what a camera does not tell is said not to be known', () => {
  expect(asked('meter', {}, { ev100: null })).toContain('has not been measured');
  expect(asked('white', {}, { white: null })).toContain('does not tell how');
  expect(asked('time', {}, { timeClick: null, ev100: null })).toContain('a time it does not tell');
  expect(whyWords('time', fieldStore.get(), null)).toBe('Nothing has been read yet.');
});
