import { circleOfConfusionMm, hyperfocalM, sharpZone } from '../../optics/depthOfField';
import { formatDistance, formatZone } from '../../optics/distance';
import { place, stretch, within } from '../figure';
import type { Note } from '../note';
import { focalAt, lensAt, lensScale, MAIN_AT } from '../scales';

/** Positions of distance that double it. */
const STEPS = 4;
const distanceAt = (at: number): number => 2 ** (at / STEPS);
const words = (at: number): string => formatDistance(distanceAt(at), 'm');
const LADDER = {
  low: -4,
  high: 7,
  every: 1,
  engrave: (value: number) => formatDistance(2 ** value, 'm'),
  unit: 'distance, doubling',
};

/** Depth of field, and the distance beyond which all is sharp. */
export const depth: Note = {
  id: 'depth',
  title: 'Depth of field, and the hyperfocal distance',
  text: [
    'Only one distance is in focus. Around it lies a zone in which blur is too small to be seen: it grows with distance, shrinks with a longer lens, and reaches about twice as far behind as before, until it reaches infinity.',
    'Focused at the hyperfocal distance, marked H, everything from half of it to the horizon looks sharp. For a phone’s main lens that is two metres or so: a landscape needs no more care.',
    'Near things do. At ten centimetres the zone is some millimetres deep, and a phone’s aperture cannot be closed. Focus steps can be stacked instead.',
  ],
  source: 'H = f²/(N c) + f, Gaussian optics. Circle of 0.030 mm on 36 × 24 mm: common practice.',
  figure: {
    scales: [
      {
        name: 'Focus at',
        min: -12,
        max: 24,
        start: 4,
        majorEvery: STEPS,
        engrave: words,
        words,
      },
      lensScale(MAIN_AT),
    ],
    ladder: LADDER,
    read(at, lensPosition) {
      const { lens, crop } = lensAt(lensPosition);
      const circle = circleOfConfusionMm(lens, crop);
      const { nearM, farM } = sharpZone(lens, circle, distanceAt(at));
      const log = (m: number): number => within(LADDER, Math.log2(m));
      return {
        marks: [
          stretch('sharp', log(nearM), log(farM), 'good'),
          place('focus', log(distanceAt(at))),
          place('H', log(hyperfocalM(lens, circle))),
        ],
        says: `${Math.round(focalAt(lensPosition))} mm focused at ${words(at)}: sharp from ${formatZone(nearM, farM, 'm')}.`,
      };
    },
  },
  setUp: 'scene=packing-bench&focus=0.5m&support=tripod',
};
