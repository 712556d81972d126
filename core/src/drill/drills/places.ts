import { CARD_X, CARD_Y, CARD_Z } from '../../scene/packing/place';
import { DOOR_X, ROOM_Z1 } from '../../scene/shed/place';
import { DOORWAY_X, EYE_M, SHED_Z0 } from '../../scene/pans/place';
import {
  EYE_M as SLUICE_EYE_M,
  SHEET_MIDDLE,
  SHEET_Y1,
  SHEET_Z,
  WHEEL_OMEGA,
  WHEEL_RADIUS,
  WHEEL_Z,
} from '../../scene/sluice/place';
import { WALL_M } from '../../scene/wall/place';
import type { Mover } from '../criteria/sharpness';
import type { Region } from '../region';

const region = (name: string, yawRad: number, pitchRad: number, halfAngleRad: number): Region => ({
  name,
  yawRad,
  pitchRad,
  halfAngleRad,
});

export const WHITE_HEAP = region('the white heap', 0.08, 0.03, 0.05);
export const DOORWAY = region(
  'the dark doorway',
  Math.atan2(DOORWAY_X, SHED_Z0),
  Math.atan2(1.62 - EYE_M, SHED_Z0),
  0.5 / SHED_Z0,
);

export const YARD = region('the yard behind the door', Math.atan2(DOOR_X, ROOM_Z1), -0.068, 0.042);
export const BOARDS = region('the boards inside', 0.3, 0.12, 0.03);

const sheetPitch = Math.atan2(SHEET_Y1 / 2 - SLUICE_EYE_M, SHEET_Z);
export const FALLING_WATER = region(
  'the falling water',
  Math.atan2(SHEET_MIDDLE, SHEET_Z),
  sheetPitch,
  0.07,
);
/** Between the gate and the wheel, which pass before none of them. */
export const STONES = region('the wall’s stones', 0.035, 0.1, 0.02);
export const EVENING_SKY = region('the evening sky', 0.05, 0.3, 0.04);
export const WHEEL: Mover = {
  name: 'the wheel',
  speedMS: WHEEL_OMEGA * WHEEL_RADIUS,
  distanceM: WHEEL_Z,
};
/** Half-way down it falls at sqrt(2 g h). */
export const WATER: Mover = {
  name: 'the water',
  speedMS: Math.sqrt(9.81 * SHEET_Y1),
  distanceM: SHEET_Z,
};

export const LANTERN = region('the lamp’s glass', 0.096, 0.19, 0.02);
export const GLITTER = region('its light on the water', 0.1, -0.13, 0.02);

export const DARK_SKY = region('the sky', 0.2, 0.42, 0.05);

export const BENCH_CARD = region(
  'the grey card',
  Math.atan2(CARD_X, CARD_Z),
  Math.atan2(CARD_Y, CARD_Z),
  0.055,
);
export const NEAR_JAR = region('the near jar', 0.24, -0.27, 0.035);
export const LEFT_JAR = region('the left jar', -0.33, -0.19, 0.025);
export const FAR_JAR = region('the far jar', 0.38, -0.16, 0.025);

export const GREY_CARD = region('the grey card', 0, 0, 0.1);
/** Where it ends, upwards and to the right: something to be sharp. */
export const CARD_CORNER = region(
  'the card’s corner',
  Math.atan2(0.2, WALL_M),
  Math.atan2(0.15, Math.hypot(WALL_M, 0.2)),
  0.035,
);
export const WHITE_CARD = region('the white card', Math.atan2(-0.38, WALL_M), 0, 0.08);
export const BLACK_CARD = region('the black card', Math.atan2(0.38, WALL_M), 0, 0.08);
