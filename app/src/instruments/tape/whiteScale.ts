import { nominalKelvin, tintWords, WHITE_KELVIN, WHITE_TINT } from '@velmo/core/colour';
import type { TapeScale } from './tapeScale';

/** The White tape is even in mired: five to a click, from the warmest light on. */
const MIRED_A_CLICK = 5;
const WARMEST_MIRED = 1e6 / WHITE_KELVIN.min;

/** Where a temperature stands on the white tape, which is even in mired. */
export const clickOfKelvin = (kelvin: number): number =>
  (WARMEST_MIRED - 1e6 / kelvin) / MIRED_A_CLICK;
/** The temperature at a detent, rounded as it is shown. */
export const kelvinOfClick = (click: number): number =>
  Math.min(WHITE_KELVIN.max, 1e6 / (WARMEST_MIRED - click * MIRED_A_CLICK));

/** The last detent lies a little beyond the coolest light, and stands for it. */
export const WHITE_CLICKS = {
  min: 0,
  max: Math.ceil(clickOfKelvin(WHITE_KELVIN.max)),
} as const;

const ENGRAVED = [2000, 2300, 2700, 3200, 3800, 4500, 5500, 6500, 8000, 10000, 12000];

/** White balance by temperature. */
export const WHITE_SCALE: TapeScale = {
  name: 'White',
  engrave: (click) => `${nominalKelvin(kelvinOfClick(click))}`,
  readout: (click) => `${nominalKelvin(kelvinOfClick(click))} K`,
  speak: (click) => `${nominalKelvin(kelvinOfClick(click))} K`,
  majorEvery: 10,
  engraved: ENGRAVED.map((kelvin) => ({ click: clickOfKelvin(kelvin), text: `${kelvin}` })),
};

/** How far the tint tape goes, green to magenta. */
export const TINT_CLICKS = WHITE_TINT;

/** Tint, green to magenta. */
export const TINT_SCALE: TapeScale = {
  name: 'Tint',
  engrave: (tint) => `${Math.abs(tint)}`,
  readout: tintWords,
  speak: (tint) => `light ${tintWords(tint)}`,
  majorEvery: 5,
};
