import { timeSFromClick } from '../../exposure/clicks';
import { nominalTime } from '../../exposure/nominal';
import { circlePx } from '../../optics/circleOfConfusion';
import { handheldTimeClick, shakePx } from '../../optics/shake/shake';
import { pixelAngleRad } from '../../optics/zoom';
import { place, stretch, within } from '../figure';
import type { Note } from '../note';
import { focalAt, lensAt, lensScale, MAIN_AT, pixelLadder, pixels, shutterScale } from '../scales';

const LADDER = pixelLadder(16, 4);

/** Hands, and what they can hold. */
export const shake: Note = {
  id: 'shake',
  title: 'Shake, and the reciprocal rule',
  text: [
    'Hands tremble. How much of it shows depends on the angle of view: a long lens magnifies the picture and the tremble alike. The trade’s rule is to hold no longer than one over the focal length, as on a 35 mm frame: 1/26 s at 26 mm, 1/78 s at 78 mm.',
    'A crop counts as a longer lens. A stabiliser adds two or three stops, a wall or a railing about as much, a tripod all you want. None of them stops a subject.',
    'Of twenty frames by hand some are sharper than the rule allows: take a burst, and choose.',
  ],
  source: 'Reciprocal rule, circle of 0.030 mm on 36 × 24 mm: common practice.',
  figure: {
    scales: [shutterScale({ min: -24, max: 0, start: -12 }), lensScale(MAIN_AT)],
    ladder: LADDER,
    read(click, at) {
      const { lens, crop } = lensAt(at);
      const blur = shakePx(timeSFromClick(click), 0, pixelAngleRad(lens, 1));
      const diagonalPx = Math.hypot(lens.sensor.widthPx, lens.sensor.heightPx) / crop;
      const limit = circlePx(diagonalPx);
      const mm = Math.round(focalAt(at));
      return {
        marks: [
          stretch('shake', 0, within(LADDER, blur), blur > limit ? 'lost' : 'good'),
          place('looks sharp up to', limit),
        ],
        says: `${mm} mm, ${nominalTime(click)} s: ${pixels(blur)} pixels. By the rule ${nominalTime(handheldTimeClick(focalAt(at)))} s can be held.`,
      };
    },
  },
  setUp: 'scene=packing-bench&time=1/8&lens=tele&support=hand',
};
