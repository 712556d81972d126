import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { formatSignedThirds } from '../../exposure/thirds';
import { place } from '../figure';
import type { Note } from '../note';
import { stopsLadder } from '../scales';

const GREY = 0.18;
const reflects = (click: number): string =>
  `${Math.round(100 * GREY * 2 ** (click / CLICKS_PER_STOP))} %`;

/** What a meter makes of grey, white and black. */
export const subjects: Note = {
  id: 'subjects',
  title: 'Grey, white and black subjects',
  text: [
    'A meter sees light, not things. It does not know whether little light comes from a black coat or from a dark room, so it takes whatever it reads for a middling grey: 18 % is the trade’s convention, about half-way between black and white to the eye.',
    'Salt that fills the frame comes out grey that way, and so does a tarred shed. Add stops for white, take some off for black: that is all that exposure compensation is for.',
    'A spot reading and a pin say where a tone lies instead of guessing. Put the salt at +2, and it is salt.',
  ],
  source: 'ISO 2720 (K = 12.5 cd/m²). 18 %: common practice; L* = 49.5 of it: CIE 15.',
  figure: {
    scales: [
      {
        name: 'Subject',
        min: -9,
        max: 7,
        start: 7,
        majorEvery: 3,
        engrave: reflects,
        words: reflects,
      },
    ],
    ladder: stopsLadder(-4, 4),
    read(click) {
      const at = click / CLICKS_PER_STOP;
      const says =
        click === 0
          ? 'A subject of 18 % is what the meter takes it for.'
          : `A subject of ${reflects(click)} that fills the frame is metered to mid-grey. Comp ${formatSignedThirds(click)} puts it back to where it is.`;
      return { marks: [place('as metered', 0), place('as it is', at, 'good')], says };
    },
  },
  setUp: 'scene=pans-at-noon&meter=spot&spot=0.45,0.55&comp=0&time=auto&iso=auto',
};
