import { sceneResponse } from '@velmo/core/simulate';
import { findLens } from '@velmo/core/optics';
import { findScene, renderScene } from '@velmo/core/scene';
import { createLightPlane } from '@velmo/core/sensor';
import { MovingLight } from '../../src/camera/simulated/light/movingLight';
import { liveFraming } from '../../src/camera/simulated/simulatedView';

const lens = findLens('main')!;
const scene = findScene('sluice-at-dusk')!;
const AIM = { yawRad: 0, pitchRad: 0 };

describe('what moves in the live picture', () => {
  const framing = { ...liveFraming(scene.id, AIM, lens, 1, false), longPx: 160, shortPx: 120 };
  const still = createLightPlane(160, 120);
  renderScene(scene, framing, still, sceneResponse(scene, lens), 1, false);
  /** Share of pixels that are not as the still light has them. */
  const moved = ({ composed }: MovingLight): number =>
    composed.rgb.filter((v, i) => Math.abs(v - still.rgb[i]) > 0.02 * still.rgb[i]).length /
    composed.rgb.length;
  const target = { scene, framing, lens, still };
  const at = (startS: number) => ({ startS, timeS: 1 / 60 });

  test('is there in the very first picture of a framing, and stays while the still light is refined', () => {
    const light = new MovingLight(160, 120);
    light.aim(target, at(0));
    const first = moved(light);
    expect(first).toBeGreaterThan(0.02);
    const steps = [1, 2, 3, 4].map((n) => light.advance(at(n / 30)));
    // Painted slice by slice: whole, and shown, with the last of them.
    expect(steps).toEqual([false, false, false, true]);
    const whole = moved(light);
    expect(Math.abs(whole - first)).toBeLessThan(0.5 * whole);
    light.aim({ ...target, still: { ...still } }, at(1));
    expect(moved(light)).toBeCloseTo(whole, 5);
  });

  test('moves on', () => {
    const light = new MovingLight(160, 120);
    light.aim(target, at(0));
    for (let n = 1; n <= 4; n++) light.advance(at(n / 30));
    const before = light.composed.rgb.slice();
    for (let n = 1; n <= 4; n++) light.advance(at(2 + n / 30));
    expect(light.composed.rgb.some((v, i) => Math.abs(v - before[i]) > 0.05 * v)).toBe(true);
  });

  test('nothing moves where nothing does', () => {
    const wall = findScene('test-wall')!;
    const light = new MovingLight(160, 120);
    light.aim({ ...target, scene: wall }, at(0));
    expect(light.advance(at(1))).toBe(false);
    expect(light.composed.rgb).toEqual(still.rgb);
  });
});
