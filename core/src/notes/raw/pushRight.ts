import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { formatSignedThirds } from '../../exposure/thirds';
import {
  MID_GREY_SHARE,
  noiseFloorShare,
  photositeResponse,
  signalToNoise,
} from '../../sensor/sensorModel';
import { place } from '../figure';
import type { Note } from '../note';
import { MAIN_LENS, stopsLadder, stopsScale } from '../scales';

const response = photositeResponse(MAIN_LENS.sensor, 100, 1);
const CLIP = -Math.log2(MID_GREY_SHARE);
const FLOOR = Math.log2(noiseFloorShare(response) / MID_GREY_SHARE);
const SHADOW = -5;

const snrAt = (stops: number): number =>
  signalToNoise(response.saturationE * MID_GREY_SHARE * 2 ** stops, response);

/** More light is less noise, up to a point. */
export const pushingRight: Note = {
  id: 'pushing-right',
  title: 'Pushing right, and where it stops paying',
  text: [
    'Noise is smallest where light is most. A raw that is exposed as brightly as its highlights bear, and darkened later, has cleaner shadows than one exposed as it is to look. Push right at the end of Comp finds that exposure and says what the shadows gain.',
    'A stop more light improves shadows by 1.4 where photons make the noise, by up to 2 where reading does. It pays at base ISO and by time alone. Raising ISO makes the numbers larger, not the light: it only lifts what is already there, and clips sooner.',
    'Stop where texture would clip. Nothing brings that back.',
  ],
  source: 'Photon transfer: EMVA 1288. Exposing to the right: common practice.',
  figure: {
    scales: [
      stopsScale('Exposure', { min: -6, max: 9, start: 0 }),
      stopsScale('Highlights', { min: 0, max: 9, start: 4 }),
    ],
    ladder: stopsLadder(-12, 6, 2),
    read(exposure, highlights) {
      const push = exposure / CLICKS_PER_STOP;
      const top = highlights / CLICKS_PER_STOP + push;
      const gain = snrAt(SHADOW + push) / snrAt(SHADOW);
      return {
        marks: [
          place('clips', CLIP, 'lost'),
          place('highlights', top, top >= CLIP ? 'lost' : 'plain'),
          place('shadows', SHADOW + push, gain >= 1 ? 'good' : 'plain'),
          place('noise takes over', FLOOR, 'lost'),
        ],
        says: `${formatSignedThirds(exposure)}: shadows at an SNR of ${snrAt(SHADOW + push).toFixed(1)}, ${exposure === 0 ? 'as metered' : `${Number(gain.toPrecision(2))} times what was metered`}${top >= CLIP ? '; the highlights clip' : ''}.`,
      };
    },
  },
  setUp: 'scene=drying-shed&time=auto&iso=100&support=tripod',
};
