/** One benchmark: ours against a peer doing the same in the same run. */
export interface Result {
  readonly name: string;
  readonly ours: number;
  /** Null where there is nothing to compare with: a figure is only reported. */
  readonly peer: number | null;
  readonly unit: string;
  /** peer / ours: above 1 = we are faster. */
  readonly ratio: number | null;
  readonly note: string;
}

export const compared = (
  name: string,
  ours: number,
  peer: number,
  unit: string,
  note: string,
): Result => ({
  name,
  ours: round(ours),
  peer: round(peer),
  unit,
  ratio: round(peer / ours),
  note,
});

export const reported = (name: string, ours: number, unit: string, note: string): Result => ({
  name,
  ours: round(ours),
  peer: null,
  unit,
  ratio: null,
  note,
});

const round = (v: number): number => Number(v.toPrecision(4));

/**
 * Median milliseconds of a piece of work and its peer, taken in turns so that both see the same
 * machine.
 */
export function inTurns(
  ours: () => void,
  peer: () => void,
  rounds: number,
  warmUp = 3,
): { ours: number; peer: number } {
  const times = { ours: [] as number[], peer: [] as number[] };
  const time = (work: () => void): number => {
    const start = performance.now();
    work();
    return performance.now() - start;
  };
  // The first rounds warm up both: their code is still being optimised.
  for (let i = 0; i < warmUp; i++) {
    ours();
    peer();
  }
  for (let i = 0; i < rounds; i++) {
    times.ours.push(time(ours));
    times.peer.push(time(peer));
  }
  return { ours: median(times.ours), peer: median(times.peer) };
}

export const median = (values: number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

/** The value under which a share of all of them lies. */
export const percentile = (values: number[], p: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * p))];
