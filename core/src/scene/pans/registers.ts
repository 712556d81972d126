import { OWN } from '../rays/registers';

/** Registers of the pans: the heap, post and shed that a ray met. */

export const HEAP_T = OWN;
export const HEAP_X = OWN + 1;
export const HEAP_Z = OWN + 2;
export const HEAP_TOP = OWN + 3;
export const HEAP_SLOPE = OWN + 4;
export const HEAP_ROUND = OWN + 5;

export const POST_T = OWN + 6;
export const POST_X = OWN + 7;
export const POST_Z = OWN + 8;
export const POST_RADIUS = OWN + 9;
export const POST_HEIGHT = OWN + 10;

/** Distance, normal, and 1 on the roof. */
export const SHED_T = OWN + 11;
export const SHED_NX = OWN + 12;
export const SHED_NY = OWN + 13;
export const SHED_NZ = OWN + 14;
export const SHED_ROOF = OWN + 15;
