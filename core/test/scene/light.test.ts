import { lightFieldOf } from '../../src/scene/lightField';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { findLens, halfLongTangent } from '../../src/optics';
import { SCENES, renderScene, type Framing, type Scene } from '../../src/scene';
import { flashTint, torchTint } from '../../src/scene/besideLamp';
import { renderRows } from '../../src/scene/compiled/lightRows';
import { MovingRuns, type Rays } from '../../src/scene/compiled/movingRuns';
import { daylight, glow } from '../../src/scene/light';
import * as colours from '../../src/scene/rays/colours';
import { atan2, cos, exp, fractalNoise, sin } from '../../src/scene/rays/functions';
import { lookMoving } from '../../src/scene/sluice/waterLook';
import { createLightPlane } from '../../src/sensor';

const XYZ = [1, 0, 0, 0, 1, 0, 0, 0, 1] as const;
const PLACES = SCENES.filter(({ id }) => id !== 'test-wall-lamp' && id !== 'test-wall-day');

const framingOf = (scene: Scene, lens: string, longPx: number, change = {}): Framing => ({
  ...scene.framing,
  halfLongTangent: halfLongTangent(findLens(lens)!, 1),
  longPx,
  shortPx: (longPx * 3) / 4,
  layout: 'level',
  ...change,
});

describe('the light of a place, four rays at once', () => {
  test.each(PLACES.map((scene) => [scene.id, scene] as const))(
    '%s: what is compiled sees the light of the same source in TypeScript, value for value',
    (_id, scene) => {
      // Widths that are no multiple of four, parts of a picture, every layout, lamp and flash.
      const cases = [
        [framingOf(scene, 'main', 62), 1, null, 1],
        [framingOf(scene, 'tele', 52, { layout: 'upright' }), 2, torchTint(scene), 1],
        [framingOf(scene, 'ultrawide', 52, { layout: 'upright-sensor' }), 4, null, 1],
        [framingOf(scene, 'main', 52, { pitchRad: -0.4 }), 1, flashTint(scene, 4), 0],
        [framingOf(scene, 'main', 52, { yawRad: 0.6, pitchRad: 0.5 }), 1, null, 1],
      ] as const;
      for (const [framing, samples, tint, own] of cases) {
        const setting = { scene, framing, xyzToCamera: XYZ, samples, tint, own } as const;
        const [fast, plain] = [createLightPlane(35, 30, 3, 4), createLightPlane(35, 30, 3, 4)];
        renderRows(setting, fast);
        renderRows(setting, plain, true);
        expect(fast.rgb).toEqual(plain.rgb);
        expect(fast.depthM).toEqual(plain.depthM);
        // The pans are too far away for a flash.
        if (own === 1) expect(new Set(fast.rgb).size).toBeGreaterThan(4);
      }
    },
  );

  test('what moves at the sluice, too, frozen and long, lit by a flash and not', () => {
    const scene = SCENES.find(({ id }) => id === 'sluice-at-dusk')!;
    const count = 90;
    const of = (f: (i: number) => number) => Float32Array.from({ length: count }, (_, i) => f(i));
    const cosine = of((i) => 1 / Math.hypot(0.6 - i / 75, (i % 9) / 14 - 0.4, 1));
    const rays: Rays = {
      x: of((i) => (0.6 - i / 75) * cosine[i]),
      y: of((i) => ((i % 9) / 14 - 0.4) * cosine[i]),
      z: cosine,
      cosine,
    };
    const { white } = scene;
    const lit = { white, xyzToCamera: XYZ, own: 1, tint: null } as const;
    const flash = { white, xyzToCamera: XYZ, own: 0, tint: flashTint(scene, 4) } as const;
    const runs = new MovingRuns(lookMoving);
    for (const [receiving, startS, timeS] of [
      [lit, 0, 1 / 4000],
      [lit, 86_400.25, 2],
      [flash, 7, 1e-4],
    ] as const) {
      const shutter = { startS, timeS };
      const fast = runs.of(rays, 0, count, 1e-3, receiving, shutter);
      const kept = { rgb: fast.rgb.slice(), cover: fast.cover.slice() };
      const plain = runs.of(rays, 0, count, 1e-3, receiving, shutter, true);
      expect(kept.cover).toEqual(plain.cover);
      // What is not covered has no light to speak of.
      const seen = (rgb: Float32Array) => rgb.filter((_, i) => kept.cover[Math.floor(i / 3)] > 0);
      expect(seen(kept.rgb)).toEqual(seen(plain.rgb));
      expect(kept.cover.some((c) => c > 0 && c < 1)).toBe(true);
      expect(kept.cover.some((c) => c === 1)).toBe(true);
    }
  });

  test('is as it was before it was compiled: under 0.1 % apart on average', () => {
    // reference/light.f32: 48 x 36 XYZ a place, main lens, rendered in 64 bits ray by ray by
    // the code
    // before (commit 4cf3ce1); the sluice with what moves, from 20.2 s on for half a second.
    const bytes = readFileSync(join(__dirname, 'reference/light.f32'));
    const before = new Float32Array(bytes.buffer, bytes.byteOffset, bytes.length / 4);
    const length = 3 * 48 * 36;
    PLACES.forEach((scene, i) => {
      const framing = framingOf(scene, 'main', 48);
      const plane = createLightPlane(48, 36);
      renderScene(scene, framing, plane, XYZ, 1);
      lightFieldOf(scene).moving?.paint(framing, plane, XYZ, { startS: 20.2, timeS: 0.5 });
      const was = before.subarray(i * length, (i + 1) * length);
      const sum = was.reduce((s, v) => s + v, 0);
      const apart = was.reduce((s, v, j) => s + Math.abs(v - plane.rgb[j]), 0);
      expect(sum).toBeGreaterThan(0);
      expect(apart / sum).toBeLessThan(0.001);
    });
  });
});

