import { developRgb } from '../../src/colour';
import { binMosaic } from '../../src/sensor';
import {
  exposeBand,
  layPreview,
  plainShot,
  planSimulated,
  previewRows,
  simulatedDeveloper,
  type SimulatedPlan,
} from '../../src/simulate';

/** The preview by its definition: the whole raw binned and developed, without compiled loops. */
function inOnePiece(plan: SimulatedPlan, raws: readonly Uint16Array[]): Uint8ClampedArray {
  const { width, height, previewFactor: f } = plan;
  const raw = Uint16Array.from(raws.flatMap((band) => [...band]));
  const binned = new Uint16Array((3 * raw.length) / f ** 2);
  binMosaic(raw, width, { x: 0, y: 0, width, height }, f, binned, true);
  const rgba = new Uint8ClampedArray((4 * raw.length) / f ** 2);
  developRgb(binned, simulatedDeveloper(plan), rgba);
  return rgba;
}

test('a preview made band by band is that of the whole raw, but for the last step of a byte', () => {
  const sums = [3200, 6500].map((kelvin) => {
    const white = { kelvin, tint: 0 };
    const plan = planSimulated({ ...plainShot('test-wall'), sizeMp: 3, crop: 3, white });
    // A high band and a low one, and for the next frame a high one again.
    expect(plan.bands).toBe(2);
    const raws = [0, 1].map((band) => exposeBand(plan, band));
    const bands = raws.map((raw) => ({ preview: previewRows(plan, raw) }));
    const { rgba, width, height } = layPreview(plan, bands);
    const wanted = inOnePiece(plan, raws);
    expect(rgba).toHaveLength(4 * width * height);
    expect(rgba).toHaveLength(wanted.length);
    let most = 0;
    wanted.forEach((v, i) => (most = Math.max(most, Math.abs(v - rgba[i]))));
    expect(most).toBeLessThanOrEqual(1);
    expect(new Set(rgba).size).toBeGreaterThan(60);
    return rgba.reduce((sum, v, i) => sum + (i % 4 === 2 ? v : 0), 0);
  });
  // A developer is kept for frames of one white balance only.
  expect(sums[0] / sums[1]).toBeGreaterThan(1.2);
});
