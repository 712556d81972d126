import { nominalKelvin } from '@velmo/core/colour';
import { formatSignedThirds, formatStops, nominalIso, nominalTime } from '@velmo/core/exposure';
import { distanceOf, findLens, formatDistance, type DistanceUnit } from '@velmo/core/optics';
import type { Settings } from '@velmo/core/settings';
import { seriesFrames } from '@velmo/core/series';
import { FILE_WORDS } from './fileWords';
import { PATTERN_WORDS } from './patternWords';
import { seriesWords } from './seriesWords';

/** What words about settings depend on besides. */
export interface WordsFor {
  readonly unit: DistanceUnit;
  /** Half the length of what looks sharp, in dioptres; null where the lens is not known. */
  readonly sharpHalfWidth: (settings: Settings) => number | null;
}

/** One thing that is set: what it is called, where its value does not say so, and its value. */
interface Aspect {
  readonly name: string;
  readonly value: (settings: Settings, words: WordsFor) => string;
}

const PACES: Readonly<Record<Settings['subject'], string>> = {
  scene: 'as the place knows',
  still: 'still',
  walking: 'walking',
  running: 'running',
  vehicle: 'vehicle',
};

/** In the order they are told: what decides the picture most first. */
const ASPECTS: readonly Aspect[] = [
  {
    name: 'Time',
    value: ({ time: t }) => (t.mode === 'held' ? `${nominalTime(t.click)} s` : 'auto'),
  },
  { name: 'ISO', value: ({ iso }) => (iso.mode === 'held' ? nominalIso(iso.click) : 'auto') },
  { name: 'Comp', value: ({ compClicks }) => formatSignedThirds(compClicks) },
  { name: 'Meter', value: ({ meter }) => PATTERN_WORDS[meter.pattern] },
  {
    name: 'Focus',
    value: ({ focus }, { unit }) =>
      focus.mode === 'held' ? formatDistance(distanceOf(focus.dioptres), unit) : 'auto',
  },
  {
    name: 'White',
    value: ({ white }) => (white.mode === 'held' ? `${nominalKelvin(white.kelvin)} K` : 'auto'),
  },
  {
    name: '',
    value: ({ lens, crop }) => {
      const focal = findLens(lens)?.focalLength35Mm;
      return focal === undefined ? `zoom ${crop.toFixed(1)}×` : `${Math.round(focal * crop)} mm`;
    },
  },
  { name: '', value: ({ support }) => (support === 'tripod' ? 'tripod' : 'hand-held') },
  { name: '', value: ({ filterStops }) => (filterStops > 0 ? `ND ${filterStops}` : 'no filter') },
  {
    name: '',
    value: (settings, { sharpHalfWidth }) => {
      const { series } = settings;
      const words = seriesWords(series, seriesFrames(settings, sharpHalfWidth(settings)));
      return series.kind === 'bracket'
        ? `${words}, ${formatStops(series.stepClicks)} apart`
        : words;
    },
  },
  { name: 'Delay', value: ({ delayS }) => (delayS > 0 ? `${delayS} s` : 'off') },
  { name: 'Stabiliser', value: ({ stabiliserStops: n }) => (n > 0 ? `${n} stops` : 'off') },
  { name: 'Torch', value: ({ torch }) => (torch ? 'on' : 'off') },
  { name: 'Flash', value: ({ flash }) => (flash === 'off' ? 'off' : `at the ${flash}`) },
  { name: 'Subject', value: ({ subject }) => PACES[subject] },
  { name: 'Mains', value: ({ mainsHz }) => `${mainsHz} Hz` },
  { name: '', value: ({ files }) => FILE_WORDS[files] },
  { name: '', value: ({ sizeMp }) => `${sizeMp} MP` },
  { name: 'JPEG quality', value: ({ jpegQuality }) => `${jpegQuality}` },
  { name: 'Shape', value: ({ aspect }) => aspect },
  { name: '', value: ({ average }) => (average > 1 ? `average of ${average}` : 'no average') },
];

/** "Time 1/125 s" */
const named = (name: string, value: string): string => (name ? `${name} ${value}` : value);

/** What two settings differ in, as the later ones are: "Time 1/125 s", "tripod". */
export function changedWords(before: Settings, after: Settings, words: WordsFor): string[] {
  return ASPECTS.flatMap(({ name, value }) => {
    const now = value(after, words);
    return now === value(before, words) ? [] : [named(name, now)];
  });
}

/** What was asked for and what is there instead. */
export interface Instead {
  /** "Time 1/60 s" */
  readonly got: string;
  /** "Time 1/60 s instead of 1/125 s" */
  readonly words: string;
}

/** Where settings differ from what was asked for; what was left to the camera was not. */
export function insteadWords(wanted: Settings, got: Settings, words: WordsFor): Instead[] {
  return ASPECTS.flatMap(({ name, value }) => {
    const [asked, given] = [value(wanted, words), value(got, words)];
    if (asked === given || asked === 'auto') return [];
    return [{ got: named(name, given), words: `${named(name, given)} instead of ${asked}` }];
  });
}
