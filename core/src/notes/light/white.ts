import { NAMED_LIGHTS, nominalKelvin } from '../../colour/lightNames';
import { mired, uvDistance, whiteChromaticity } from '../../colour/whitePoint';
import { place, type FigureScale } from '../figure';
import type { Note } from '../note';

/** Steps of ten mired from 12000 K down to 2000 K look equally big. */
const STEP_MIRED = 10;
const kelvinAt = (at: number): number => 1e6 / (STEP_MIRED * -at);
const words = (at: number): string => `${nominalKelvin(kelvinAt(at))} K`;

const kelvinScale = (name: string, start: number): FigureScale => ({
  name,
  min: -50,
  max: -9,
  start,
  majorEvery: 5,
  engrave: (at) => `${nominalKelvin(kelvinAt(at))}`,
  words,
});

/**
 * A just noticeable difference of chromaticity, in thousandths of CIE 1960 uv (common practice).
 */
const SEEN = 3;

/** Kelvin, tint, and what is neutral. */
export const white: Note = {
  id: 'white',
  title: 'White balance, tint, neutral',
  text: [
    'Eyes take the light for white, whatever it is. A sensor does not: a lamp’s light is orange, shade is blue. White says which light is to come out white. Set lower than the light is, the picture turns orange to blue; set higher, the other way.',
    'Kelvin runs from orange to blue, tint from green to magenta across it: lamps and leaves are off the curve of glowing bodies. Tap something grey with White in hand, and both are read from it.',
    'In a raw none of it is final: white only says how to develop it. It does change what the picture’s histogram shows.',
  ],
  source:
    'CIE 015 (daylight, uv 1960). Mired: common practice. Named lights differ: common practice.',
  figure: {
    scales: [kelvinScale('Light', -35), kelvinScale('White set', -19)],
    ladder: {
      low: -500,
      high: -90,
      every: 100,
      engrave: (value) => `${nominalKelvin(1e6 / -value)} K`,
      unit: 'even steps of mired',
    },
    read(light, set) {
      const [of, to] = [kelvinAt(light), kelvinAt(set)];
      const off = uvDistance(
        whiteChromaticity({ kelvin: of, tint: 0 }),
        whiteChromaticity({ kelvin: to, tint: 0 }),
      );
      const named = [...NAMED_LIGHTS].sort(
        (a, b) => Math.abs(mired(a.kelvin) - mired(of)) - Math.abs(mired(b.kelvin) - mired(of)),
      )[0];
      const cast = set > light ? 'orange' : 'blue';
      return {
        marks: [
          place('the light', -mired(of)),
          place('White', -mired(to), off < SEEN ? 'good' : 'lost'),
        ],
        says:
          off < SEEN
            ? `Light of ${words(light)} (as of: ${named.label}): grey comes out grey.`
            : `Light of ${words(light)} (as of: ${named.label}), White at ${words(set)}: grey comes out ${cast}, ${Math.round(off)} thousandths of uv off; ${SEEN} can be seen.`,
      };
    },
  },
  setUp: 'scene=test-wall-lamp&white=5200',
};
