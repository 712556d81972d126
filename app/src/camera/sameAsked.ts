import type { MeterSetting } from '@velmo/core/settings';
import type { LoupeView } from './CameraDevice';

/** The same piece of the picture under the loupe. */
export const sameLoupe = (a: LoupeView | null, b: LoupeView | null): boolean =>
  a === b ||
  (a !== null &&
    b !== null &&
    a.photosites === b.photosites &&
    a.at.x === b.at.x &&
    a.at.y === b.at.y);

/** Settings arrive as copies: the meter has changed only where its values have. */
export const sameMeter = (a: MeterSetting, b: MeterSetting): boolean =>
  a.pattern === b.pattern && a.spot.x === b.spot.x && a.spot.y === b.spot.y;
