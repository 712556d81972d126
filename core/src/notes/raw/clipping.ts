import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { asShotNeutral } from '../../colour/cameraProfile';
import { nominalKelvin } from '../../colour/lightNames';
import { whiteChromaticity } from '../../colour/whitePoint';
import { formatStops } from '../../exposure/thirds';
import { cameraProfile } from '../../sensor/cameraResponse';
import { MID_GREY_SHARE } from '../../sensor/sensorModel';
import { place } from '../figure';
import type { Note } from '../note';
import { choiceScale, MAIN_LENS, stopsLadder, stopsScale } from '../scales';

const profile = cameraProfile(MAIN_LENS.sensor.sensitivities);
const CLIP = -Math.log2(MID_GREY_SHARE);
const CHANNELS = ['red', 'green', 'blue'];
const LIGHTS = [2500, 2850, 3200, 4000, 5000, 5500, 6500, 7500, 9000];
const kelvinWords = (at: number): string => `${nominalKelvin(LIGHTS[at])} K`;

/** Channels clip one by one, and glints may. */
export const clipping: Note = {
  id: 'clipping',
  title: 'Clipping, channel by channel',
  text: [
    'A photosite that is full stops counting. Red, green and blue photosites fill at different rates: in daylight green is first, under a lamp red catches up and blue lags far behind. One channel gone means a wrong colour, all three gone means nothing is left.',
    'The dots on the picture tell which channel clips. A setting sun, a lamp, a glint on water may clip: they have no texture to lose. Velmo leaves specks out when it pushes right or keeps highlights.',
    'Move the light and the exposure of a white thing, and see which channel meets the line.',
  ],
  source:
    'Saturation: ISO 12232, EMVA 1288. Neutral of a light: DNG specification, mapping camera colour.',
  figure: {
    scales: [
      choiceScale(
        'Light',
        LIGHTS.map((_, at) => kelvinWords(at)),
        5,
      ),
      stopsScale('White thing', { min: 3, max: 12, start: 8 }),
    ],
    ladder: stopsLadder(-2, 5),
    read(light, white) {
      const neutral = asShotNeutral(profile, whiteChromaticity({ kelvin: LIGHTS[light], tint: 0 }));
      const at = neutral.map((share) => white / CLICKS_PER_STOP + Math.log2(share));
      const lost = CHANNELS.filter((_, i) => at[i] >= CLIP);
      const first = at.indexOf(Math.max(...at));
      const room = Math.floor(CLICKS_PER_STOP * (CLIP - at[first]));
      return {
        marks: [
          place('clips', CLIP, 'lost'),
          ...CHANNELS.map((name, i) => place(name, at[i], at[i] >= CLIP ? 'lost' : 'plain')),
        ],
        says:
          lost.length > 0
            ? `Under ${kelvinWords(light)} the white thing clips in ${lost.join(' and ')}.`
            : `Under ${kelvinWords(light)} ${CHANNELS[first]} is first, with ${room === 0 ? 'less than 1/3 stop' : formatStops(room)} of room.`,
      };
    },
  },
  setUp: 'scene=pans-at-noon&comp=1&time=auto&iso=auto',
};
