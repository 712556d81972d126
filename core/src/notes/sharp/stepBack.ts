import { depthFacts, sameSizeDistanceM } from '../../optics/blur/depthSetup';
import { formatDistance } from '../../optics/distance';
import { place } from '../figure';
import type { Note } from '../note';
import { focalAt, lensAt, lensScale, MAIN_LENS, timesWords } from '../scales';

const SUBJECT_M = 0.5;
const BEHIND_M = 50;
const MAIN = { lens: MAIN_LENS, crop: 1, subjectM: SUBJECT_M, backgroundM: SUBJECT_M + BEHIND_M };

/** Perspective, and blur behind. */
export const stepBack: Note = {
  id: 'step-back',
  title: 'Why stepping back with a longer lens blurs more',
  text: [
    'Take a longer lens and step back until the subject is as large as before. Depth of field about it hardly changes. What lies behind does: the longer lens takes in less of the background and shows it larger, and its blur with it.',
    'The blur of something far away follows the width of the opening that light comes through: focal length divided by the f-number, in millimetres. A phone’s tele has a wider one than its main lens, though its f-number looks worse.',
    'Zooming by cropping gains nothing: the opening stays what it was. Set the lens between 26 and 77 mm, where it is a crop of the main lens, and see.',
  ],
  source: 'b = f² |d − s| / (N d (s − f)), Gaussian optics.',
  figure: {
    scales: [lensScale(16)],
    ladder: {
      low: 0,
      high: 12,
      every: 2,
      engrave: (percent) => `${percent}`,
      unit: '% of the picture’s width',
    },
    read(at) {
      const other = lensAt(at);
      const subjectM = sameSizeDistanceM(MAIN, other);
      const there = { ...other, subjectM, backgroundM: subjectM + BEHIND_M };
      const [main, now] = [MAIN, there].map((setup) => 100 * depthFacts(setup).backgroundBlur);
      const mm = Math.round(focalAt(at));
      return {
        marks: [place('26 mm', main), place(`now ${mm} mm`, now, now > main ? 'good' : 'plain')],
        says: `A subject ${formatDistance(SUBJECT_M, 'm')} away at 26 mm is as large ${formatDistance(subjectM, 'm')} away at ${mm} mm. Something ${BEHIND_M} m behind it blurs ${timesWords(now / main)} as wide.`,
      };
    },
  },
  setUp: 'scene=packing-bench&lens=tele&focus=1.5m&support=tripod',
};
