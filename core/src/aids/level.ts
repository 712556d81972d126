import type { Vec3 } from '../colour/mat3';

const RAD = Math.PI / 180;

/**
 * Which way is up, as a unit vector along the device's own axes: x to the right of its screen, y to
 * its top, z out of it. From the angles of the device orientation event: the third row of the
 * rotation matrix Z-X'-Y'' (W3C Device Orientation and Motion, "Worked example").
 *
 * @param betaDeg turn about x, -180..180
 * @param gammaDeg turn about y, -90..90
 */
export function upOfOrientation(betaDeg: number, gammaDeg: number): Vec3 {
  const [b, g] = [betaDeg * RAD, gammaDeg * RAD];
  return [-Math.cos(b) * Math.sin(g), Math.sin(b), Math.cos(b) * Math.cos(g)];
}

/** How a camera that looks out of the device's back is held. */
export interface Level {
  /**
   * Degrees that the picture's own up leans to the right of true up, -180..180; null where it looks
   * so far up or down that there is no horizon.
   */
  readonly rollDeg: number | null;
  /** Degrees that it looks above the horizon. */
  readonly tiltDeg: number;
  /** Straight down or up: how far from it to the right and to the top of the picture; else null. */
  readonly off: { readonly rightDeg: number; readonly topDeg: number } | null;
  /** Within half a degree of level, or of the vertical where there is no horizon. */
  readonly isTrue: boolean;
}

/** What counts as level. */
export const TRUE_DEG = 0.5;
/** From this far above or below the horizon on the vertical is what is looked for. */
const STEEP_DEG = 65;

/**
 * How level a camera is held.
 *
 * @param up which way is up along the device's axes
 * @param screenDeg degrees the picture is turned against the device's own top (screen orientation)
 */
export function levelOf(up: Vec3, screenDeg: number): Level {
  const s = screenDeg * RAD;
  // Along the axes of the picture as it is seen on the turned screen.
  const right = up[0] * Math.cos(s) - up[1] * Math.sin(s);
  const top = up[0] * Math.sin(s) + up[1] * Math.cos(s);
  const tiltDeg = Math.asin(Math.max(-1, Math.min(1, -up[2]))) / RAD;
  if (Math.abs(tiltDeg) > STEEP_DEG) {
    const ahead = Math.abs(up[2]);
    const rightDeg = Math.atan2(right, ahead) / RAD;
    const topDeg = Math.atan2(top, ahead) / RAD;
    const isTrue = Math.hypot(rightDeg, topDeg) <= TRUE_DEG;
    return { rollDeg: null, tiltDeg, off: { rightDeg, topDeg }, isTrue };
  }
  // Where true up leans to the left of the picture's top, that top leans to the right.
  const rollDeg = Math.atan2(-right, top) / RAD + 0;
  return { rollDeg, tiltDeg, off: null, isTrue: Math.abs(rollDeg) <= TRUE_DEG };
}