describe('what places are written with', () => {
  test('colours are those of daylight and of glowing bodies', () => {
    const written = Object.entries(colours);
    expect(written.length).toBeGreaterThan(40);
    for (const [name, value] of written) {
      const [kind, kelvin, channel] = name.split('_');
      const light = (kind === 'DAY' ? daylight : glow)(Number(kelvin));
      expect(value).toBeCloseTo(light['RGB'.indexOf(channel)], 12);
    }
  });

  test('functions are those of Math, to 32 bits', () => {
    for (let v = -20; v < 20; v += 0.173) {
      expect(Math.abs(exp(Math.fround(v)) / Math.exp(Math.fround(v)) - 1)).toBeLessThan(3e-6);
      expect(Math.abs(sin(Math.fround(v)) - Math.sin(Math.fround(v)))).toBeLessThan(3e-6);
      expect(Math.abs(cos(Math.fround(v)) - Math.cos(Math.fround(v)))).toBeLessThan(3e-6);
      const [y, x] = [Math.fround(v), Math.fround(3 - v * 0.71)];
      expect(Math.abs(atan2(y, x) - Math.atan2(y, x))).toBeLessThan(1e-6);
    }
    expect([exp(-400), exp(0), atan2(0, 1), atan2(-1, 0)]).toEqual([
      expect.closeTo(0, 30),
      1,
      0,
      expect.closeTo(-Math.PI / 2, 6),
    ]);
  });

  test('noise fades out where a pixel is wider than half its waves, and is even on the whole', () => {
    const at = (footprint: number) =>
      Array.from({ length: 4000 }, (_, i) =>
        fractalNoise(Math.fround(i * 0.37), Math.fround(i * 0.11), 1, 6, Math.fround(footprint)),
      );
    expect(Math.max(...at(0.6).map(Math.abs))).toBe(0);
    const spread = (values: number[]) => Math.hypot(...values) / Math.sqrt(values.length);
    expect(spread(at(0.01))).toBeGreaterThan(spread(at(0.3)));
    expect(spread(at(0.3))).toBeGreaterThan(0.01);
    const fine = at(0.01);
    expect(Math.abs(fine.reduce((s, v) => s + v, 0) / fine.length)).toBeLessThan(0.05);
  });
});
