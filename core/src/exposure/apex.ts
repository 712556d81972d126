/**
 * APEX, the additive system of photographic exposure (Exif 3.0 / CIPA DC-008, annex on APEX):
 * Ev = Av + Tv = Bv + Sv.
 */

/** Aperture value: log2(N^2). */
export const avFromFNumber = (fNumber: number): number => 2 * Math.log2(fNumber);

/** Time value: -log2(t), t in seconds. */
export const tvFromTimeS = (timeS: number): number => -Math.log2(timeS);

/** Speed value: log2(S / 3.125). */
export const svFromIso = (iso: number): number => Math.log2(iso / 3.125);

/**
 * Exposure value referred to ISO 100: what EV100 an exposure of this time, aperture and speed is
 * right for.
 */
export const ev100FromExposure = (timeS: number, fNumber: number, iso: number): number =>
  avFromFNumber(fNumber) + tvFromTimeS(timeS) - Math.log2(iso / 100);
