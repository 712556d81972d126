import { addEnlarged } from '../../src/sensor';

/** The same by its definition: every pixel between the four small ones around it. */
function bilinear(
  small: Float32Array,
  width: number,
  height: number,
  factor: number,
): Float32Array {
  const out = new Float32Array(small.length * factor * factor);
  const at = (x: number, y: number, c: number): number =>
    small[
      3 * (Math.min(height - 1, Math.max(0, y)) * width + Math.min(width - 1, Math.max(0, x))) + c
    ];
  for (let y = 0; y < height * factor; y++)
    for (let x = 0; x < width * factor; x++)
      for (let c = 0; c < 3; c++) {
        const [u, v] = [(x + 0.5) / factor - 0.5, (y + 0.5) / factor - 0.5];
        const [x0, y0] = [Math.floor(u), Math.floor(v)];
        const [fx, fy] = [u - x0, v - y0];
        out[3 * (y * width * factor + x) + c] =
          (1 - fy) * ((1 - fx) * at(x0, y0, c) + fx * at(x0 + 1, y0, c)) +
          fy * ((1 - fx) * at(x0, y0 + 1, c) + fx * at(x0 + 1, y0 + 1, c));
      }
  return out;
}

describe('a small picture laid enlarged over another', () => {
  const [width, height] = [11, 9];
  test.each([
    ['full', 2, () => true],
    ['full', 4, () => true],
    [
      'with much that is nothing',
      2,
      (x: number, y: number) => y === 2 || (y > 4 && x > 3 && x < 6),
    ],
    ['of one pixel in a corner', 4, (x: number, y: number) => x === 0 && y === 8],
  ])('%s, %d times: as bilinear steps define it', (_, factor, holds) => {
    const small = new Float32Array(3 * width * height);
    for (let i = 0; i < small.length; i++) {
      const p = Math.floor(i / 3);
      if (holds(p % width, Math.floor(p / width))) small[i] = ((i * 37) % 91) - 30;
    }
    const wanted = bilinear(small, width, height, factor);
    for (const plain of [false, true])
      for (const below of [40, 5]) {
        const out = new Float32Array(small.length * factor * factor).fill(below);
        addEnlarged(small, width, height, factor, out, plain);
        // Light is never less than none.
        wanted.forEach((v, i) => expect(out[i]).toBeCloseTo(Math.max(0, below + v), 3));
      }
  });
});
