import { AS_EXPOSED, LOOKS, withLook, type Development } from '@velmo/core/recipe';
import {
  COLOUR_TAPE,
  DETAIL_TAPES,
  GREY_TAPES,
  LIGHT_TAPES,
  signedPercent,
} from '../../src/screens/develop/developTapes';
import { developWords, lookWords } from '../../src/screens/develop/developWords';
import { isValid } from '../../src/storage/validation';

/** A recipe in words, and on tapes. */

const recipe = (changes: Partial<Development>): Development => ({ ...AS_EXPOSED, ...changes });

test.each<[Partial<Development>, string]>([
  [{}, 'as exposed'],
  [{ exposure: -4 / 3 }, '−1 1/3'],
  [{ shadows: 0.4, highlights: -0.25 }, 'shadows +40 %, highlights −25 %'],
  [{ white: { kelvin: 2856, tint: 0.2 }, exposure: 1 }, '+1, 2850 K, tint 0'],
  [{ greys: [1, 0.2, -0.3] }, 'greys of 100, 20, −30 %'],
  [
    { noise: 0.5, sharpening: 0.25, saturation: -1 },
    'saturation −100 %, noise −50 %, sharpness +25 %',
  ],
])('%j is said as "%s"', (changes, words) => {
  expect(developWords(recipe(changes))).toBe(words);
});

test('looks are said by name, and each has one of its own', () => {
  const names = LOOKS.map(lookWords);
  expect(new Set(names).size).toBe(LOOKS.length);
  LOOKS.forEach((look, i) => {
    expect(developWords(withLook(recipe({ exposure: 1 }), look))).toBe(`+1, look ${names[i]}`);
  });
});

test('percents are signed as in print', () => {
  expect([0.05, 0, -0.4].map(signedPercent)).toEqual(['+5 %', '0 %', '−40 %']);
});

test('every tape sets what it reads, within what can be stored', () => {
  for (const tape of [...LIGHT_TAPES, COLOUR_TAPE, ...GREY_TAPES, ...DETAIL_TAPES])
    for (const click of [tape.range.min, tape.range.max, tape.first]) {
      const made = tape.changed(recipe({ greys: [0, 0, 0] }), click / tape.per);
      expect(Math.round(tape.value(made) * tape.per)).toBe(click);
      const stored = { version: 1, roll: '', choice: null, development: made };
      expect(isValid('decision', JSON.parse(JSON.stringify(stored)))).toBe(true);
      expect(tape.scale.readout(click)).not.toMatch(/NaN|-/);
      expect(tape.scale.speak(click)).not.toBe('');
    }
});
