/** Numbers of the registers by which the functions of a place give back what they found. */

/** Light towards the camera on BT.709 primaries, cd/m2. */
export const RED = 0;
export const GREEN = 1;
export const BLUE = 2;
/** Along the ray in metres; Infinity for the sky. */
export const DISTANCE = 3;
/** What a lamp beside the camera meets, 0..1. */
export const REFLECTANCE = 4;

/** Nearest hit so far: distance and normal. */
export const HIT_T = 5;
export const HIT_NX = 6;
export const HIT_NY = 7;
export const HIT_NZ = 8;

/** The place's white at Y = 1, on BT.709 primaries; set before any ray. */
export const WHITE_R = 9;
export const WHITE_G = 10;
export const WHITE_B = 11;

/** Of what moves: the share of the open shutter in which it covers the ray. */
export const COVER = 12;

/** From here on a place's own. */
export const OWN = 16;
