import { timeSFromClick } from '../../exposure/clicks';
import { nominalTime } from '../../exposure/nominal';
import { fiveHundredRuleS, TRAIL_LIMIT_PX, trailPx } from '../../optics/skyTrail';
import { pixelAngleRad } from '../../optics/zoom';
import { place, stretch, within } from '../figure';
import type { Note } from '../note';
import { focalAt, lensAt, lensScale, MAIN_AT, pixelLadder, pixels, shutterScale } from '../scales';

const LADDER = pixelLadder(40, 10);

/** The sky turns. */
export const stars: Note = {
  id: 'stars',
  title: 'Stars, and the turning sky',
  text: [
    'The sky turns once in 23 hours 56 minutes: fifteen seconds of arc in a second of time, most at the celestial equator, not at all at the pole. Held still on a tripod, a star becomes a dash. Up to about five pixels it still looks like a point.',
    'An old rule says 500 divided by the focal length, in seconds. It was made for film, and it is too kind to small pixels: Time shows both.',
    'For points: the longest time that does not trail, and ISO for the rest. For trails: many frames end to end, laid over each other in Combine.',
  ],
  source: 'Sidereal day of 86,164 s. Rule of 500 and the limit of 5 pixels: common practice.',
  figure: {
    scales: [shutterScale({ min: 0, max: 15, start: 9 }), lensScale(MAIN_AT)],
    ladder: LADDER,
    read(click, at) {
      const trail = trailPx(timeSFromClick(click), 1, pixelAngleRad(lensAt(at).lens, 1));
      const mm = focalAt(at);
      return {
        marks: [
          stretch('trails', 0, within(LADDER, trail), trail > TRAIL_LIMIT_PX ? 'lost' : 'good'),
          place('points up to', TRAIL_LIMIT_PX),
        ],
        says: `${Math.round(mm)} mm, ${nominalTime(click)} s: a star near the equator trails ${pixels(trail)} pixels. The rule of 500 would allow ${fiveHundredRuleS(mm).toFixed(0)} s.`,
      };
    },
  },
  setUp: 'scene=stars-over-the-pans&support=tripod&time=8&iso=1600',
};
