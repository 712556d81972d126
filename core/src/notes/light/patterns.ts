import { CLICKS_PER_STOP } from '../../exposure/clicks';
import {
  ev100FromLuminance,
  luminanceFromEv100,
  meterWeights,
  type MeterPattern,
} from '../../exposure/metering';
import { formatStops } from '../../exposure/thirds';
import { MID_GREY_SHARE } from '../../sensor/sensorModel';
import { place } from '../figure';
import type { Note } from '../note';
import { choiceScale, stopsLadder } from '../scales';

/** A figure before a bright sky, as a meter sees it. */
const [WIDTH, HEIGHT] = [48, 36];
const [SKY_EV, SUBJECT_EV] = [14, 10];
const SHARES = [2, 4, 8, 12, 20, 30, 45, 60];

/** Luminance row by row: a subject of a share of the frame, as a square in its middle. */
function luminances(share: number): Float32Array {
  const half = Math.sqrt((share / 100) * WIDTH * HEIGHT) / 2;
  const inside = (i: number, n: number): boolean => Math.abs(i + 0.5 - n / 2) < half;
  return Float32Array.from({ length: WIDTH * HEIGHT }, (_, i) =>
    luminanceFromEv100(
      inside(i % WIDTH, WIDTH) && inside(Math.floor(i / WIDTH), HEIGHT) ? SUBJECT_EV : SKY_EV,
    ),
  );
}

/** Stops from mid-grey at which the subject is put. */
function subjectStops(pattern: MeterPattern, light: Float32Array): number {
  // Kept highlights lie just under clipping, whatever else there is.
  if (pattern === 'highlights') return SUBJECT_EV - SKY_EV - Math.log2(MID_GREY_SHARE);
  const weights = meterWeights(pattern, WIDTH, HEIGHT, { x: 0.5, y: 0.5 });
  const mean = light.reduce((sum, l, i) => sum + l * weights[i], 0);
  return SUBJECT_EV - ev100FromLuminance(mean);
}

/** Whole, centre, spot, highlights. */
export const patterns: Note = {
  id: 'patterns',
  title: 'What the meter reads',
  text: [
    'Whole takes the mean of the frame. Centre counts the middle most. Spot reads a circle of 3 % and nothing else: tap the picture to move it. Highlights does not average at all: it puts the brightest texture just under clipping, whatever that does to the rest.',
    'None of them is right. Whole is steady for even scenes, centre forgiving, spot exact for one tone, highlights for a raw that is to be developed later.',
    'The figure is a dark subject before a sky four stops brighter. Let it grow, and see where each pattern puts it.',
  ],
  source: 'ISO 2720. Weights of the patterns: common practice.',
  figure: {
    scales: [
      choiceScale(
        'Subject',
        SHARES.map((share) => `${share} %`),
        3,
      ),
    ],
    ladder: stopsLadder(-5, 3),
    read(at) {
      const light = luminances(SHARES[at]);
      const stopsOf = (pattern: MeterPattern): number => subjectStops(pattern, light);
      const whole = Math.round(CLICKS_PER_STOP * stopsOf('whole'));
      return {
        marks: [
          place('whole', stopsOf('whole')),
          place('centre', stopsOf('centre')),
          place('spot', stopsOf('spot'), 'good'),
          place('highlights', stopsOf('highlights')),
        ],
        says:
          whole === 0
            ? `A subject of ${SHARES[at]} % of the frame: the mean of the frame is its own.`
            : `A subject of ${SHARES[at]} % of the frame: by the whole it lies ${formatStops(whole)} too dark, by the spot on mid-grey.`,
      };
    },
  },
  setUp: 'scene=drying-shed&meter=spot&time=auto&iso=auto',
};
