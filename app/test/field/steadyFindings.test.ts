import type { Finding } from '@velmo/core/verdict';
import { steadyFindings } from '../../src/screens/field/words/steadyFindings';

const finding = (id: string, text = id): Finding =>
  ({ id, text, repairs: [] }) as unknown as Finding;
const LAMPS = finding('lamps');
const CLIPPING = finding('clipping');

const textsOf = (findings: readonly Finding[]): string => findings.map(({ text }) => text).join();

describe('findings under noise', () => {
  test('one that comes and goes with the noise is not said', () => {
    const steady = steadyFindings();
    const readings = [[LAMPS], [CLIPPING, LAMPS], [LAMPS], [CLIPPING, LAMPS], [CLIPPING, LAMPS]];
    for (const found of [...readings, ...readings]) expect(textsOf(steady(found, 1))).toBe('lamps');
  });

  test('one that stays is said, one that stays away is not said any more', () => {
    const steady = steadyFindings();
    steady([LAMPS], 1);
    const said = Array.from({ length: 5 }, () => textsOf(steady([CLIPPING, LAMPS], 1)));
    expect(said[0]).toBe('lamps');
    expect(said.at(-1)).toBe('clipping,lamps');
    const later = Array.from({ length: 5 }, () => textsOf(steady([LAMPS], 1)));
    expect(later[0]).toBe('clipping,lamps');
    expect(later.at(-1)).toBe('lamps');
  });

  test('what other settings bring is said at once', () => {
    const steady = steadyFindings();
    steady([LAMPS], 1);
    expect(textsOf(steady([], 2))).toBe('');
    expect(textsOf(steady([CLIPPING], 3))).toBe('clipping');
  });

  test('the numbers of one that stands follow every reading', () => {
    const steady = steadyFindings();
    steady([finding('blur', '5 px')], 1);
    expect(textsOf(steady([finding('blur', '6 px')], 1))).toBe('6 px');
  });
});
