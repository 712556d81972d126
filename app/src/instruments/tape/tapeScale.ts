import { formatSignedThirds, nominalIso, nominalTime } from '@velmo/core/exposure';
import { zoomTo } from '@velmo/core/optics';

/** What is engraved on a tape. One click is one detent. */
export interface TapeScale {
  readonly name: string;
  /** Short text of a click, as engraved. */
  engrave(click: number): string;
  /** Text of a click with its unit, for the readout. */
  readout(click: number): string;
  /** The same, to be spoken. */
  speak(click: number): string;
  /** Longest distance between engraved numbers, in clicks. */
  readonly majorEvery: number;
  /**
   * What is engraved where, for scales on which round numbers do not fall on detents; instead of
   * `majorEvery`.
   */
  readonly engraved?: readonly { readonly click: number; readonly text: string }[];
}

/** Shutter time in thirds of a stop. */
export const TIME_SCALE: TapeScale = {
  name: 'Time',
  engrave: nominalTime,
  readout: (click) => (click < -5 ? nominalTime(click) : `${nominalTime(click)} s`),
  speak: (click) => `${nominalTime(click)} s`,
  majorEvery: 3,
};

/** ISO in thirds of a stop. */
export const ISO_SCALE: TapeScale = {
  name: 'ISO',
  engrave: nominalIso,
  readout: nominalIso,
  speak: (click) => `ISO ${nominalIso(click)}`,
  majorEvery: 3,
};

/** Exposure compensation in thirds of a stop. */
export const COMP_SCALE: TapeScale = {
  name: 'Comp',
  engrave: formatSignedThirds,
  readout: formatSignedThirds,
  speak: (click) => `${formatSignedThirds(click)} stops`,
  majorEvery: 3,
};

/** Zoom clicks double the focal length every twelve; click 0 is the widest lens' 13 mm. */
export const ZOOM_CLICKS_PER_DOUBLING = 12;
const WIDEST_MM = 13;

/** 35 mm-equivalent focal length of a zoom click. */
export const focalOfClick = (click: number): number =>
  WIDEST_MM * 2 ** (click / ZOOM_CLICKS_PER_DOUBLING);
/** Where a 35 mm-equivalent focal length stands on the zoom tape. */
export const clickOfFocal = (focalLength35Mm: number): number =>
  Math.round(ZOOM_CLICKS_PER_DOUBLING * Math.log2(focalLength35Mm / WIDEST_MM));

/** "crop 2.0×", or "" on a whole sensor. */
export const cropWords = (crop: number): string => (crop > 1.02 ? `crop ${crop.toFixed(1)}×` : '');

const zoomWords = (click: number): string =>
  [`${Math.round(focalOfClick(click))} mm`, cropWords(zoomTo(focalOfClick(click)).crop)]
    .filter(Boolean)
    .join(', ');

/** Zoom by 35 mm-equivalent focal length. */
export const ZOOM_SCALE: TapeScale = {
  name: 'Zoom',
  engrave: (click) => `${Math.round(focalOfClick(click))}`,
  readout: (click) => `${Math.round(focalOfClick(click))} mm`,
  speak: zoomWords,
  majorEvery: 6,
};

/** A filter's click is a whole stop. */
export const FILTER_SCALE: TapeScale = {
  name: 'ND filter',
  engrave: (stops) => `${stops}`,
  readout: (stops) => (stops === 0 ? 'none' : `${stops}`),
  speak: (stops) => (stops === 0 ? 'none' : `${stops} ${stops === 1 ? 'stop' : 'stops'}`),
  majorEvery: 1,
};
