/** Height of the bench, and where the lamp hangs; metres, the camera is the origin. */
export const BENCH_Y = -0.2;
export const LAMP_X = -0.6;
export const LAMP_Y = 0.26;
export const LAMP_Z = 0.16;
/** The card leans back a little; half sizes along it. */
export const CARD_X = 0.005;
export const CARD_Y = BENCH_Y + 0.077;
export const CARD_Z = 0.68;
export const CARD_REFLECTANCE = 0.18;
/** Illuminance on the middle of the card in lux, and the light thrown back by the room. */
export const CARD_LX = 280;
