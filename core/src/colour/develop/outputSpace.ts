import { xyzFromChromaticity, type Chromaticity } from '../chromaticity';
import { CIE_D65 } from '../illuminants';
import { diagonal, invert, multiplyMat, multiplyVec, type Mat3 } from '../mat3';
import { SRGB_TO_XYZ } from '../srgb';

/** What the numbers of a picture stand for. Both have D65 as white, and the curve of sRGB. */
export const OUTPUT_SPACES = ['srgb', 'display-p3'] as const;
export type OutputSpace = (typeof OUTPUT_SPACES)[number];

/** Display P3's primaries (SMPTE EG 432-1). */
const P3_RED: Chromaticity = { x: 0.68, y: 0.32 };
const P3_GREEN: Chromaticity = { x: 0.265, y: 0.69 };
const P3_BLUE: Chromaticity = { x: 0.15, y: 0.06 };

/** Linear RGB of these primaries to XYZ, its white at Y = 1 (SMPTE RP 177). */
function primariesToXyz(
  red: Chromaticity,
  green: Chromaticity,
  blue: Chromaticity,
  white: Chromaticity,
): Mat3 {
  const [r, g, b] = [red, green, blue].map((at) => xyzFromChromaticity(at));
  const columns: Mat3 = [r[0], g[0], b[0], r[1], g[1], b[1], r[2], g[2], b[2]];
  const shares = multiplyVec(invert(columns), xyzFromChromaticity(white));
  return multiplyMat(columns, diagonal(shares));
}

const P3_TO_XYZ: Mat3 = primariesToXyz(P3_RED, P3_GREEN, P3_BLUE, CIE_D65);

/** Linear RGB of a space to XYZ (D65). */
export const spaceToXyz = (space: OutputSpace): Mat3 =>
  space === 'srgb' ? SRGB_TO_XYZ : P3_TO_XYZ;

/** Linear sRGB to linear Display P3. */
export const SRGB_TO_P3: Mat3 = multiplyMat(
  invert(P3_TO_XYZ),
  // What is white in one is white in the other, whatever digits sRGB's matrix was rounded to.
  multiplyMat(diagonal(whiteRounded()), SRGB_TO_XYZ),
);

/** How far the digits of sRGB's matrix are from the white of CIE 15. */
function whiteRounded(): [number, number, number] {
  const said = multiplyVec(SRGB_TO_XYZ, [1, 1, 1]);
  const meant = xyzFromChromaticity(CIE_D65);
  return [meant[0] / said[0], meant[1] / said[1], meant[2] / said[2]];
}
