/** A patch of light as the lens throws it on the sensor, before exposure. */
export interface LightPlane {
  readonly width: number;
  readonly height: number;
  /** Where its top left pixel lies in the whole picture. */
  readonly column: number;
  readonly row: number;
  /**
   * Camera-space luminance in cd/m2 (green of a neutral surface = its luminance), interleaved RGB.
   */
  readonly rgb: Float32Array;
  /** Distance along the lens axis in metres; Infinity for the sky. */
  readonly depthM: Float32Array;
}

/** How far away what a picture shows is, row by row along the lens axis. */
export type DepthMap = Pick<LightPlane, 'width' | 'height' | 'depthM'>;

/**
 * A plane for width x height pixels, dark and infinitely far; a part of a larger picture where it
 * says so.
 */
export function createLightPlane(width: number, height: number, column = 0, row = 0): LightPlane {
  return {
    width,
    height,
    column,
    row,
    rgb: new Float32Array(width * height * 3),
    depthM: new Float32Array(width * height).fill(Infinity),
  };
}

/** Some rows of a plane: a view of the same light. */
export const rowsOf = (plane: LightPlane, first: number, rows: number): LightPlane => ({
  width: plane.width,
  height: rows,
  column: plane.column,
  row: plane.row + first,
  rgb: plane.rgb.subarray(3 * first * plane.width, 3 * (first + rows) * plane.width),
  depthM: plane.depthM.subarray(first * plane.width, (first + rows) * plane.width),
});

/** Nearest and farthest distance in a plane, in metres. */
export function depthExtremes(depthM: Float32Array): [number, number] {
  let nearest = Infinity;
  let farthest = 0;
  for (let i = 0; i < depthM.length; i++) {
    const d = depthM[i];
    if (d < nearest) nearest = d;
    if (d > farthest) farthest = d;
  }
  return [nearest, farthest];
}
