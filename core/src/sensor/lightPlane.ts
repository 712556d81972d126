/** A patch of light as the lens throws it on the sensor, before exposure. */
export interface LightPlane {
  readonly width: number;
  readonly height: number;
  /** Camera-space luminance in cd/m2 (green of a neutral surface = its luminance), interleaved RGB. */
  readonly rgb: Float32Array;
  /** Distance along the axis in metres; Infinity for the sky. */
  readonly depthM: Float32Array;
}

/** A plane for width x height pixels, dark and infinitely far. */
export function createLightPlane(width: number, height: number): LightPlane {
  return {
    width,
    height,
    rgb: new Float32Array(width * height * 3),
    depthM: new Float32Array(width * height).fill(Infinity),
  };
}
