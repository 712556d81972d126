import { run } from './shots';

/** The same number for the same seed, between 0 and 1. */
export const random = (seed: number): number =>
  ((Math.imul(seed + 1, 2654435761) >>> 5) % 10007) / 10007;

/** What a script makes of trials, an outcome each: outside of Jest, where loops are fast. */
export const outcomesOf = <Trial, Outcome>(script: string, trials: readonly Trial[]): Outcome[] =>
  JSON.parse(
    run(process.execPath, ['--import', 'tsx', script, JSON.stringify(trials)]).toString(),
  ) as Outcome[];
