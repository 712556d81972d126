import { timeSFromClick } from '../../exposure/clicks';
import { nominalTime } from '../../exposure/nominal';
import { circlePx } from '../../optics/circleOfConfusion';
import { formatDistance } from '../../optics/distance';
import { PACE_M_S, smearPx } from '../../optics/smear';
import { pixelAngleRad } from '../../optics/zoom';
import { place, stretch, within } from '../figure';
import type { Note } from '../note';
import { choiceScale, MAIN_LENS, pixelLadder, pixels, shutterScale } from '../scales';

const PACES = ['walking', 'running', 'vehicle'] as const;
const DISTANCE_M = 8;
const LADDER = pixelLadder(60, 20);
const MAX_SHARP_PX = circlePx(Math.hypot(MAIN_LENS.sensor.widthPx, MAIN_LENS.sensor.heightPx));

/** What moves in the picture. */
export const motion: Note = {
  id: 'motion',
  title: 'Subjects that move',
  text: [
    'A subject smears by how far its image travels while the shutter is open. That depends on how fast it goes, how far away it is, and how long the lens: twice as near is twice as far across the sensor. A tripod does not help.',
    'Across the picture is worst. Towards you the same pace shows far less. At the turning point of a swing or a wheel’s axle hardly anything moves: wait for it.',
    'To freeze, take time away and let ISO pay. To let water flow, give it time: 1/4 s and more, with a filter by day.',
  ],
  source: 'Similar triangles; paces and circle of confusion: common practice.',
  figure: {
    scales: [shutterScale({ min: -33, max: -3, start: -18 }), choiceScale('Subject', PACES, 0)],
    ladder: LADDER,
    read(click, choice) {
      const pace = PACES[choice];
      const angle = pixelAngleRad(MAIN_LENS, 1);
      const smear = smearPx(PACE_M_S[pace], DISTANCE_M, timeSFromClick(click), angle);
      const isLost = smear > MAX_SHARP_PX;
      return {
        marks: [
          stretch('smears', 0, within(LADDER, smear), isLost ? 'lost' : 'good'),
          place('looks sharp up to', MAX_SHARP_PX),
        ],
        says: `${pace === 'vehicle' ? 'A vehicle' : `Someone ${pace}`} ${formatDistance(DISTANCE_M, 'm')} away, ${nominalTime(click)} s: ${pixels(smear)} pixels of smear at 26 mm.`,
      };
    },
  },
  setUp: 'scene=sluice-at-dusk&support=tripod&time=1/4',
};
