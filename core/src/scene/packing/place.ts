/** Height of the bench, and where the lamp hangs; metres, the camera is the origin. */
export const BENCH_Y = -0.2;
export const LAMP_X = -0.6;
export const LAMP_Y = 0.26;
export const LAMP_Z = 0.16;
