import { formatSignedThirds } from '@velmo/core/exposure';
import { lookOf, type Development, type Look } from '@velmo/core/recipe';
import { whiteWords } from '../field/words/neutralWords';
import { signedPercent } from './developTapes';

/** Looks by name. */
const LOOK_WORDS: Readonly<Record<string, string>> = {
  noon: 'Noon',
  brine: 'Brine',
  dusk: 'Dusk',
  slate: 'Slate',
  rust: 'Rust',
  kelp: 'Kelp',
};

/** What a look is called. */
export const lookWords = ({ id }: Look): string => LOOK_WORDS[id] ?? id;

const share = (name: string, value: number): string[] =>
  value === 0 ? [] : [`${name} ${signedPercent(value)}`];

/** "+2/3, look Noon, 5200 K": what a recipe changes. */
export function developWords(development: Development): string {
  const { exposure, white, greys, noise, sharpening } = development;
  const look = lookOf(development);
  const tones = look
    ? [`look ${lookWords(look)}`]
    : [
        ...share('shadows', development.shadows),
        ...share('highlights', development.highlights),
        ...share('contrast', development.contrast),
        ...(greys
          ? [`greys of ${greys.map((v) => signedPercent(v).replace(/[+ %]/g, '')).join(', ')} %`]
          : share('saturation', development.saturation)),
      ];
  const words = [
    ...(exposure === 0 ? [] : [formatSignedThirds(Math.round(3 * exposure))]),
    ...(white ? [whiteWords(white)] : []),
    ...tones,
    ...share('noise', -noise),
    ...share('sharpness', sharpening),
  ];
  return words.length === 0 ? 'as exposed' : words.join(', ');
}
