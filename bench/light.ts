import { sceneResponse } from '@velmo/core/simulate';
import { findLens, halfLongTangent } from '@velmo/core/optics';
import { SCENES } from '@velmo/core/scene';
import { renderRows } from '@velmo/core/file/scene/compiled/lightRows';
import { createLightPlane } from '@velmo/core/sensor';
import { compared, inTurns, type Result } from './measure';

const [WIDTH, HEIGHT] = [640, 480];
/** The peer is slow: it looks at every tenth row of the same picture. */
const SHARE = 10;

/**
 * Light of each place's opening picture, a ray a pixel, in microseconds a ray. The peer is the same
 * source run in TypeScript, a ray at a time and rounded to 32 bits: the reference it is tested
 * against.
 */
export function lightBench(): Result[] {
  const lens = findLens('main')!;
  const places = SCENES.filter(({ id }) => id !== 'test-wall-lamp' && id !== 'test-wall-day');
  return places.map((scene) => {
    const setting = {
      scene,
      framing: {
        ...scene.framing,
        halfLongTangent: halfLongTangent(lens, 1),
        longPx: WIDTH,
        shortPx: HEIGHT,
        layout: 'level',
      },
      xyzToCamera: sceneResponse(scene, lens),
      samples: 1,
      own: 1,
      tint: null,
    } as const;
    const whole = createLightPlane(WIDTH, HEIGHT);
    const rows = Array.from({ length: HEIGHT / SHARE }, (_, i) =>
      createLightPlane(WIDTH, 1, 0, i * SHARE),
    );
    const times = inTurns(
      () => renderRows(setting, whole),
      () => rows.forEach((row) => renderRows(setting, row, true)),
      7,
    );
    const rays = WIDTH * HEIGHT;
    return compared(
      `light/${scene.id}`,
      (1000 * times.ours) / rays,
      (1000 * times.peer * SHARE) / rays,
      'us a ray',
      '640x480, main lens. Peer: the same source in TypeScript, ray by ray',
    );
  });
}
