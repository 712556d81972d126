import { clipping } from './clipping';
import type { Finding, Rule, VerdictInput } from './finding';
import { heldApart } from './heldApart';
import { outOfRange } from './outOfRange';

export type { Finding, Repair, VerdictInput } from './finding';

const RULES: readonly Rule[] = [clipping, outOfRange, heldApart];

/** What the verdict line says when no rule has anything to say. */
export const ALL_IN_RANGE = 'All in range.';

/** Every finding, most important first. */
export const judge = (input: VerdictInput): readonly Finding[] =>
  RULES.map((rule) => rule(input))
    .filter((finding) => finding !== null)
    .sort((a, b) => b.weight - a.weight);
