import type { Vec3 } from './mat3';

/** CIE 1931 chromaticity coordinates. */
export interface Chromaticity {
  readonly x: number;
  readonly y: number;
}

/** XYZ of a chromaticity at luminance Y (default 1). */
export const xyzFromChromaticity = ({ x, y }: Chromaticity, Y = 1): [number, number, number] => [
  (x / y) * Y,
  Y,
  ((1 - x - y) / y) * Y,
];

/** Chromaticity of XYZ; the components' sum must not be zero. */
export function chromaticityFromXyz(xyz: Vec3): Chromaticity {
  const sum = xyz[0] + xyz[1] + xyz[2];
  return { x: xyz[0] / sum, y: xyz[1] / sum };
}
