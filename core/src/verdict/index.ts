import { clipping } from './clipping';
import { crushed } from './crushed';
import type { Finding, Rule, VerdictInput } from './finding';
import { flash } from './flash';
import { heldApart } from './heldApart';
import { lamps } from './lamps';
import { noise } from './noise';
import { outOfRange } from './outOfRange';
import { seriesGap } from './series/seriesGap';
import { seriesLate } from './series/seriesLate';
import { seriesLight } from './series/seriesLight';
import { seriesMoves } from './series/seriesMoves';
import { seriesRange } from './series/seriesRange';
import { seriesRoom } from './series/seriesRoom';
import { seriesRunsOut } from './series/seriesRunsOut';
import { seriesShake } from './series/seriesShake';
import { shake } from './shake';
import { smear } from './smear';
import { trails } from './trails';

export type { Finding, Repair, SeriesForecast, VerdictInput } from './finding';

const RULES: readonly Rule[] = [
  outOfRange,
  clipping,
  shake,
  trails,
  lamps,
  heldApart,
  smear,
  noise,
  crushed,
  flash,
  seriesRange,
  seriesRunsOut,
  seriesShake,
  seriesMoves,
  seriesGap,
  seriesLate,
  seriesLight,
  seriesRoom,
];

/** What the verdict line says when no rule has anything to say. */
export const ALL_IN_RANGE = 'All in range.';

/** Every finding, most important first. */
export const judge = (input: VerdictInput): readonly Finding[] =>
  RULES.map((rule) => rule(input))
    .filter((finding) => finding !== null)
    .sort((a, b) => b.weight - a.weight);
