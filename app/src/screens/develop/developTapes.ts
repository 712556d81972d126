import { formatSignedThirds } from '@velmo/core/exposure';
import { FIRST_GREYS, GREY_SHARE, MAX_DEVELOP_STOPS, type Development } from '@velmo/core/recipe';
import type { TapeScale } from '../../instruments/tape/tapeScale';

/** A tape of a recipe: what it sets, and how many of its clicks make a whole of that. */
export interface DevelopTape {
  readonly scale: TapeScale;
  readonly per: number;
  readonly range: { readonly min: number; readonly max: number };
  /** Where it stands as exposed. */
  readonly first: number;
  value(development: Development): number;
  changed(development: Development, value: number): Development;
}

const STOP_CLICKS = 3;
const SHARE_CLICKS = 20;

/** "+40 %", "−25 %" */
export const signedPercent = (share: number): string => {
  const percent = Math.round(100 * share);
  return `${percent > 0 ? '+' : percent < 0 ? '−' : ''}${Math.abs(percent)} %`;
};

/** A tape of percent. */
const percentTape = (
  name: TapeScale['name'],
  words: (share: number) => string,
  tape: Omit<DevelopTape, 'scale' | 'per'>,
): DevelopTape => {
  const said = (click: number): string => words(click / SHARE_CLICKS);
  return {
    scale: {
      name,
      engrave: (click) => said(click).replace(' %', ''),
      readout: said,
      speak: said,
      majorEvery: 4,
    },
    per: SHARE_CLICKS,
    ...tape,
  };
};

type SharePart = 'contrast' | 'highlights' | 'shadows' | 'saturation' | 'sharpening' | 'noise';

const percent = (share: number): string => `${Math.round(100 * share)} %`;

const shareTape = (name: TapeScale['name'], part: SharePart, least: -1 | 0): DevelopTape =>
  percentTape(name, least === 0 ? percent : signedPercent, {
    range: { min: least * SHARE_CLICKS, max: SHARE_CLICKS },
    first: 0,
    value: (development) => development[part],
    changed: (development, value) => ({ ...development, [part]: value }),
  });

const greyTape = (name: 'Red' | 'Green' | 'Blue', channel: 0 | 1 | 2): DevelopTape =>
  percentTape(name, signedPercent, {
    range: { min: GREY_SHARE.min * SHARE_CLICKS, max: GREY_SHARE.max * SHARE_CLICKS },
    first: Math.round(FIRST_GREYS[channel] * SHARE_CLICKS),
    value: ({ greys }) => (greys ?? FIRST_GREYS)[channel],
    changed: (development, value) => {
      const [red, green, blue] = development.greys ?? FIRST_GREYS;
      const greys: [number, number, number] = [red, green, blue];
      greys[channel] = value;
      return { ...development, greys };
    },
  });

const EXPOSURE: DevelopTape = {
  scale: {
    name: 'Exposure',
    engrave: formatSignedThirds,
    readout: formatSignedThirds,
    speak: (click) => `${formatSignedThirds(click)} stops`,
    majorEvery: 3,
  },
  per: STOP_CLICKS,
  range: { min: -MAX_DEVELOP_STOPS * STOP_CLICKS, max: MAX_DEVELOP_STOPS * STOP_CLICKS },
  first: 0,
  value: ({ exposure }) => exposure,
  changed: (development, exposure) => ({ ...development, exposure }),
};

/** Tapes that decide light, above White. */
export const LIGHT_TAPES: readonly DevelopTape[] = [
  EXPOSURE,
  shareTape('Shadows', 'shadows', -1),
  shareTape('Highlights', 'highlights', -1),
  shareTape('Contrast', 'contrast', -1),
];

/** How much colour there is, or what each gives to greys. */
export const COLOUR_TAPE: DevelopTape = shareTape('Saturation', 'saturation', -1);
/** What becomes of colours in black and white. */
export const GREY_TAPES: readonly DevelopTape[] = [
  greyTape('Red', 0),
  greyTape('Green', 1),
  greyTape('Blue', 2),
];

/** Noise and sharpness. */
export const DETAIL_TAPES: readonly DevelopTape[] = [
  shareTape('Noise', 'noise', 0),
  shareTape('Sharpness', 'sharpening', 0),
];
