import { findLens, halfLongTangent } from '../../src/optics';
import { sceneResponse } from '../../src/simulate';
import { findScene, renderScene, type Framing } from '../../src/scene';
import { createLightPlane, demosaicMalvar } from '../../src/sensor';

const SIDE = 256;
const WHITE = 4095;
const whole = { x: 0, y: 0, width: SIDE, height: SIDE };

/** Channel of a photosite of an RGGB mosaic. */
const channelAt = (x: number, y: number): number =>
  (y & 1) === 0 ? (x & 1 ? 1 : 0) : x & 1 ? 2 : 1;

/** The mosaic a sensor without noise makes of a picture. */
const mosaicOf = (rgb: Uint16Array): Uint16Array =>
  new Uint16Array(SIDE * SIDE).map(
    (_, p) => rgb[3 * p + channelAt(p % SIDE, Math.floor(p / SIDE))],
  );

/** Bilinear demosaic: the mean of the nearest photosites of each colour. The peer. */
function bilinear(raw: Uint16Array): Uint16Array {
  const out = new Uint16Array(3 * SIDE * SIDE);
  for (let y = 1; y < SIDE - 1; y++)
    for (let x = 1; x < SIDE - 1; x++)
      for (let c = 0; c < 3; c++) {
        let [sum, n] = [0, 0];
        if (channelAt(x, y) === c) [sum, n] = [raw[y * SIDE + x], 1];
        else
          for (let v = -1; v <= 1; v++)
            for (let u = -1; u <= 1; u++) {
              // Green of a red or blue photosite comes from the cross alone.
              if (channelAt(x + u, y + v) !== c || (c === 1 && u !== 0 && v !== 0)) continue;
              sum += raw[(y + v) * SIDE + x + u];
              n++;
            }
        out[3 * (y * SIDE + x) + c] = Math.round(sum / n);
      }
  return out;
}

/** Peak signal-to-noise ratio in decibels, away from the edges. */
function psnr(a: Uint16Array, b: Uint16Array): number {
  let sum = 0;
  let n = 0;
  for (let y = 4; y < SIDE - 4; y++)
    for (let i = 3 * (y * SIDE + 4); i < 3 * (y * SIDE + SIDE - 4); i++, n++)
      sum += (a[i] - b[i]) ** 2;
  return 10 * Math.log10((WHITE * WHITE) / (sum / n));
}

function compared(rgb: Uint16Array): { malvar: number; bilinear: number } {
  const raw = mosaicOf(rgb);
  const out = new Uint16Array(3 * SIDE * SIDE);
  demosaicMalvar(raw, SIDE, SIDE, WHITE, whole, out);
  return { malvar: psnr(out, rgb), bilinear: psnr(bilinear(raw), rgb) };
}

describe('demosaic of Malvar, He and Cutler 2004 against bilinear', () => {
  // The paper reports 5.5 dB on average over the Kodak pictures; a grey zone plate is the hardest
  // of patterns.
  test('zone plate: at least 3 dB better', () => {
    const rgb = new Uint16Array(3 * SIDE * SIDE).map((_, i) => {
      const p = Math.floor(i / 3);
      const r2 = (p % SIDE) ** 2 + Math.floor(p / SIDE) ** 2;
      return Math.round(2000 + 1500 * Math.cos((Math.PI * r2) / (4 * SIDE)));
    });
    const { malvar, bilinear: peer } = compared(rgb);
    expect(malvar).toBeGreaterThan(peer + 3);
  });

  test.each(['packing-bench', 'pans-at-noon', 'drying-shed'])('%s: at least 1 dB better', (id) => {
    const scene = findScene(id)!;
    const main = findLens('main')!;
    const framing: Framing = {
      ...scene.framing,
      halfLongTangent: halfLongTangent(main, 1) / 5,
      longPx: SIDE,
      shortPx: SIDE,
      layout: 'level',
    };
    const plane = createLightPlane(SIDE, SIDE);
    renderScene(scene, framing, plane, sceneResponse(scene, main), 4);
    const sorted = Float32Array.from(plane.rgb).sort();
    const scale = 3000 / sorted[Math.floor(sorted.length * 0.98)];
    const rgb = Uint16Array.from(plane.rgb, (v) => Math.min(WHITE, 256 + v * scale));
    const { malvar, bilinear: peer } = compared(rgb);
    expect(malvar).toBeGreaterThan(peer + 1);
  });
});
