import type { Finding } from '@velmo/core/verdict';

/** Readings in a row that have to find something else before it is said. */
const AGREEING = 4;

const idsOf = (findings: readonly Finding[]): string => findings.map(({ id }) => id).join();

/**
 * What was found, held against noise: a finding that a single noisy reading brings or takes away
 * would move the ways out under a finger. After a change of settings the first reading is said at
 * once, and so is what a standing finding says in numbers.
 *
 * @returns takes what a reading found and the settings it was made with, by their number; says what
 *   to say
 */
export function steadyFindings(): (
  found: readonly Finding[],
  applied: number,
) => readonly Finding[] {
  let said: readonly Finding[] = [];
  let saidApplied: number | null = null;
  let others = 0;
  return (found, applied) => {
    const agrees = applied !== saidApplied || idsOf(found) === idsOf(said);
    others = agrees ? 0 : others + 1;
    if (agrees || others === AGREEING) {
      [said, saidApplied, others] = [found, applied, 0];
    }
    return said;
  };
}
