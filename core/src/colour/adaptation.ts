import { diagonal, invert, multiplyMat, multiplyVec, type Mat3, type Vec3 } from './mat3';

/** Bradford cone response matrix (Lam 1985, as used by ICC.1 annex E). */
const BRADFORD: Mat3 = [0.8951, 0.2664, -0.1614, -0.7502, 1.7135, 0.0367, 0.0389, -0.0685, 1.0296];

/**
 * Matrix that takes XYZ seen under white `from` to corresponding XYZ under white `to` (linear
 * Bradford).
 */
export function bradfordAdaptation(from: Vec3, to: Vec3): Mat3 {
  const a = multiplyVec(BRADFORD, from);
  const b = multiplyVec(BRADFORD, to);
  const scale = diagonal([b[0] / a[0], b[1] / a[1], b[2] / a[2]]);
  return multiplyMat(invert(BRADFORD), multiplyMat(scale, BRADFORD));
}
