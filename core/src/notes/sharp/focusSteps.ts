import { circleOfConfusionMm } from '../../optics/depthOfField';
import { distanceOf } from '../../optics/defocus';
import { formatDistance } from '../../optics/distance';
import { focusSteps, MAX_FOCUS_STEPS, sharpHalfWidth } from '../../series/focusSteps';
import { stretch } from '../figure';
import type { Note } from '../note';
import { choiceScale, MAIN_LENS } from '../scales';

const HALF_WIDTH = sharpHalfWidth(MAIN_LENS, circleOfConfusionMm(MAIN_LENS));
const NEAREST_M = [0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.7, 1, 1.5];
const OVERLAPS = [0, 0.1, 0.2, 0.3];
/** More zones than these would not be told apart: the nearest are drawn. */
const DRAWN = 6;

/** From near to far in several frames. */
export const focusStepsNote: Note = {
  id: 'focus-steps',
  title: 'Focus steps',
  text: [
    'Where one frame cannot be sharp from front to back, several can, each focused a little farther, and Combine takes from each what is sharp in it.',
    'In metres the zones are very unequal. In dioptres, one over the distance, they are all the same width: so the Focus tape is ruled in dioptres, and the steps lie side by side on it. How many are needed depends on the nearest point alone, nearly: half a metre to the horizon takes few, ten centimetres many.',
    'Let them overlap by a fifth. A gap shows as a blurred seam, and cannot be mended.',
  ],
  source: 'Half-width c N / f² in dioptres, Gaussian optics. Overlap: common practice.',
  figure: {
    scales: [
      choiceScale(
        'Nearest',
        NEAREST_M.map((m) => formatDistance(m, 'm')),
        3,
      ),
      choiceScale(
        'Overlap',
        OVERLAPS.map((share) => `${100 * share} %`),
        2,
      ),
    ],
    ladder: {
      low: 0,
      high: 10,
      every: 2,
      engrave: (dioptres) => formatDistance(distanceOf(dioptres), 'm'),
      unit: 'even steps of dioptres',
    },
    read(nearest, choice) {
      const overlap = OVERLAPS[choice];
      const nearDioptres = 1 / NEAREST_M[nearest];
      const steps = focusSteps(HALF_WIDTH, { nearDioptres, farDioptres: 0, overlap });
      const near = formatDistance(NEAREST_M[nearest], 'm');
      const most = steps.length === MAX_FOCUS_STEPS ? ', the most there are' : '';
      return {
        marks: steps
          .slice(0, DRAWN)
          .map((at, i) =>
            stretch(
              `frame ${i + 1}`,
              Math.max(0, at - HALF_WIDTH),
              Math.min(10, at + HALF_WIDTH),
              'good',
            ),
          ),
        says: `From ${near} to ∞ at 26 mm: ${steps.length === 1 ? 'one frame' : `${steps.length} frames${most}`}${steps.length > DRAWN ? `; the nearest ${DRAWN} are drawn` : ''}.`,
      };
    },
  },
  setUp: 'scene=packing-bench&series=focus:0.2m:2m:20&support=tripod',
};
