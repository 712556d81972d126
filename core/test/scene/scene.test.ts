import { createLightPlane } from '../../src/sensor';
import { ev100FromLuminance } from '../../src/exposure';
import { findLens, halfLongTangent, LENSES } from '../../src/optics';
import {
  findScene,
  framingSize,
  GREY_CARD_LUMINANCE,
  renderScene,
  SCENES,
  TEST_WALL_PATCHES,
  WALL_M,
  WEDGE,
  type Framing,
  type Scene,
} from '../../src/scene';
import { sampleScene } from '../../src/scene/sample';

const XYZ: readonly [number, number, number, number, number, number, number, number, number] = [
  1, 0, 0, 0, 1, 0, 0, 0, 1,
];

function render(scene: Scene, lensId: string, longPx: number, change: Partial<Framing> = {}) {
  const framing: Framing = {
    ...scene.framing,
    halfLongTangent: halfLongTangent(findLens(lensId)!, 1),
    longPx,
    shortPx: (longPx * 3) / 4,
    layout: 'level',
    ...change,
  };
  const { width, height } = framingSize(framing);
  const plane = createLightPlane(width, height);
  renderScene(scene, framing, plane, XYZ, 4);
  return { plane, framing };
}

/** XYZ and distance straight along a direction given by tangents. */
function look(scene: Scene, u: number, v: number, footprint = 1e-4): Float64Array {
  const out = new Float64Array(5);
  const n = Math.hypot(u, v, 1);
  sampleScene(scene, u / n, v / n, 1 / n, footprint, out);
  return out;
}

/** Where a scene is textured, if not in the middle of its opening picture. */
const TEXTURED: Readonly<Record<string, { yawRad: number; pitchRad: number }>> = {
  'drying-shed': { yawRad: 0, pitchRad: -0.28 },
  'packing-bench': { yawRad: 0.1, pitchRad: -0.42 },
  'sluice-at-dusk': { yawRad: -0.5, pitchRad: 0.03 },
  'harbour-light': { yawRad: 0, pitchRad: -0.27 },
};

describe.each(SCENES.map((s) => [s.id, s] as const))('%s', (_id, scene) => {
  test('has finite light and a distance at every point, through every lens', () => {
    for (const { id } of LENSES) {
      const { plane } = render(scene, id, 160);
      expect(plane.rgb.every((v) => Number.isFinite(v) && v >= 0)).toBe(true);
      expect(plane.depthM.every((d) => d > 0)).toBe(true);
      // Through a long lens the night sky fills the picture.
      if (!scene.skyPole) expect(plane.depthM.some((d) => d < 100)).toBe(true);
    }
  });

  test('is resolution-independent: a frame rendered at twice the size has the same light', () => {
    const mean = (rgb: Float32Array) => {
      // Glints and a lamp are rare and huge: the trimmed mean compares the place, not its sparkle.
      const sorted = Float32Array.from(rgb.filter((_, i) => i % 3 === 1)).sort();
      const kept = sorted.subarray(0, Math.floor(sorted.length * 0.97));
      return kept.reduce((s, v) => s + v, 0) / kept.length;
    };
    const small = mean(render(scene, 'main', 120).plane.rgb);
    const large = mean(render(scene, 'main', 240).plane.rgb);
    expect(Math.abs(Math.log2(large / small))).toBeLessThan(0.04);
  });

  test('shows more detail through a longer lens, not an enlargement', () => {
    // Detail = mean step between neighbours relative to the light, in the finest pixels of a 12 MP
    // frame.
    const detail = (lensId: string): number => {
      const lens = findLens(lensId)!;
      const framing: Framing = {
        ...(TEXTURED[scene.id] ?? scene.framing),
        halfLongTangent: halfLongTangent(lens, 1) * (160 / 4032),
        longPx: 160,
        shortPx: 120,
        layout: 'level',
      };
      const plane = createLightPlane(160, 120);
      renderScene(scene, framing, plane, XYZ, 1);
      let steps = 0;
      let sum = 0;
      for (let i = 4; i < plane.rgb.length; i += 3) {
        steps += Math.abs(plane.rgb[i] - plane.rgb[i - 3]);
        sum += plane.rgb[i];
      }
      return steps / sum;
    };
    // The Test walls' centre is an even grey card; the detail of the night is its stars, painted
    // over the still light.
    if (scene.id.startsWith('test-wall') || scene.skyPole) return;
    expect(detail('tele')).toBeGreaterThan(0.004);
    expect(detail('main')).toBeGreaterThan(0.004);
  });
});

