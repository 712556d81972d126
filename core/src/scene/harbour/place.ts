/** Night sky overhead, and the glow of a far town along the horizon, cd/m2. */
export const SKY_L = 0.0035;
export const TOWN_L = 0.03;
