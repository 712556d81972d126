import type { PicturePoint } from '@velmo/core/exposure';
import { MAX_PINS, type Pin } from '../session/fieldState';

/** Pins after the picture was stretched about its middle. */
export const scaledPins = (pins: readonly Pin[], across: number, down: number): readonly Pin[] =>
  pins.map((pin) => ({
    ...pin,
    at: { x: 0.5 + (pin.at.x - 0.5) * across, y: 0.5 + (pin.at.y - 0.5) * down },
  }));

/** Pins with one more, under the lowest number that is free; null when all numbers are taken. */
export function withPin(pins: readonly Pin[], at: PicturePoint): readonly Pin[] | null {
  if (pins.length >= MAX_PINS) return null;
  let number = 1;
  while (pins.some((pin) => pin.number === number)) number++;
  return [...pins, { number, at }];
}

/**
 * True where a pin lies in the picture; it keeps its number outside and comes back with its place.
 */
export const inPicture = ({ x, y }: PicturePoint): boolean => x >= 0 && x <= 1 && y >= 0 && y <= 1;