describe('the phone held upright', () => {
  test('the sensor reads the same picture turned by a quarter', () => {
    const scene = findScene('pans-at-noon')!;
    const seen = render(scene, 'main', 64, { layout: 'upright' }).plane;
    const sensor = render(scene, 'main', 64, { layout: 'upright-sensor' }).plane;
    expect([seen.width, seen.height, sensor.width, sensor.height]).toEqual([48, 64, 64, 48]);
    let near = 0;
    for (let y = 0; y < 48; y++)
      for (let x = 0; x < 64; x++) {
        // TIFF orientation 6: row 0 is the right-hand side, column 0 the top.
        const a = sensor.depthM[y * 64 + x];
        const b = seen.depthM[x * 48 + (47 - y)];
        if (a === b || Math.abs(a / b - 1) < 0.2) near++;
      }
    expect(near / (48 * 64)).toBeGreaterThan(0.97);
  });
});

describe('Test wall', () => {
  const wall = findScene('test-wall')!;
  const at = (id: string) => {
    const patch = TEST_WALL_PATCHES.find((p) => p.id === id)!;
    return look(wall, patch.x / WALL_M, patch.y / WALL_M)[1];
  };
  test('cards have their reflectances', () => {
    expect(at('grey-18')).toBeCloseTo(GREY_CARD_LUMINANCE, 1);
    expect(at('black-3') / at('grey-18')).toBeCloseTo(3 / 18, 4);
    expect(at('white-90') / at('grey-18')).toBeCloseTo(5, 3);
  });
  test('the wedge has 21 steps of 1/3 stop', () => {
    expect(WEDGE).toHaveLength(21);
    for (let i = 1; i < WEDGE.length; i++)
      expect(Math.log2(at(`wedge-${i - 1}`) / at(`wedge-${i}`))).toBeCloseTo(1 / 3, 6);
  });
});

describe('Pans at noon', () => {
  const pans = findScene('pans-at-noon')!;
  const { plane } = render(pans, 'main', 240);
  const percentile = (share: number, pick: (x: number, y: number) => boolean): number => {
    const light: number[] = [];
    for (let y = 0; y < plane.height; y++)
      for (let x = 0; x < plane.width; x++)
        if (pick(x / plane.width, y / plane.height))
          light.push(plane.rgb[3 * (y * plane.width + x) + 1]);
    light.sort((a, b) => a - b);
    return ev100FromLuminance(light[Math.floor(share * (light.length - 1))]);
  };
  test('sunlit salt is about EV100 16 to 17', () => {
    const lit = percentile(0.5, (x, y) => x > 0.36 && x < 0.48 && y > 0.55 && y < 0.62);
    expect(lit).toBeGreaterThan(15.8);
    expect(lit).toBeLessThan(17);
  });
  test('the shaded boards of the shed are about EV100 12', () => {
    const shade = percentile(0.5, (x, y) => x > 0.81 && x < 0.87 && y > 0.5 && y < 0.58);
    expect(shade).toBeGreaterThan(10.5);
    expect(shade).toBeLessThan(13);
  });
  test('the sky is infinitely far, the near ground is at arm’s length of metres', () => {
    expect(look(pans, 0, 0.4)[3]).toBe(Infinity);
    expect(look(pans, 0, -0.5)[3]).toBeCloseTo(1.65 / Math.sin(Math.atan(0.5)), 2);
  });
});
