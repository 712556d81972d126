import { compensation } from './light/compensation';
import { filters } from './light/filters';
import { patterns } from './light/patterns';
import { stops } from './light/stops';
import { subjects } from './light/subjects';
import { triangle } from './light/triangle';
import { white } from './light/white';
import type { Note } from './note';
import { brackets } from './raw/brackets';
import { browser } from './raw/browser';
import { clipping } from './raw/clipping';
import { histograms } from './raw/histograms';
import { iso } from './raw/iso';
import { rawLevelsNote } from './raw/levels';
import { noise } from './raw/noise';
import { pushingRight } from './raw/pushRight';
import { depth } from './sharp/depth';
import { focusStepsNote } from './sharp/focusSteps';
import { lamps } from './sharp/lamps';
import { motion } from './sharp/motion';
import { shake } from './sharp/shake';
import { stars } from './sharp/stars';
import { stepBack } from './sharp/stepBack';
export type { Figure, FigureLadder, FigureMark, FigureScale, FigureTone } from './figure';
export type { Note } from './note';

/** All notes, in the order in which one would learn. */
export const NOTES: readonly Note[] = [
  stops,
  triangle,
  subjects,
  patterns,
  compensation,
  histograms,
  clipping,
  pushingRight,
  iso,
  noise,
  shake,
  motion,
  stars,
  lamps,
  filters,
  depth,
  stepBack,
  focusStepsNote,
  brackets,
  white,
  rawLevelsNote,
  browser,
];

/** Note by id, or undefined. */
export const findNote = (id: string): Note | undefined => NOTES.find((note) => note.id === id);
