import { formatThirds } from '@velmo/core/exposure';
import type { TapeScale } from './tapeScale';

/** Light from a moonless night to sun on snow, as EV at ISO 100 in thirds. */
export const EV_CLICKS = { min: -18, max: 60 } as const;

const words = (click: number): string => `${click < 0 ? '−' : ''}${formatThirds(click)}`;

/** Light in EV at ISO 100, in thirds. */
export const EV_SCALE: TapeScale = {
  name: 'EV',
  engrave: words,
  readout: (click) => `EV ${words(click)}`,
  speak: (click) => `EV ${words(click)}`,
  majorEvery: 3,
};
