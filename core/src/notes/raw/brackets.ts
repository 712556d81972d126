import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { formatStops } from '../../exposure/thirds';
import { MID_GREY_SHARE, photositeResponse, shareOfSnr } from '../../sensor/sensorModel';
import { coverScene } from '../../series/coverage';
import { stretch } from '../figure';
import type { Note } from '../note';
import { choiceScale, MAIN_LENS, stopsLadder } from '../scales';

const SNRS = [1, 4, 10];
const response = photositeResponse(MAIN_LENS.sensor, 100, 1);
const CLIP_CLICKS = -CLICKS_PER_STOP * Math.log2(MID_GREY_SHARE);
const BRIGHTEST_CLICKS = 12;

/** How many frames, and how far apart. */
export const brackets: Note = {
  id: 'brackets',
  title: 'Brackets and the range of a scene',
  text: [
    'A frame holds tones from where it clips down to where noise takes over. A dark shed with the noon in its door has more than that. A bracket is the same picture at several exposures, which together hold it.',
    'Steps need be no smaller than a frame’s range less a stop of overlap: two stops apart is seldom too far, and fewer frames move less. The darkest must keep the brightest texture, the brightest lift the darkest tone out of the noise. Cover the scene works that out from what it sees.',
    'Ask for cleaner shadows, and more frames are needed for the same scene.',
  ],
  source: 'EMVA 1288 (SNR); darkest and brightest frame: common practice.',
  figure: {
    scales: [
      {
        name: 'Scene',
        min: 6,
        max: 20,
        start: 14,
        majorEvery: 2,
        engrave: (stops) => `${stops}`,
        words: (stops) => `${stops} stops`,
      },
      choiceScale('SNR wanted', SNRS.map(String), 1),
    ],
    ladder: stopsLadder(-18, 6, 4),
    read(stops, choice) {
      const share = shareOfSnr(response, SNRS[choice]);
      const floorClicks = CLICKS_PER_STOP * Math.log2(share / MID_GREY_SHARE);
      const darkestClicks = BRIGHTEST_CLICKS - CLICKS_PER_STOP * stops;
      const scene = { brightestClicks: BRIGHTEST_CLICKS, darkestClicks };
      const { offsets, stepClicks, missingClicks } = coverScene(scene, {
        clipClicks: CLIP_CLICKS,
        floorClicks,
      });
      const missing =
        missingClicks > 0 ? `, and ${formatStops(missingClicks)} of shadow are beyond them` : '';
      return {
        marks: [
          stretch('the scene', darkestClicks / CLICKS_PER_STOP, BRIGHTEST_CLICKS / CLICKS_PER_STOP),
          ...offsets.map((offset, i) =>
            stretch(
              `frame ${i + 1}`,
              (floorClicks - offset) / CLICKS_PER_STOP,
              (CLIP_CLICKS - offset) / CLICKS_PER_STOP,
              'good',
            ),
          ),
        ],
        says: `${stops} stops at an SNR of ${SNRS[choice]}: ${offsets.length === 1 ? 'one frame holds it' : `${offsets.length} frames, ${formatStops(stepClicks)} apart`}${missing}.`,
      };
    },
  },
  setUp: 'scene=drying-shed&series=bracket:3:2&support=tripod',
};
