/** Milliseconds by stage. */
export type StageTimes = Record<string, number>;

/** Puts down how long each stage took, from one end to the next. */
export function stopWatch(): { readonly stages: StageTimes; end(stage: string): void } {
  const stages: StageTimes = {};
  let last = performance.now();
  return {
    stages,
    end(stage) {
      const now = performance.now();
      stages[stage] = now - last;
      last = now;
    },
  };
}

/** Leaves stages as User Timing measures, where developer tools and the benchmark find them. */
export function recordStages(work: string, stages: Readonly<StageTimes>): void {
  for (const [stage, duration] of Object.entries(stages))
    performance.measure(`velmo-${work}/${stage}`, { start: 0, duration });
}
