import { nominalIso, nominalTime } from '../exposure/nominal';
import { formatSignedThirds, formatThirds } from '../exposure/thirds';
import { findLens, type LensModel } from '../optics/lenses';
import { zoomTo } from '../optics/zoom';
import type { FigureLadder, FigureScale } from './figure';

/** Tapes and ladders that several figures have. */

type Span = Pick<FigureScale, 'min' | 'max' | 'start'>;

/** Shutter time, in clicks. */
export const shutterScale = (span: Span): FigureScale => ({
  name: 'Shutter',
  ...span,
  majorEvery: 3,
  engrave: nominalTime,
  words: (click) => `${nominalTime(click)} s`,
});

/** ISO, in clicks. */
export const isoScale = (span: Span): FigureScale => ({
  name: 'Speed',
  ...span,
  majorEvery: 3,
  engrave: nominalIso,
  words: (click) => `ISO ${nominalIso(click)}`,
});

/** Stops, in clicks from something. */
export const stopsScale = (name: string, span: Span): FigureScale => ({
  name,
  ...span,
  majorEvery: 3,
  engrave: formatSignedThirds,
  words: (click) => `${formatSignedThirds(click)} ${Math.abs(click) > 3 ? 'stops' : 'stop'}`,
});

/** Light as EV at ISO 100, in clicks. */
export const lightScale = (span: Span): FigureScale => ({
  name: 'Light',
  ...span,
  majorEvery: 3,
  engrave: formatThirds,
  words: (click) => `EV ${formatThirds(click)}`,
});

/** One of a few things, by their names. */
export const choiceScale = (
  name: string,
  choices: readonly string[],
  start: number,
): FigureScale => ({
  name,
  min: 0,
  max: choices.length - 1,
  start,
  majorEvery: 1,
  engrave: (at) => choices[at],
  words: (at) => choices[at],
  choices,
});

/** How often the 35 mm-equivalent focal length of a lens scale doubles: every six positions. */
const LENS_STEPS = 6;
const WIDEST_MM = 13;

/** 35 mm-equivalent focal length of a position. */
export const focalAt = (at: number): number => WIDEST_MM * 2 ** (at / LENS_STEPS);

/** The simulated phone's lens that shows a position's angle, and how far it is cropped. */
export function lensAt(at: number): { readonly lens: LensModel; readonly crop: number } {
  const { lens, crop } = zoomTo(focalAt(at));
  return { lens: findLens(lens)!, crop };
}

const mm = (at: number): string => `${Math.round(focalAt(at))}`;

/** 13 mm to 156 mm: what lenses and crop reach before a picture falls apart. */
export const lensScale = (start: number): FigureScale => ({
  name: 'Lens',
  min: 0,
  max: 21,
  start,
  majorEvery: LENS_STEPS,
  engrave: mm,
  words: (at) => `${mm(at)} mm`,
});

/** The main lens of the simulated phone: 26 mm, f/2.4. */
export const MAIN_LENS = findLens('main')!;

/** Its position on a lens scale. */
export const MAIN_AT = LENS_STEPS;

/** A ladder of stops from mid-grey. */
export const stopsLadder = (low: number, high: number, every = 1): FigureLadder => ({
  low,
  high,
  every,
  engrave: (stops) => formatSignedThirds(3 * stops),
  unit: 'stops from mid-grey',
});

/** A ladder of pixels of the file. */
export const pixelLadder = (high: number, every: number): FigureLadder => ({
  low: 0,
  high,
  every,
  engrave: (px) => `${px}`,
  unit: 'pixels of a 12 MP file',
});

/** "0.4", "3.2", "17": pixels to two figures. */
export const pixels = (px: number): string => (px < 9.95 ? px.toFixed(1) : px.toFixed(0));

/** "2 times", "1.3 times". */
export const timesWords = (factor: number): string =>
  `${Number(factor.toFixed(factor < 9.95 ? 1 : 0))} times`;
