/** Where in the setting of a row each number stands. */
export const PIXEL = 0;
export const HALF_LONG = 1;
export const HALF_SHORT = 2;
export const COS_PITCH = 3;
export const SIN_PITCH = 4;
export const COS_YAW = 5;
export const SIN_YAW = 6;
/** Share of the place's own light. */
export const OWN_SHARE = 7;
/** Three factors each: the lamp's tint, the place's white. */
export const LAMP = 8;
export const WHITE = 11;
/** Nine each: XYZ to the camera's channels, BT.709 primaries to XYZ. */
export const TO_CAMERA = 14;
export const TO_XYZ = 23;
/** Where in a pixel its rays go through: x, y, x, y ... */
export const PATTERN = 32;
export const SETTING_LENGTH = 40;

/** How rows and columns lie in the picture: see Framing. */
export const UPRIGHT = 1;
export const UPRIGHT_SENSOR = 2;
