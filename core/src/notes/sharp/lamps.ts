import { timeSFromClick } from '../../exposure/clicks';
import { nominalTime } from '../../exposure/nominal';
import { BANDING_LIMIT, bandingContrast } from '../../optics/lampPulse';
import { place, stretch } from '../figure';
import type { Note } from '../note';
import { choiceScale, shutterScale } from '../scales';

const MAINS_HZ = [50, 60];
const MODULATION = 0.4;

/** Lamps pulse, shutters roll. */
export const lamps: Note = {
  id: 'lamps',
  title: 'Lamps, mains, and stripes',
  text: [
    'Lamps on the mains pulse twice in each of its cycles: 100 times a second, or 120. A phone’s shutter rolls down the picture row by row, so a short time catches some rows at the crest and others in the trough: stripes.',
    'A time that is a whole number of pulses averages them away: 1/100, 1/50, 1/33 s on 50 Hz mains, 1/120, 1/60, 1/30 s on 60 Hz. Long times hardly show it. Some lamps pulse a lot, some not at all; there is nothing to see before you look.',
    'Tell Rig which mains you have, and Time shows where it bands.',
  ],
  source:
    'Pulse at twice the mains frequency, averaged over the exposure (a sinc). 3 % seen: common practice.',
  figure: {
    scales: [
      shutterScale({ min: -33, max: -6, start: -24 }),
      choiceScale(
        'Mains',
        MAINS_HZ.map((hz) => `${hz} Hz`),
        0,
      ),
    ],
    ladder: {
      low: 0,
      high: 40,
      every: 10,
      engrave: (percent) => `${percent}`,
      unit: '% of the light, either way',
    },
    read(click, choice) {
      const hz = MAINS_HZ[choice];
      const contrast = bandingContrast(timeSFromClick(click), hz, MODULATION);
      const bands = contrast > BANDING_LIMIT;
      return {
        marks: [
          stretch('stripes', 0, 100 * contrast, bands ? 'lost' : 'good'),
          place('seen from', 100 * BANDING_LIMIT),
        ],
        says: `${nominalTime(click)} s under lamps on ${hz} Hz: ${bands ? `stripes of ${(100 * contrast).toFixed(0)} %` : 'no stripes to see'}.`,
      };
    },
  },
  setUp: 'scene=packing-bench&mains=50&time=1/500&iso=auto',
};
