import { sharp } from '../criteria/sharpness';
import type { Drill } from '../drill';
import { STONES } from './places';

export const pickTheSharpest: Drill = {
  id: 'pick-the-sharpest',
  title: 'Pick the sharpest',
  wish: 'Twenty frames by hand, longer than a hand holds: mark the one whose stones are sharpest.',
  sceneId: 'sluice-at-dusk',
  rig: { support: 'hand', series: { kind: 'burst', frames: 20 } },
  criteria: [sharp(STONES)],
  picks: true,
  note: 'shake',
};
