import equal from 'fast-deep-equal';
import type { MonitorSettings } from '@velmo/core/monitor';
import type { MeterSetting } from '@velmo/core/settings';
import type { LoupeView } from './view';

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

/** What the tables of the monitors are made from. */
const watched = ({ zebra, toneClicks, peakingStrength }: MonitorSettings): unknown[] => [
  zebra,
  toneClicks,
  peakingStrength,
];

/** Monitors that ask for the same tables. */
export const sameWatched = (a: MonitorSettings, b: MonitorSettings): boolean =>
  a === b || equal(watched(a), watched(b));
