import { formatSignedThirds, nominalIso, nominalTime } from '@velmo/core/exposure';

/** What is engraved on a tape. One click is one detent. */
export interface TapeScale {
  readonly name: 'Time' | 'ISO' | 'Comp';
  /** Short text of a click, as engraved. */
  engrave(click: number): string;
  /** Text of a click with its unit, for the readout. */
  readout(click: number): string;
  /** The same, to be spoken. */
  speak(click: number): string;
  /** Longest distance between engraved numbers, in clicks. */
  readonly majorEvery: number;
}

export const TIME_SCALE: TapeScale = {
  name: 'Time',
  engrave: nominalTime,
  readout: (click) => (click < -5 ? nominalTime(click) : `${nominalTime(click)} s`),
  speak: (click) => `${nominalTime(click)} s`,
  majorEvery: 3,
};

export const ISO_SCALE: TapeScale = {
  name: 'ISO',
  engrave: nominalIso,
  readout: nominalIso,
  speak: (click) => `ISO ${nominalIso(click)}`,
  majorEvery: 3,
};

export const COMP_SCALE: TapeScale = {
  name: 'Comp',
  engrave: formatSignedThirds,
  readout: formatSignedThirds,
  speak: (click) => `${formatSignedThirds(click)} stops`,
  majorEvery: 3,
};
