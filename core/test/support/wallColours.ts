import { converter } from 'culori';
import { findLens, halfLongTangent } from '../../src/optics';
import { TEST_WALL_PATCHES } from '../../src/scene';
import { meanOver, patchBox } from './shots';

const halfTangent = halfLongTangent(findLens('main')!, 1);
const toLab = converter('lab65');
export type Rgb = [number, number, number];

/** Mean linear RGB of every patch. */
export const patchMeans = (
  data: Uint16Array,
  width: number,
  height: number,
  linear: (v: number) => number = (v) => v,
): Rgb[] =>
  TEST_WALL_PATCHES.map((patch) => {
    const box = patchBox(patch, width, height, halfTangent);
    const wide = { ...box, x0: 3 * box.x0, x1: 3 * box.x1 };
    return [0, 1, 2]
      .map((c) => meanOver(data, 3 * width, wide, (x) => x % 3 === c))
      .map(linear) as Rgb;
  });

export const patchIndex = (id: string): number => TEST_WALL_PATCHES.findIndex((p) => p.id === id);

/** The same, brought to where the white card has luminance 0.9. */
export function patches(...wall: Parameters<typeof patchMeans>): Rgb[] {
  const means = patchMeans(...wall);
  const [r, g, b] = means[patchIndex('white-90')];
  const scale = 0.9 / (0.2126 * r + 0.7152 * g + 0.0722 * b);
  return means.map((rgb) => rgb.map((v) => v * scale) as Rgb);
}

export const lab = ([r, g, b]: Rgb) => toLab({ mode: 'lrgb', r, g, b });
