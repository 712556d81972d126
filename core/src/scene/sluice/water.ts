import type { Chromaticity } from '../../colour/chromaticity';
import type { MovingRays } from '../moving';
import {
  EYE_M,
  SHEET_X0,
  SHEET_X1,
  SHEET_Y1,
  SHEET_Z,
  WALL_Z,
  WHEEL_RADIUS,
  WHEEL_X,
  WHEEL_Y,
  WHEEL_Z,
} from './place';
import { lookMoving } from './waterLook';

/** Falling water, the pool under it and the turning wheel. */
export const sluiceMotion = (white: Chromaticity): MovingRays => ({
  white,
  reaches(dx, dy, dz) {
    if (dz <= 0.05) return false;
    const wheelX = (WHEEL_Z * dx) / dz - WHEEL_X;
    const wheelY = EYE_M + (WHEEL_Z * dy) / dz - WHEEL_Y;
    if (wheelX * wheelX + wheelY * wheelY < (WHEEL_RADIUS + 0.05) ** 2) return true;
    const y = EYE_M + (WALL_Z * dy) / dz;
    if (y < 0) return true;
    const x = (SHEET_Z * dx) / dz;
    return x > SHEET_X0 && x < SHEET_X1 && y < SHEET_Y1 + 0.1;
  },
  look: lookMoving,
});
