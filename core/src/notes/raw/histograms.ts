import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { renderingCurve } from '../../colour/develop/renderingCurve';
import { encodeSrgb } from '../../colour/srgb';
import { formatSignedThirds } from '../../exposure/thirds';
import { MID_GREY_SHARE } from '../../sensor/sensorModel';
import { stretch } from '../figure';
import type { Note } from '../note';
import { stopsScale } from '../scales';

const GREY = 0.18;
/** Scene-linear light at which the raw clips, where 0.18 is mid-grey. */
const CLIP = GREY / MID_GREY_SHARE;
const curve = renderingCurve(CLIP);

/** Two histograms of the same light. */
export const histograms: Note = {
  id: 'histograms',
  title: 'The raw’s histogram and the picture’s',
  text: [
    'A camera’s usual histogram is that of the JPEG: after white balance, after a tone curve, after gamma. It reaches its right end before the raw does, or after it, and by white balance alone red or blue may look clipped when they are not.',
    'The histogram on the ladder is the raw’s: each channel as the sensor counted it, in stops, and its top line is where the sensor is full. Judge exposure by it. Lay the picture’s beside it (marks ▾, or H) to see how far apart the two are.',
    'Move a grey tone, and compare how far each of them is filled.',
  ],
  source: 'sRGB: IEC 61966-2-1. Mid-grey at 10/78 of saturation: ISO 12232.',
  figure: {
    scales: [stopsScale('Tone', { min: -18, max: 10, start: 0 })],
    ladder: {
      low: 0,
      high: 100,
      every: 25,
      engrave: (percent) => `${percent}`,
      unit: '% of what each can show',
    },
    read(click) {
      const light = GREY * 2 ** (click / CLICKS_PER_STOP);
      const raw = 100 * Math.min(1, light / CLIP);
      const picture = 100 * encodeSrgb(curve(light));
      const clips = light >= CLIP;
      return {
        marks: [
          stretch('raw', 0, raw, clips ? 'lost' : 'good'),
          stretch('picture', 0, picture, clips ? 'lost' : 'plain'),
        ],
        says: `A tone at ${formatSignedThirds(click)}: ${Number(raw.toPrecision(2))} % of the raw’s range, ${Math.round(2.55 * picture)} of 255 in the picture${clips ? ': lost in both' : ''}.`,
      };
    },
  },
  setUp: 'scene=pans-at-noon&time=auto&iso=auto',
};
