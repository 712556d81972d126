/** Distance of the wall in metres. */
export const WALL_M = 1.15;
/** The wedge: 21 steps from 90 % down, each 1/3 stop darker than the one to its left. */
export const WEDGE_STEPS = 21;
export const WEDGE_TOP = 0.9;
export const WEDGE_STEP_WIDTH = 0.052;
export const WEDGE_Y = -0.27;
export const WEDGE_HALF_HEIGHT = 0.075;
