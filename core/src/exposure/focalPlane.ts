/** Lens factor q of ISO 12232: H = q * L * t / N^2, with H in lux seconds and L in cd/m2. */
export const LENS_Q = 0.65;

/** Focal-plane exposure in lux seconds of a surface of luminance L (cd/m2) (ISO 12232). */
export const focalPlaneExposure = (luminance: number, timeS: number, fNumber: number): number =>
  (LENS_Q * luminance * timeS) / (fNumber * fNumber);

/** Saturation exposure of a sensor of saturation-based speed S: 78 / S lux seconds (ISO 12232). */
export const saturationExposure = (saturationSpeed: number): number => 78 / saturationSpeed;
