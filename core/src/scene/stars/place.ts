/**
 * Luminance of the night sky in cd/m2: airglow overhead, a far town's glow at the horizon, the
 * faint band.
 */
export const AIR_L = 0.0017;
export const TOWN_L = 0.0022;
