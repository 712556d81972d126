export const ROOM_Z1 = 11;
export const DOOR_X0 = -0.75;
export const DOOR_X1 = 0.95;
export const DOOR_X = (DOOR_X0 + DOOR_X1) / 2;
/** Luminance of the sunlit salt yard outside, and the mean of what the door lets in, cd/m2. */
export const YARD_L = 9200;
