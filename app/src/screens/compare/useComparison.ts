import { useEffect, useState } from 'react';
import type { ComparedFrames } from '../../frame/compareFrames';
import { takeFrameView, warmFrameViews } from '../../frame/frameViews';
import { dngOf, type ListedFrame } from '../../storage/madeFrame';

export interface Comparison {
  readonly compared: ComparedFrames | null;
  /** Why they are not compared. */
  readonly problem: string | null;
}

const NO_RAW = 'One of them is a finished picture without a raw: nothing to compare it by.';

/** Compares the raws of two frames, in a worker of their own. */
export function useComparison(a: ListedFrame, b: ListedFrame): Comparison {
  const [result, setResult] = useState<Comparison>({ compared: null, problem: null });
  const [first, second] = [a.record.id, b.record.id];
  useEffect(() => {
    const [fileA, fileB] = [dngOf(a), dngOf(b)];
    if (!fileA || !fileB) return;
    let left = false;
    const worker = takeFrameView();
    worker
      .call((api) => api.compare({ id: first, file: fileA }, { id: second, file: fileB }))
      .then(
        (compared) => !left && setResult({ compared, problem: null }),
        (error: unknown) =>
          !left &&
          setResult({
            compared: null,
            problem: error instanceof Error ? error.message : 'The raws could not be read.',
          }),
      )
      .finally(() => worker.end());
    return () => {
      left = true;
      worker.end();
      warmFrameViews();
    };
    // Decisions make frames anew; their raws stay what they are.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [first, second]);
  return dngOf(a) && dngOf(b) ? result : { compared: null, problem: NO_RAW };
}
