import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { nominalTime, TIME_CLICKS } from '../../exposure/nominal';
import { lightClicksFromEv100 } from '../../exposure/solver';
import { place } from '../figure';
import type { Note } from '../note';
import { lightScale, MAIN_LENS, timesWords } from '../scales';

/** Grey glass, and the time it buys. */
export const filters: Note = {
  id: 'filters',
  title: 'Filters: buying time',
  text: [
    'A neutral density filter is grey glass. It takes stops away from everything alike, so the shutter may stay open longer: water turns to silk, people thin out, lamps stop banding.',
    'At noon a phone’s fixed aperture leaves 1/8000 s at base ISO. Ten stops of glass make that 1/8 s. Filters add: a 3 and a 6 are a 9.',
    'Without glass, Long gathers many short frames into one picture and comes close to it. What moves fast between two frames then shows as steps instead of a smear.',
  ],
  source: 'Optical density D = stops × 0.301; ISO 2720. Names of filters: common practice.',
  figure: {
    scales: [
      {
        name: 'Filter',
        min: 0,
        max: 10,
        start: 6,
        majorEvery: 2,
        engrave: (stops) => `${stops}`,
        words: (stops) => (stops === 0 ? 'none' : `${stops} ${stops === 1 ? 'stop' : 'stops'}`),
      },
      lightScale({ min: 24, max: 48, start: 45 }),
    ],
    ladder: {
      low: TIME_CLICKS.min / CLICKS_PER_STOP,
      high: 5,
      every: 3,
      engrave: (value) => nominalTime(CLICKS_PER_STOP * value),
      unit: 's, at base ISO',
    },
    read(filter, light) {
      const open = Math.max(
        TIME_CLICKS.min,
        lightClicksFromEv100(light / CLICKS_PER_STOP, MAIN_LENS.fNumber),
      );
      const glass = open + CLICKS_PER_STOP * filter;
      return {
        marks: [
          place('without', open / CLICKS_PER_STOP),
          place('with the filter', glass / CLICKS_PER_STOP, 'good'),
        ],
        says:
          filter === 0
            ? `Without a filter: ${nominalTime(open)} s.`
            : `${nominalTime(open)} s becomes ${nominalTime(glass)} s: ${timesWords(2 ** filter)} as long.`,
      };
    },
  },
  setUp: 'scene=sluice-at-dusk&nd=6&support=tripod&time=auto&iso=100',
};
