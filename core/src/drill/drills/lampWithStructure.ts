import { clean, unclipped } from '../criteria/exposure';
import type { Drill } from '../drill';
import { GLITTER, LANTERN } from './places';
import { TRIPOD } from './rigs';

export const lampWithStructure: Drill = {
  id: 'lamp-with-structure',
  title: 'The lamp with its structure',
  wish: 'Every ring of the lamp’s glass, and its light on the water as clean as that allows.',
  sceneId: 'harbour-light',
  rig: TRIPOD,
  criteria: [unclipped(LANTERN), clean(GLITTER)],
  note: 'clipping',
};
