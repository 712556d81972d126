/** Where things stand at the pans; metres, ground at 0. */
export const EYE_M = 1.65;
/** The drying shed seen from outside: a box with a gable roof along z. Metres, ground at 0. */
export const SHED_X0 = 6.6;
export const SHED_X1 = 12.6;
export const SHED_Z0 = 22;
export const SHED_MIDDLE = (SHED_X0 + SHED_X1) / 2;
/**
 * Middle of the open doorway in the shed's front, and the luminance of the dark behind it in cd/m2.
 */
export const DOORWAY_X = SHED_MIDDLE - 0.4;
export const DOORWAY_L = 16;
