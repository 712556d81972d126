import { CLICKS_PER_STOP, isoFromClick } from '../../exposure/clicks';
import { nominalIso, nominalTime } from '../../exposure/nominal';
import { lightClicksFromEv100 } from '../../exposure/solver';
import { formatStops } from '../../exposure/thirds';
import { noiseFloorShare, midGreyShare, photositeResponse } from '../../sensor/sensorModel';
import { place, stretch } from '../figure';
import type { Note } from '../note';
import { isoScale, MAIN_LENS, shutterScale, stopsLadder } from '../scales';

const EV100 = 11;

/** Time, ISO, and an aperture that nobody can move. */
export const triangle: Note = {
  id: 'triangle',
  title: 'Time, ISO, and an aperture that stays',
  text: [
    'Exposure is light times time. A large camera has three controls for it: time, aperture, and ISO. A phone’s aperture is fixed, so two are left: Time decides how much light is gathered and what blurs, ISO how far it is amplified.',
    'Whatever you take from one you give to the other, click for click, and the picture is as bright as before. It is not the same picture: a shorter time freezes, a higher ISO lies nearer to the noise and clips sooner.',
    'Here the light stays at EV 11, a bright window. See where a grey card lands, and what the raw holds above and below it.',
  ],
  source: 'N²/t = L S/K: ISO 2720. Sensitivity: ISO 12232.',
  figure: {
    scales: [
      shutterScale({ min: -33, max: -12, start: -24 }),
      isoScale({ min: 0, max: 15, start: 0 }),
    ],
    ladder: stopsLadder(-12, 8, 2),
    read(time, iso) {
      const clicks = time + iso - lightClicksFromEv100(EV100, MAIN_LENS.fNumber);
      const response = photositeResponse(MAIN_LENS.sensor, isoFromClick(iso), 1);
      const grey = midGreyShare(MAIN_LENS.sensor, isoFromClick(iso));
      const clip = -Math.log2(grey);
      const floor = Math.log2(noiseFloorShare(response) / grey);
      const at = clicks / CLICKS_PER_STOP;
      const where =
        clicks === 0
          ? 'on mid-grey'
          : `${formatStops(clicks)} ${clicks > 0 ? 'over' : 'under'} mid-grey`;
      return {
        marks: [
          stretch('what the raw holds', floor, clip, 'good'),
          place('grey card', at, at > clip || at < floor ? 'lost' : 'plain'),
        ],
        says: `At f/${MAIN_LENS.fNumber}, ${nominalTime(time)} s and ISO ${nominalIso(iso)} put a grey card ${where}${at > clip ? ': it clips' : ''}.`,
      };
    },
  },
  setUp: 'scene=packing-bench&time=auto&iso=auto',
};
