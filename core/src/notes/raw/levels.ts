import { photositeResponse } from '../../sensor/sensorModel';
import { place, within } from '../figure';
import type { Note } from '../note';
import { MAIN_LENS } from '../scales';

const { blackLevel, whiteLevel, electronsPerDn, readNoiseE, saturationE } = photositeResponse(
  MAIN_LENS.sensor,
  100,
  1,
);
const LADDER = {
  low: -1,
  high: 12,
  every: 2,
  engrave: (value: number) => `${Math.round(2 ** value)}`,
  unit: 'levels of the raw',
};

/** What a raw is, and why it looks noisy and flat. */
export const rawLevelsNote: Note = {
  id: 'raw',
  title: 'What a raw is, and why it looks noisy and flat',
  text: [
    'A raw is what the photosites counted: one colour each, evenly with the light, nothing taken out and nothing decided. No noise has been smoothed, no edge sharpened, no tone bent, no white chosen. A JPEG of the same moment has had all of that, by somebody’s taste, and the rest thrown away.',
    'So a raw looks flat and noisy on purpose: its highlights and shadows are all still there. Develop it, and it becomes your picture.',
    'Counting evenly means that the brightest stop gets half of all levels. Go down stop by stop, and see how few are left, and how wide the noise lies over them.',
  ],
  source: 'DNG specification (linear raw). Noise in levels: EMVA 1288.',
  figure: {
    scales: [
      {
        name: 'Stop',
        min: 1,
        max: 11,
        start: 1,
        majorEvery: 1,
        engrave: (stop) => `${stop}`,
        words: (stop) => (stop === 1 ? 'brightest' : `${stop} from the top`),
      },
    ],
    ladder: LADDER,
    read(stop) {
      const levels = (whiteLevel - blackLevel) / 2 ** stop;
      const signalE = (saturationE * 0.75) / 2 ** (stop - 1);
      const wide = Math.sqrt(signalE + readNoiseE ** 2) / electronsPerDn;
      const drowns = wide > levels / 2;
      return {
        marks: [
          place('levels in this stop', within(LADDER, Math.log2(levels)), drowns ? 'lost' : 'good'),
          place('noise, either way', within(LADDER, Math.log2(wide))),
        ],
        says: `${stop === 1 ? 'The brightest stop' : `Stop ${stop} from the top`} has ${Math.max(1, Math.round(levels))} of ${whiteLevel - blackLevel} levels; noise is ${wide.toFixed(wide < 9.95 ? 1 : 0)} levels either way.`,
      };
    },
  },
  setUp: 'scene=drying-shed&files=dng%2Bjpeg',
};
