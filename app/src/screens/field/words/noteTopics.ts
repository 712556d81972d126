import type { Sheet, WhyPart } from '../session/fieldState';

/** Notes by what they explain: ids only, for the notes themselves are loaded when one is opened. */

const OF_SHEET: Readonly<Record<Exclude<Sheet, 'note'>, string>> = {
  camera: 'browser',
  meter: 'patterns',
  rig: 'filters',
  verdict: 'triangle',
  focus: 'depth',
  depth: 'step-back',
  white: 'white',
  marks: 'histograms',
  files: 'raw',
  light: 'browser',
  series: 'brackets',
  kits: 'compensation',
};

const OF_PART: Readonly<Record<WhyPart, string>> = {
  time: 'shake',
  iso: 'iso',
  comp: 'compensation',
  focus: 'depth',
  white: 'white',
  place: 'browser',
  meter: 'subjects',
  rig: 'step-back',
  files: 'raw',
  ladder: 'histograms',
  verdict: 'triangle',
  expose: 'raw',
};

const OF_FINDING: Readonly<Record<string, string>> = {
  clipping: 'clipping',
  crushed: 'noise',
  'held-apart': 'compensation',
  lamps: 'lamps',
  noise: 'noise',
  'out-of-range': 'triangle',
  'series-gap': 'focus-steps',
  'series-range': 'brackets',
  'series-shake': 'shake',
  shake: 'shake',
  smear: 'motion',
  trails: 'stars',
};

/** The note of a sheet. */
export const noteOfSheet = (sheet: Exclude<Sheet, 'note'>): string => OF_SHEET[sheet];

/** The note of something that tells a number. */
export const noteOfPart = (part: WhyPart): string => OF_PART[part];

/** The note of what the verdict found; that of exposure where it has none of its own. */
export const noteOfFinding = (id: string): string => OF_FINDING[id] ?? 'triangle';
