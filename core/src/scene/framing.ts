/** Which part of the scene falls on which pixel. */
export interface Framing {
  /** Direction of the lens axis: radians right of and above the scene's axis. */
  readonly yawRad: number;
  readonly pitchRad: number;
  /** Tangent of half the angle the sensor's long side sees. */
  readonly halfLongTangent: number;
  /** Pixels along the sensor's long and short side. */
  readonly longPx: number;
  readonly shortPx: number;
  /**
   * How the plane's rows and columns lie in the picture: 'level' = the long side lies, as seen;
   * 'upright' = the long side stands, as seen; 'upright-sensor' = the phone is upright and the
   * plane is in the order the sensor reads, long side in rows, turned by 90 degrees against the
   * picture (TIFF orientation 6).
   */
  readonly layout: 'level' | 'upright' | 'upright-sensor';
}

/** Size of the whole plane of a framing. */
export const framingSize = (f: Framing): { width: number; height: number } =>
  f.layout === 'upright'
    ? { width: f.shortPx, height: f.longPx }
    : { width: f.longPx, height: f.shortPx };

/** Angle of a pixel at the centre, as a tangent. */
export const framingPixel = (f: Framing): number => (2 * f.halfLongTangent) / f.longPx;

/**
 * Writes the unit direction of a place in the plane to `out`: x, y, z, then the cosine to the lens
 * axis.
 */
export type RayCaster = (column: number, row: number, out: Float64Array) => void;

/** A caster for a framing: what is the same for all its rays is worked out once. */
export function rayCaster(f: Framing): RayCaster {
  const pixel = framingPixel(f);
  const long = f.halfLongTangent;
  const short = (long * f.shortPx) / f.longPx;
  const { layout } = f;
  const cosPitch = Math.cos(f.pitchRad);
  const sinPitch = Math.sin(f.pitchRad);
  const cosYaw = Math.cos(f.yawRad);
  const sinYaw = Math.sin(f.yawRad);
  return (column, row, out) => {
    const a = column * pixel;
    const b = row * pixel;
    const u = layout === 'upright-sensor' ? short - b : layout === 'upright' ? a - short : a - long;
    const v = layout === 'upright-sensor' ? long - a : layout === 'upright' ? long - b : short - b;
    const inverse = 1 / Math.sqrt(u * u + v * v + 1);
    const z = cosPitch - v * sinPitch;
    out[0] = (u * cosYaw + z * sinYaw) * inverse;
    out[1] = (v * cosPitch + sinPitch) * inverse;
    out[2] = (z * cosYaw - u * sinYaw) * inverse;
    out[3] = inverse;
  };
}

/**
 * The way back: where in the plane a direction falls. Writes column, row and the cosine to the lens
 * axis to `out`; false for directions behind the camera.
 */
export function placeOf(
  f: Framing,
  dx: number,
  dy: number,
  dz: number,
  out: Float64Array,
): boolean {
  const right = dx * Math.cos(f.yawRad) - dz * Math.sin(f.yawRad);
  const ahead = dx * Math.sin(f.yawRad) + dz * Math.cos(f.yawRad);
  const depth = ahead * Math.cos(f.pitchRad) + dy * Math.sin(f.pitchRad);
  if (depth <= 1e-6) return false;
  const u = right / depth;
  const v = (dy * Math.cos(f.pitchRad) - ahead * Math.sin(f.pitchRad)) / depth;
  const pixel = framingPixel(f);
  const long = f.halfLongTangent;
  const short = (long * f.shortPx) / f.longPx;
  if (f.layout === 'upright-sensor') {
    out[0] = (long - v) / pixel;
    out[1] = (short - u) / pixel;
  } else if (f.layout === 'upright') {
    out[0] = (u + short) / pixel;
    out[1] = (long - v) / pixel;
  } else {
    out[0] = (u + long) / pixel;
    out[1] = (short - v) / pixel;
  }
  out[2] = depth;
  return true;
}
