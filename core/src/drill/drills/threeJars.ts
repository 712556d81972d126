import { clean, tone } from '../criteria/exposure';
import { sharp } from '../criteria/sharpness';
import type { Drill } from '../drill';
import { BENCH_CARD, FAR_JAR, LEFT_JAR, NEAR_JAR } from './places';
import { TRIPOD } from './rigs';

export const threeJars: Drill = {
  id: 'three-jars',
  title: 'Three jars sharp',
  wish: 'The near, the left and the far jar all as sharp as one frame can make them; the card on mid-grey.',
  sceneId: 'packing-bench',
  rig: TRIPOD,
  criteria: [
    sharp(NEAR_JAR),
    sharp(LEFT_JAR),
    sharp(FAR_JAR),
    tone(BENCH_CARD, 0),
    clean(BENCH_CARD),
  ],
  note: 'depth',
};
